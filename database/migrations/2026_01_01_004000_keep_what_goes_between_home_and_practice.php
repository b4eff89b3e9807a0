<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * What a person tells from home beside their trainings, and what is answered; how they may be written to, and what was sent;
 * and the stages in which a sheet grows.
 */
return new class extends Migration {
    public function up(): void
    {
        $id = static fn(Blueprint $table, string $name) => $table->char($name, 26)->charset('ascii')->collation('ascii_bin');
        $own = static function (Blueprint $table) use ($id): void {
            $id($table, 'practice_id');
            $table->foreign('practice_id')->references('id')->on('practices');
            $id($table, 'person_id');
            $table->foreign('person_id')->references('id')->on('people');
        };
        Schema::create('home_notes', static function (Blueprint $table) use ($id, $own): void {
            $id($table, 'id')->primary();
            $own($table);
            $table->string('kind', 20);
            $table->string('reason', 20)->nullable();
            $table->text('text')->nullable()->comment('encrypted');
            $id($table, 'training_session_id')->nullable();
            $table->date('on_day');
            $table->timestamp('settled_at')->nullable();
            $table->timestamp('seen_at')->nullable()->comment('of an answer: by the person');
            $id($table, 'user_id');
            $table->string('time_zone', 64);
            $table->unsignedBigInteger('sequence');
            $table->index(['person_id', 'kind', 'settled_at']);
            $table->index(['person_id', 'sequence']);
        });
        Schema::create('home_contacts', static function (Blueprint $table) use ($id, $own): void {
            $id($table, 'id')->primary();
            $own($table);
            $table->unique('person_id');
            $table->text('mail')->nullable()->comment('encrypted');
            $table->text('phone')->nullable()->comment('encrypted');
            $table->boolean('by_mail')->default(false);
            $table->boolean('by_text')->default(false);
            $table->boolean('reminders')->default(true)->comment('on training days');
            $table->boolean('mornings')->default(true)->comment('the question of the morning after');
            $table->date('agreed_on')->nullable();
            $table->timestamp('ended_at')->nullable()->comment('by the person');
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
        });
        Schema::create('home_messages', static function (Blueprint $table) use ($id, $own): void {
            $id($table, 'id')->primary();
            $own($table);
            $table->string('kind', 20);
            $table->string('about', 60)->comment('each is said once');
            $table->string('way', 8);
            $id($table, 'user_id')->nullable()->comment('trainer it goes to; the person where null');
            $table->timestamp('due_at');
            $table->timestamp('sent_at')->nullable();
            $table->timestamp('failed_at')->nullable();
            $table->timestamp('settled_at')->nullable()->comment('a failure the trainer has seen');
            $table->timestamps();
            $table->unique(['person_id', 'kind', 'about', 'way']);
            $table->index(['person_id', 'failed_at', 'settled_at']);
        });
        Schema::create('set_corrections', static function (Blueprint $table) use ($id): void {
            $id($table, 'id')->primary();
            $id($table, 'practice_id');
            $table->foreign('practice_id')->references('id')->on('practices');
            $id($table, 'session_log_id')->index();
            $table->string('item', 40);
            $table->unsignedTinyInteger('set_number');
            $table->text('before')->comment('encrypted: as it was told');
            $id($table, 'user_id');
            $table->date('corrected_on');
            $table->unsignedBigInteger('sequence');
        });
        Schema::table('practices', static fn(Blueprint $table) => $table->date('home_round_on')->nullable()->comment('the day on which everybody was looked at who is to be reminded'));
        Schema::create('sheet_stages', static function (Blueprint $table) use ($id, $own): void {
            $id($table, 'id')->primary();
            $own($table);
            $id($table, 'training_session_id')->index();
            $table->string('kind', 20);
            $table->string('after', 10)->comment('days or sessions');
            $table->unsignedSmallInteger('count');
            $table->date('begins_on');
            $table->date('due_on')->nullable()->comment('null until so many sessions are done');
            $table->string('item', 40)->nullable()->comment('exercise it changes');
            $table->string('rung', 120)->nullable();
            $table->string('dose', 200)->nullable();
            $table->text('message')->nullable()->comment('encrypted');
            $table->date('came_on')->nullable();
            $table->string('held', 400)->nullable()->comment('why it was held back');
            $table->timestamp('settled_at')->nullable()->comment('of a follow-up or a re-test that came: by the trainer');
            $id($table, 'user_id');
            $table->unsignedBigInteger('sequence');
            $table->timestamps();
            $table->index(['person_id', 'came_on', 'due_on']);
            $table->index(['came_on', 'due_on']);
        });
    }

    public function down(): void
    {
        Schema::table('practices', static fn(Blueprint $table) => $table->dropColumn('home_round_on'));
        foreach (['set_corrections', 'sheet_stages', 'home_messages', 'home_contacts', 'home_notes'] as $name) {
            Schema::dropIfExists($name);
        }
    }
};
