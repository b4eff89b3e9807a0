<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What a session came to is kept in brief beside it, so that the rules' window is found by index and nobody's years are
 * read whole: which ladders it was on, what its load rests on, whether pain may have stopped something.
 */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('session_logs', function (Blueprint $table): void {
            $table->boolean('stops')->default(false)->comment('pain of it, or of the morning after, may have stopped something');
            $table->unsignedSmallInteger('effort_sum')->default(0)->comment('of the efforts told');
            $table->unsignedSmallInteger('efforts_told')->default(0);
            $table->index(['person_id', 'done_on', 'sequence']);
            $table->index(['person_id', 'stops', 'done_on', 'sequence']);
        });
        Schema::create('log_ladders', function (Blueprint $table): void {
            $table->char('session_log_id', 26)->charset('ascii')->collation('ascii_bin');
            $table->foreign('session_log_id')->references('id')->on('session_logs')->cascadeOnDelete();
            $table->string('ladder', 60);
            $table->char('person_id', 26)->charset('ascii')->collation('ascii_bin');
            $table->date('done_on');
            $table->unsignedBigInteger('sequence');
            $table->unsignedSmallInteger('sets');
            $table->json('rungs')->comment('slugs');
            $table->primary(['session_log_id', 'ladder']);
            $table->index(['person_id', 'ladder', 'done_on', 'sequence']);
        });
        Schema::table('programs', function (Blueprint $table): void {
            $table->date('begins_on')->nullable()->after('ends_on')->comment('first day of its first week');
        });
        Schema::table('training_sessions', function (Blueprint $table): void {
            $table->index(['person_id', 'id']);
            $table->index(['person_id', 'program_monday']);
            $table->index(['practice_id', 'updated_at']);
        });
        Schema::table('decisions', function (Blueprint $table): void {
            $table->index(['person_id', 'sequence']);
            $table->index(['person_id', 'choice']);
        });
        Schema::table('placements', function (Blueprint $table): void {
            $table->index(['person_id', 'sequence']);
        });
        $this->fill();
    }

    /** What was logged before is found too. */
    public function fill(): void
    {
        DB::statement("INSERT INTO log_ladders (session_log_id, ladder, person_id, done_on, sequence, sets, rungs)
            SELECT l.id, SUBSTRING_INDEX(s.rung, '/', 1) AS step, l.person_id, l.done_on, l.sequence, COUNT(*), JSON_ARRAYAGG(DISTINCT s.rung)
            FROM session_logs l JOIN set_logs s ON s.session_log_id = l.id GROUP BY l.id, step, l.person_id, l.done_on, l.sequence");
        DB::statement('UPDATE session_logs l JOIN (
                SELECT session_log_id, COALESCE(SUM(effort), 0) AS total, COUNT(effort) AS told, MAX(pain > 5 OR travelling_pain) AS stops FROM set_logs GROUP BY session_log_id
            ) s ON s.session_log_id = l.id SET l.effort_sum = s.total, l.efforts_told = s.told, l.stops = COALESCE(s.stops, 0)');
        DB::statement('UPDATE session_logs l JOIN mornings m ON m.session_log_id = l.id SET l.stops = 1 WHERE m.worse = 1 OR m.pain > 5');
        foreach (DB::table('programs')->select('id', 'weeks')->orderBy('id')->cursor() as $row) {
            $mondays = array_column((array) json_decode((string) $row->weeks, true), 'monday');
            DB::table('programs')->where('id', $row->id)->update(['begins_on' => $mondays === [] ? null : min($mondays)]);
        }
    }

    public function down(): void
    {
        // Foreign keys lean on the new indexes: each gets one of its own again first.
        Schema::table('placements', function (Blueprint $table): void {
            $table->dropIndex(['person_id', 'sequence']);
        });
        Schema::table('decisions', function (Blueprint $table): void {
            $table->dropIndex(['person_id', 'sequence']);
            $table->dropIndex(['person_id', 'choice']);
        });
        Schema::table('training_sessions', function (Blueprint $table): void {
            $table->index('person_id');
            $table->index('practice_id');
        });
        Schema::table('training_sessions', function (Blueprint $table): void {
            $table->dropIndex(['person_id', 'id']);
            $table->dropIndex(['person_id', 'program_monday']);
            $table->dropIndex(['practice_id', 'updated_at']);
        });
        Schema::table('programs', function (Blueprint $table): void {
            $table->dropColumn('begins_on');
        });
        Schema::dropIfExists('log_ladders');
        Schema::table('session_logs', function (Blueprint $table): void {
            $table->index('person_id');
        });
        Schema::table('session_logs', function (Blueprint $table): void {
            $table->dropIndex(['person_id', 'done_on', 'sequence']);
            $table->dropIndex(['person_id', 'stops', 'done_on', 'sequence']);
            $table->dropColumn(['stops', 'effort_sum', 'efforts_told']);
        });
    }
};
