<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * People and everything that happens to them. `sequence` is the microsecond at which a row was recorded:
 * it orders placings, logs, signs and clearances against each other. Local dates are the practice's.
 */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('people', function (Blueprint $table): void {
            $this->owned($table, person: false);
            $table->string('name', 120);
            $table->string('about', 160)->default('');
            $table->string('aim', 40);
            $table->json('training_days');
            $table->unsignedSmallInteger('minutes');
            $table->json('kit');
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
            $table->index(['practice_id', 'name']);
        });
        Schema::create('person_limits', function (Blueprint $table): void {
            $this->owned($table);
            $table->string('state', 40);
            $table->enum('side', ['left', 'right', 'both']);
            $table->text('note')->nullable()->comment('encrypted');
            $table->date('since');
            $table->date('lifted_on')->nullable();
            $table->timestamps();
        });
        Schema::create('screenings', function (Blueprint $table): void {
            $this->owned($table);
            $table->text('answers')->comment('encrypted: the danger signs answered with yes');
            $table->enum('urgency', ['emergency', 'same-day', 'before-training'])->nullable()->comment('most urgent sign; null when none');
            $this->happened($table, 'answered_on');
        });
        Schema::create('clearances', function (Blueprint $table): void {
            $this->owned($table);
            $table->text('clinician')->comment('encrypted');
            $table->text('scope')->comment('encrypted');
            $table->date('from');
            $table->date('until');
            $this->happened($table, 'recorded_on');
        });
        Schema::create('placements', function (Blueprint $table): void {
            $this->owned($table);
            $table->string('ladder', 60);
            $table->enum('side', ['left', 'right', 'both']);
            $table->string('rung', 130);
            $table->json('rung_snapshot');
            $table->string('library_version', 16);
            $table->boolean('stopped')->default(false);
            $table->string('reason', 300)->default('');
            $table->char('decision_id', 26)->charset('ascii')->collation('ascii_bin')->nullable();
            $this->happened($table, 'placed_on');
            $table->dateTime('undone_at')->nullable();
            $table->index(['person_id', 'ladder', 'sequence']);
        });
        Schema::create('training_sessions', function (Blueprint $table): void {
            $this->owned($table);
            $table->string('title', 120);
            $table->json('blocks');
            $table->json('rung_snapshots');
            $table->string('library_version', 16);
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
        });
        Schema::create('session_logs', function (Blueprint $table): void {
            $this->owned($table);
            $table->char('training_session_id', 26)->charset('ascii')->collation('ascii_bin');
            $table->foreign('training_session_id')->references('id')->on('training_sessions');
            $table->string('title', 120);
            $table->json('rung_snapshots');
            $table->string('library_version', 16);
            $table->unsignedInteger('seconds')->nullable()->comment('from start to end as it went');
            $this->happened($table, 'done_on');
        });
        Schema::create('set_logs', function (Blueprint $table): void {
            $table->id();
            $table->char('practice_id', 26)->charset('ascii')->collation('ascii_bin')->index();
            $table->char('session_log_id', 26)->charset('ascii')->collation('ascii_bin');
            $table->foreign('session_log_id')->references('id')->on('session_logs')->cascadeOnDelete();
            $table->string('item', 40);
            $table->string('rung', 130);
            $table->string('dose', 120);
            $table->unsignedTinyInteger('set_number');
            $table->unsignedSmallInteger('done_both')->nullable();
            $table->unsignedSmallInteger('done_left')->nullable();
            $table->unsignedSmallInteger('done_right')->nullable();
            $table->json('form');
            $table->unsignedTinyInteger('pain')->nullable();
            $table->unsignedTinyInteger('effort')->nullable();
            $table->boolean('travelling_pain')->default(false);
            $table->boolean('felt_wrong')->default(false);
            $table->text('pain_note')->nullable()->comment('encrypted');
            $table->unique(['session_log_id', 'item', 'set_number']);
        });
        Schema::create('mornings', function (Blueprint $table): void {
            $this->owned($table);
            $table->char('session_log_id', 26)->charset('ascii')->collation('ascii_bin');
            $table->foreign('session_log_id')->references('id')->on('session_logs');
            $table->string('ladder', 60);
            $table->unsignedTinyInteger('pain');
            $table->boolean('worse');
            $this->happened($table, 'answered_on');
        });
        Schema::create('decisions', function (Blueprint $table): void {
            $this->owned($table);
            $table->char('session_log_id', 26)->charset('ascii')->collation('ascii_bin');
            $table->foreign('session_log_id')->references('id')->on('session_logs');
            $table->string('ladder', 60);
            $table->enum('side', ['left', 'right', 'both']);
            $table->string('rung', 130);
            $table->json('rung_snapshot');
            $table->string('library_version', 16);
            $table->string('proposed', 20);
            $table->json('reasons');
            $table->string('choice', 20);
            $table->string('to_rung', 130)->nullable();
            $table->string('choice_reason', 300)->default('');
            $table->dateTime('taken_back_at')->nullable();
            $this->happened($table, 'decided_on');
            $table->index(['person_id', 'ladder', 'sequence']);
        });
    }

    public function down(): void
    {
        foreach (['decisions', 'mornings', 'set_logs', 'session_logs', 'training_sessions', 'placements', 'clearances', 'screenings', 'person_limits', 'people'] as $table) {
            Schema::dropIfExists($table);
        }
    }

    private function owned(Blueprint $table, bool $person = true): void
    {
        $table->char('id', 26)->charset('ascii')->collation('ascii_bin')->primary();
        $table->char('practice_id', 26)->charset('ascii')->collation('ascii_bin');
        $table->foreign('practice_id')->references('id')->on('practices');
        if ($person) {
            $table->char('person_id', 26)->charset('ascii')->collation('ascii_bin');
            $table->foreign('person_id')->references('id')->on('people');
        }
    }

    private function happened(Blueprint $table, string $localDate): void
    {
        $table->date($localDate)->comment('local date of the practice');
        $table->string('time_zone', 60);
        $table->char('user_id', 26)->charset('ascii')->collation('ascii_bin')->nullable();
        $table->foreign('user_id')->references('id')->on('users');
        $table->unsignedBigInteger('sequence')->comment('microseconds, UTC');
    }
};
