<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A brace check without a cuff has no readings: how long it was held is timed by hand. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('brace_checks', function (Blueprint $table): void {
            $table->unsignedSmallInteger('seconds')->nullable()->after('samples')->comment('timed by hand; null where a cuff was read');
        });
    }

    public function down(): void
    {
        Schema::table('brace_checks', function (Blueprint $table): void {
            $table->dropColumn('seconds');
        });
    }
};
