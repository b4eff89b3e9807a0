<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** An invitation whose letter was given up is told to the owner. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('users', static fn(Blueprint $table) => $table->timestamp('unreached_at')->nullable());
    }

    public function down(): void
    {
        Schema::table('users', static fn(Blueprint $table) => $table->dropColumn('unreached_at'));
    }
};
