<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What kit lies where a squad trains. Squads of before go by what each one has at their own place, as they did. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('squads', static function (Blueprint $table): void {
            $table->json('kit')->nullable()->after('round_rest_seconds')->comment('where they train; null goes by the place of each');
        });
    }

    public function down(): void
    {
        Schema::table('squads', static function (Blueprint $table): void {
            $table->dropColumn('kit');
        });
    }
};
