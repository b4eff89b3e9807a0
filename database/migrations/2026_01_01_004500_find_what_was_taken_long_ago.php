<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What was taken so long ago that no device sends it again is let go of each night. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('takings', static fn(Blueprint $table) => $table->index('taken_at'));
    }

    public function down(): void
    {
        Schema::table('takings', static fn(Blueprint $table) => $table->dropIndex(['taken_at']));
    }
};
