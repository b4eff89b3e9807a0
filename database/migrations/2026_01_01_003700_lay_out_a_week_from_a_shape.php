<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A plan knows the shape it was laid out from; a session how many of its exercises the person picks: null for all. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('plans', static fn(Blueprint $table) => $table->string('shape', 40)->nullable());
        Schema::table('training_sessions', static fn(Blueprint $table) => $table->unsignedTinyInteger('picks')->nullable());
    }

    public function down(): void
    {
        Schema::table('plans', static fn(Blueprint $table) => $table->dropColumn('shape'));
        Schema::table('training_sessions', static fn(Blueprint $table) => $table->dropColumn('picks'));
    }
};
