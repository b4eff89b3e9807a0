<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A placing on a ladder that nobody tested, below what was: it says nothing of which demand is the weakest. Those of before are known by what was kept as their reason. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('placements', function (Blueprint $table): void {
            $table->boolean('guessed')->default(false)->after('stopped')->comment('a careful guess below what was tested');
        });
        $this->mark();
    }

    public function mark(): void
    {
        DB::table('placements')->where('reason', 'like', 'Not tested itself: %')->update(['guessed' => true]);
    }

    public function down(): void
    {
        Schema::table('placements', function (Blueprint $table): void {
            $table->dropColumn('guessed');
        });
    }
};
