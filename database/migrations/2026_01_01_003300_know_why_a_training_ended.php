<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A log says why it ended before its last set, where somebody said so. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('session_logs', static fn(Blueprint $table) => $table->string('ended_why', 16)->nullable()->after('seconds'));
    }

    public function down(): void
    {
        Schema::table('session_logs', static fn(Blueprint $table) => $table->dropColumn('ended_why'));
    }
};
