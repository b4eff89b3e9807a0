<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The trainer's own school: one for a practice, until trainers differ. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('practices', function (Blueprint $table): void {
            $table->json('method')->nullable()->comment('choices that differ from the default, by question');
            $table->unsignedInteger('method_version')->default(1);
        });
    }

    public function down(): void
    {
        Schema::table('practices', function (Blueprint $table): void {
            $table->dropColumn(['method', 'method_version']);
        });
    }
};
