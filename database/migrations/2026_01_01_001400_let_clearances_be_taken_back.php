<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A clearance recorded by mistake is taken back; the row stays, marked. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('clearances', function (Blueprint $table): void {
            $table->dateTime('undone_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('clearances', function (Blueprint $table): void {
            $table->dropColumn('undone_at');
        });
    }
};
