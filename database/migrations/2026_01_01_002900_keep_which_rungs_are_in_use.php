<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Rungs that something in the practice rests on: they cannot be taken out of a ladder, and nobody's years are read to know it. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('rungs_used', function (Blueprint $table): void {
            $table->char('practice_id', 26)->charset('ascii')->collation('ascii_bin');
            $table->foreign('practice_id')->references('id')->on('practices');
            $table->string('rung', 130);
            $table->primary(['practice_id', 'rung']);
        });
        $this->fill();
    }

    public function fill(): void
    {
        foreach ([['placements', 'rung'], ['decisions', 'rung'], ['decisions', 'to_rung'], ['set_logs', 'rung']] as [$table, $column]) {
            DB::statement("INSERT IGNORE INTO rungs_used SELECT DISTINCT practice_id, {$column} FROM {$table} WHERE {$column} IS NOT NULL");
        }
        DB::statement("INSERT IGNORE INTO rungs_used SELECT DISTINCT s.practice_id, k.rung FROM training_sessions s, JSON_TABLE(JSON_KEYS(s.rung_snapshots), '$[*]' COLUMNS (rung VARCHAR(130) PATH '$')) k");
    }

    public function down(): void
    {
        Schema::dropIfExists('rungs_used');
    }
};
