<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Another leaving mark that the trainer writes for a person and a rung: rows are events, the newest of a rung holds. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('rung_marks', function (Blueprint $table): void {
            $table->char('id', 26)->charset('ascii')->collation('ascii_bin')->primary();
            $table->char('practice_id', 26)->charset('ascii')->collation('ascii_bin');
            $table->foreign('practice_id')->references('id')->on('practices');
            $table->char('person_id', 26)->charset('ascii')->collation('ascii_bin');
            $table->foreign('person_id')->references('id')->on('people');
            $table->string('rung', 130);
            $table->unsignedSmallInteger('target')->nullable()->comment('of a set, in the unit of the rung; null where it was taken back');
            $table->text('reason')->comment('encrypted');
            $table->date('written_on');
            $table->string('time_zone', 64);
            $table->char('user_id', 26)->charset('ascii')->collation('ascii_bin');
            $table->unsignedBigInteger('sequence');
            $table->timestamps();
            $table->index(['person_id', 'sequence']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('rung_marks');
    }
};
