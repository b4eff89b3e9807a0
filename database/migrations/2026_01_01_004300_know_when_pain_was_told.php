<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A session is told later than it was done where a device has no network: what was decided meanwhile did not know of it. Those of before were told when their training was begun to be told. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('session_logs', function (Blueprint $table): void {
            $table->unsignedBigInteger('told_sequence')->nullable()->after('sequence')->comment('when it was told, or pain of it that stops something; as sequence where null');
        });
        $this->fill();
    }

    public function fill(): void
    {
        DB::statement('UPDATE session_logs l JOIN trainings t ON t.id = l.id SET l.told_sequence = t.sequence WHERE l.told_sequence IS NULL AND t.sequence > l.sequence');
    }

    public function down(): void
    {
        Schema::table('session_logs', function (Blueprint $table): void {
            $table->dropColumn('told_sequence');
        });
    }
};
