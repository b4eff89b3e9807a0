<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A set of an easier version keeps the rung that was written; null where it was done as written, or nobody knows. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('set_logs', static fn(Blueprint $table) => $table->string('instead_of', 130)->nullable()->after('rung'));
    }

    public function down(): void
    {
        Schema::table('set_logs', static fn(Blueprint $table) => $table->dropColumn('instead_of'));
    }
};
