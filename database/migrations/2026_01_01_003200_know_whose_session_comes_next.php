<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Lists know on which day the next session of a person is placed, so that devices can keep those of today and tomorrow. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('person_lines', function (Blueprint $table): void {
            $table->date('next_on')->nullable()->after('last_done')->comment('of the next session that is placed, two weeks ahead at most');
            $table->index(['practice_id', 'archived', 'stop', 'next_on']);
        });
        // What is kept does not say it: it is made anew at the next looking.
        DB::table('person_lines')->update(['until' => '2000-01-01']);
        DB::table('practices')->update(['lines_fresh' => '']);
    }

    public function down(): void
    {
        Schema::table('person_lines', function (Blueprint $table): void {
            $table->dropIndex(['practice_id', 'archived', 'stop', 'next_on']);
            $table->dropColumn('next_on');
        });
    }
};
