<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Where an exercise was felt has a place; a set logged before it was asked counts as right, unless it was told wrong. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('set_logs', function (Blueprint $table): void {
            $table->string('felt', 20)->nullable()->comment('right or a wrong place; null when nobody asked');
        });
        $this->fill('set_logs');
        Schema::table('set_logs', function (Blueprint $table): void {
            $table->dropColumn('felt_wrong');
        });
    }

    public function fill(string $table): void
    {
        DB::table($table)->whereNull('felt')->update(['felt' => DB::raw("IF(felt_wrong, 'elsewhere', 'right')")]);
    }

    public function down(): void
    {
        Schema::table('set_logs', function (Blueprint $table): void {
            $table->boolean('felt_wrong')->default(false);
        });
        DB::table('set_logs')->update(['felt_wrong' => DB::raw("COALESCE(felt <> 'right', 0)")]);
        Schema::table('set_logs', function (Blueprint $table): void {
            $table->dropColumn('felt');
        });
    }
};
