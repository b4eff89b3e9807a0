<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Squads: people of a practice who train on one clock; and which written session of a person is theirs in a squad. Sessions of before are of none. */
return new class extends Migration {
    public function up(): void
    {
        $id = static fn(Blueprint $table, string $name) => $table->char($name, 26)->charset('ascii')->collation('ascii_bin');
        Schema::create('squads', static function (Blueprint $table) use ($id): void {
            $id($table, 'id')->primary();
            $id($table, 'practice_id');
            $table->foreign('practice_id')->references('id')->on('practices');
            $table->string('name', 80);
            $table->json('stations')->comment('slugs of ladders, in order');
            $table->unsignedSmallInteger('work_seconds');
            $table->unsignedSmallInteger('change_seconds');
            $table->unsignedSmallInteger('rounds');
            $table->unsignedSmallInteger('round_rest_seconds');
            $table->unsignedInteger('version');
            $table->timestamps();
            $table->softDeletes();
            $table->index(['practice_id', 'deleted_at', 'name']);
        });
        Schema::create('squad_members', static function (Blueprint $table) use ($id): void {
            $id($table, 'id')->primary();
            $id($table, 'practice_id');
            $table->foreign('practice_id')->references('id')->on('practices');
            $id($table, 'squad_id');
            $table->foreign('squad_id')->references('id')->on('squads');
            $id($table, 'person_id');
            $table->foreign('person_id')->references('id')->on('people');
            $table->unsignedSmallInteger('place')->comment('in line');
            $table->date('away_on')->nullable()->comment('the day on which they are not here');
            $table->unique(['squad_id', 'person_id']);
        });
        Schema::table('training_sessions', static function (Blueprint $table) use ($id): void {
            $id($table, 'squad_id')->nullable()->comment('whose session of a squad it is');
            $table->foreign('squad_id')->references('id')->on('squads');
            $table->unique(['person_id', 'squad_id'], 'training_sessions_of_squad');
            $table->index(['person_id', 'squad_id', 'id'], 'training_sessions_at_hand');
        });
    }

    public function down(): void
    {
        Schema::table('training_sessions', static function (Blueprint $table): void {
            $table->dropForeign(['squad_id']);
            $table->dropIndex('training_sessions_at_hand');
            $table->dropUnique('training_sessions_of_squad');
            $table->dropColumn('squad_id');
        });
        Schema::dropIfExists('squad_members');
        Schema::dropIfExists('squads');
    }
};
