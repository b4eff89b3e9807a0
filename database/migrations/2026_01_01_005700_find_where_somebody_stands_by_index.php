<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The newest placing of each ladder and side is asked for at every change in the composer, however many there were before. */
return new class extends Migration {
    private const COLUMNS = ['person_id', 'undone_at', 'ladder', 'side', 'sequence'];

    public function up(): void
    {
        Schema::table('placements', static fn(Blueprint $table) => $table->index(self::COLUMNS, 'placements_standing_index'));
    }

    public function down(): void
    {
        Schema::table('placements', static fn(Blueprint $table) => $table->dropIndex('placements_standing_index'));
    }
};
