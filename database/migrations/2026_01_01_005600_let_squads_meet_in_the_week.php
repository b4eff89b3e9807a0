<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** When a squad meets, in every week. Squads of before stand in nobody's week, as they did. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('squads', static function (Blueprint $table): void {
            $table->json('meets')->nullable()->after('kit')->comment('day, part, time and planned effort of each; null is nowhere');
        });
    }

    public function down(): void
    {
        Schema::table('squads', static function (Blueprint $table): void {
            $table->dropColumn('meets');
        });
    }
};
