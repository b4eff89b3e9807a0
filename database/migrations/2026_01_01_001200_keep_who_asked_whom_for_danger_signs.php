<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Each danger sign is answered by somebody: what was answered with no, who was asked, and a yes taken back with its reason. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('screenings', function (Blueprint $table): void {
            $table->text('denied')->nullable()->after('answers')->comment('encrypted: the danger signs answered with no; null before each was asked for by itself');
            $table->string('asked', 20)->nullable()->after('urgency')->comment('who was asked; null when nobody wrote it down');
            $table->dateTime('withdrawn_at')->nullable();
            $table->char('withdrawn_by', 26)->charset('ascii')->collation('ascii_bin')->nullable();
            $table->foreign('withdrawn_by')->references('id')->on('users');
            $table->text('withdrawn_because')->nullable()->comment('encrypted');
        });
    }

    public function down(): void
    {
        Schema::table('screenings', function (Blueprint $table): void {
            $table->dropForeign(['withdrawn_by']);
            $table->dropColumn(['denied', 'asked', 'withdrawn_at', 'withdrawn_by', 'withdrawn_because']);
        });
    }
};
