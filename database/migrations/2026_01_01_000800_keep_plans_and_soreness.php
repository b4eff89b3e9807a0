<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The week of a person's core sessions with what is different in single weeks, and soreness told on the day. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('plans', function (Blueprint $table): void {
            $table->char('id', 26)->charset('ascii')->collation('ascii_bin')->primary();
            $table->char('practice_id', 26)->charset('ascii')->collation('ascii_bin');
            $table->foreign('practice_id')->references('id')->on('practices');
            $table->char('person_id', 26)->charset('ascii')->collation('ascii_bin')->unique();
            $table->foreign('person_id')->references('id')->on('people');
            $table->json('slots')->comment('core sessions of every week');
            $table->json('moves')->comment('sessions elsewhere in single weeks');
            $table->json('away')->comment('dates without training');
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
        });
        Schema::create('soreness_answers', function (Blueprint $table): void {
            $table->char('id', 26)->charset('ascii')->collation('ascii_bin')->primary();
            $table->char('practice_id', 26)->charset('ascii')->collation('ascii_bin');
            $table->foreign('practice_id')->references('id')->on('practices');
            $table->char('person_id', 26)->charset('ascii')->collation('ascii_bin');
            $table->foreign('person_id')->references('id')->on('people');
            $table->date('day');
            $table->unsignedTinyInteger('of_ten');
            $table->string('time_zone', 64);
            $table->char('user_id', 26)->charset('ascii')->collation('ascii_bin');
            $table->unsignedBigInteger('sequence');
            $table->index(['person_id', 'day']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('soreness_answers');
        Schema::dropIfExists('plans');
    }
};
