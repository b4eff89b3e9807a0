<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * A training is told by its device event by event, in any order; the log that counts is made of them. Logs of before
 * came whole and stay as they are.
 */
return new class extends Migration {
    public function up(): void
    {
        $id = static fn(Blueprint $table, string $name) => $table->char($name, 26)->charset('ascii')->collation('ascii_bin');
        Schema::create('trainings', function (Blueprint $table) use ($id): void {
            $id($table, 'id')->primary();
            $id($table, 'practice_id');
            $table->foreign('practice_id')->references('id')->on('practices');
            $id($table, 'person_id');
            $table->foreign('person_id')->references('id')->on('people');
            $id($table, 'training_session_id');
            $table->foreign('training_session_id')->references('id')->on('training_sessions');
            $id($table, 'device');
            $table->date('done_on');
            $table->string('time_zone', 64);
            $table->unsignedBigInteger('started_at')->comment('milliseconds since 1970, UTC, put right where the clock of the device was off');
            $table->unsignedInteger('sets')->default(0)->comment('that were told');
            $table->boolean('ended')->default(false);
            $id($table, 'same_as')->nullable()->comment('training this one is');
            $id($table, 'asked_of')->nullable()->comment('training of another device it is asked about');
            $table->string('waits', 10)->nullable()->comment('what has to be said before it counts as told');
            $id($table, 'user_id');
            $table->unsignedBigInteger('sequence')->comment('microseconds since 1970, UTC');
            $table->index(['person_id', 'waits']);
            $table->index(['person_id', 'training_session_id', 'done_on']);
            $table->index('same_as');
        });
        Schema::create('training_events', function (Blueprint $table) use ($id): void {
            $id($table, 'id')->primary();
            $id($table, 'practice_id')->index();
            $id($table, 'training_id');
            $table->foreign('training_id')->references('id')->on('trainings')->cascadeOnDelete();
            $table->text('told')->comment('encrypted');
            $id($table, 'user_id');
            $table->unsignedBigInteger('sequence')->comment('microseconds since 1970, UTC');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('training_events');
        Schema::dropIfExists('trainings');
    }
};
