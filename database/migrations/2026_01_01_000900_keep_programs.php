<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Programs: every version is kept, the newest holds. Sessions written from one say for which week and place. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('programs', function (Blueprint $table): void {
            $table->char('id', 26)->charset('ascii')->collation('ascii_bin')->primary();
            $table->char('practice_id', 26)->charset('ascii')->collation('ascii_bin');
            $table->foreign('practice_id')->references('id')->on('practices');
            $table->char('person_id', 26)->charset('ascii')->collation('ascii_bin');
            $table->foreign('person_id')->references('id')->on('people');
            $table->json('wish')->comment('what was asked for');
            $table->json('weeks')->comment('what is planned, weeks accepted in part among them');
            $table->json('rung_names')->comment('names and heights of its rungs when it was made');
            $table->string('library_version', 40);
            $table->string('why', 200);
            $table->date('made_on');
            $table->string('time_zone', 64);
            $table->char('user_id', 26)->charset('ascii')->collation('ascii_bin');
            $table->unsignedBigInteger('sequence');
            $table->timestamps();
            $table->index(['person_id', 'sequence']);
        });
        Schema::table('training_sessions', function (Blueprint $table): void {
            $table->date('program_monday')->nullable();
            $table->string('program_slot', 40)->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('training_sessions', function (Blueprint $table): void {
            $table->dropColumn(['program_monday', 'program_slot']);
        });
        Schema::dropIfExists('programs');
    }
};
