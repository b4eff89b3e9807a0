<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Answers of a trainer, a person and a person's program, nearer than those of the practice; and a person has a trainer.
 * Whoever was there before goes to the practice's first user. A program says until when it holds.
 */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('own_methods', function (Blueprint $table): void {
            $table->char('id', 26)->charset('ascii')->collation('ascii_bin')->primary();
            $table->char('practice_id', 26)->charset('ascii')->collation('ascii_bin');
            $table->foreign('practice_id')->references('id')->on('practices');
            $table->enum('level', ['trainer', 'person', 'program']);
            $table->char('owner_id', 26)->charset('ascii')->collation('ascii_bin')->comment('of the trainer, or of the person; a program is found by its person');
            $table->text('answers')->comment('answer by question');
            $table->unsignedInteger('version');
            $table->timestamps();
            $table->unique(['owner_id', 'level']);
        });
        Schema::table('people', function (Blueprint $table): void {
            $table->char('trainer_id', 26)->charset('ascii')->collation('ascii_bin')->nullable();
            $table->foreign('trainer_id')->references('id')->on('users');
        });
        DB::table('people')->update(['trainer_id' => DB::raw('(SELECT MIN(users.id) FROM users WHERE users.practice_id = people.practice_id)')]);
        Schema::table('programs', function (Blueprint $table): void {
            $table->date('ends_on')->nullable();
        });
        foreach (DB::table('programs')->get(['id', 'weeks']) as $program) {
            DB::table('programs')->where('id', $program->id)->update(['ends_on' => $this->end((string) $program->weeks)]);
        }
    }

    public function end(string $weeks): ?string
    {
        $mondays = array_filter(array_column((array) json_decode($weeks, true), 'monday'), is_string(...));

        return $mondays === [] ? null : (new DateTimeImmutable(max($mondays)))->modify('+6 days')->format('Y-m-d');
    }

    public function down(): void
    {
        Schema::table('programs', function (Blueprint $table): void {
            $table->dropColumn('ends_on');
        });
        Schema::table('people', function (Blueprint $table): void {
            $table->dropForeign(['trainer_id']);
            $table->dropColumn('trainer_id');
        });
        Schema::dropIfExists('own_methods');
    }
};
