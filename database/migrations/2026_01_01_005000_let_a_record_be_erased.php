<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A person's record can be erased: on a day, until which it can be taken back. What stays is that one was, and who asked for it. */
return new class extends Migration {
    public function up(): void
    {
        $id = static fn(Blueprint $table, string $name) => $table->char($name, 26)->charset('ascii')->collation('ascii_bin');
        Schema::table('people', static function (Blueprint $table) use ($id): void {
            $table->date('erase_on')->nullable();
            $id($table, 'erase_asked_by')->nullable();
            $table->index(['practice_id', 'erase_on']);
        });
        Schema::create('erasures', static function (Blueprint $table) use ($id): void {
            $id($table, 'id')->primary();
            $id($table, 'practice_id');
            $table->foreign('practice_id')->references('id')->on('practices');
            $id($table, 'user_id')->comment('who asked for it');
            $table->date('erased_on');
            $table->index(['practice_id', 'erased_on', 'id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('erasures');
        Schema::table('people', static function (Blueprint $table): void {
            $table->dropIndex(['practice_id', 'erase_on']);
            $table->dropColumn(['erase_on', 'erase_asked_by']);
        });
    }
};
