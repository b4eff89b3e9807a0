<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What was taken under each id that a device made: the same again is the same, something else under it is refused. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('takings', function (Blueprint $table): void {
            $table->char('id', 26)->charset('ascii')->collation('ascii_bin')->primary();
            $table->char('practice_id', 26)->charset('ascii')->collation('ascii_bin')->index();
            $table->foreign('practice_id')->references('id')->on('practices');
            $table->char('content', 64)->charset('ascii')->collation('ascii_bin')->comment('hash of what, about whom and how it said');
            $table->dateTime('taken_at');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('takings');
    }
};
