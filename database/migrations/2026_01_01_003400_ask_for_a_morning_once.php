<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A morning is asked for once, with its places; what is kept for each ladder knows which answer it came from. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('mornings', static function (Blueprint $table): void {
            $table->char('event_id', 26)->charset('ascii')->collation('ascii_bin')->nullable()->after('session_log_id')->index();
            $table->string('place', 16)->nullable()->after('ladder')->comment('of the highest pain');
            $table->string('side', 8)->nullable()->after('place');
        });
    }

    public function down(): void
    {
        Schema::table('mornings', static fn(Blueprint $table) => $table->dropColumn(['event_id', 'place', 'side']));
    }
};
