<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A practice says for how many days people stay on its devices. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('practices', static fn(Blueprint $table) => $table->unsignedTinyInteger('kept_days')->default(3));
    }

    public function down(): void
    {
        Schema::table('practices', static fn(Blueprint $table) => $table->dropColumn('kept_days'));
    }
};
