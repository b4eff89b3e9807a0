<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A stage that was taken out can be brought back, and so can the session that was spread over the weeks. Stages of before were written one by one. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('sheet_stages', static function (Blueprint $table): void {
            $table->char('together', 26)->charset('ascii')->collation('ascii_bin')->nullable()->comment('of those of one exercise a week, the number under which they were written');
            $table->json('before')->nullable()->comment('the blocks of the session before it was spread, at the first of them');
            $table->softDeletes();
        });
    }

    public function down(): void
    {
        Schema::table('sheet_stages', static fn(Blueprint $table) => $table->dropColumn(['together', 'before', 'deleted_at']));
    }
};
