<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Pain has a place, and may have been there before the first set. Rows of before have no place: their pain counts as it did. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('set_logs', function (Blueprint $table): void {
            $table->string('pain_place', 20)->nullable();
        });
        Schema::table('session_logs', function (Blueprint $table): void {
            $table->text('pain_before')->nullable()->comment('list of place, side and number; null when nobody asked');
        });
    }

    public function down(): void
    {
        Schema::table('set_logs', function (Blueprint $table): void {
            $table->dropColumn('pain_place');
        });
        Schema::table('session_logs', function (Blueprint $table): void {
            $table->dropColumn('pain_before');
        });
    }
};
