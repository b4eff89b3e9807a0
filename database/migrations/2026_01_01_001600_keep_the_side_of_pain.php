<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Where an exercise has sides, pain has one too. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('set_logs', function (Blueprint $table): void {
            $table->enum('pain_side', ['left', 'right', 'both'])->nullable()->after('pain')->comment('null when not told');
        });
    }

    public function down(): void
    {
        Schema::table('set_logs', function (Blueprint $table): void {
            $table->dropColumn('pain_side');
        });
    }
};
