<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Each change of a method is an event: stored sessions are judged by today's answers, so a change is said. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('method_changes', function (Blueprint $table): void {
            $table->char('id', 26)->charset('ascii')->collation('ascii_bin')->primary();
            $table->char('practice_id', 26)->charset('ascii')->collation('ascii_bin');
            $table->foreign('practice_id')->references('id')->on('practices');
            $table->enum('level', ['practice', 'trainer', 'person', 'program']);
            $table->char('owner_id', 26)->charset('ascii')->collation('ascii_bin');
            $table->string('question', 40);
            $table->string('answer', 60)->nullable()->comment('null where it is inherited again');
            $table->date('changed_on');
            $table->string('time_zone', 64);
            $table->char('user_id', 26)->charset('ascii')->collation('ascii_bin');
            $table->unsignedBigInteger('sequence');
            $table->timestamps();
            $table->index(['owner_id', 'sequence']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('method_changes');
    }
};
