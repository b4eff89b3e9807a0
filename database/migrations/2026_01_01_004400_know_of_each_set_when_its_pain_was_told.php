<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A correction tells of a second ladder what was decided without it. The sets of before were told with their log. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('set_logs', function (Blueprint $table): void {
            $table->unsignedBigInteger('told_sequence')->nullable()->comment('when it was told that it stops a ladder; with its log where null');
        });
    }

    public function down(): void
    {
        Schema::table('set_logs', function (Blueprint $table): void {
            $table->dropColumn('told_sequence');
        });
    }
};
