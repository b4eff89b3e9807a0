<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Own ladders of a practice; the shipped ones are files. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('practice_ladders', function (Blueprint $table): void {
            $table->char('id', 26)->charset('ascii')->collation('ascii_bin')->primary();
            $table->char('practice_id', 26)->charset('ascii')->collation('ascii_bin');
            $table->foreign('practice_id')->references('id')->on('practices');
            $table->string('slug', 60);
            $table->json('document')->comment('contents of a ladder file');
            $table->unsignedInteger('version')->default(1);
            $table->char('user_id', 26)->charset('ascii')->collation('ascii_bin')->comment('who saved it last');
            $table->dateTime('removed_at')->nullable();
            $table->timestamps();
            $table->unique(['practice_id', 'slug']);
        });
        Schema::table('practices', function (Blueprint $table): void {
            $table->unsignedInteger('library_version')->default(0)->comment('0 while the practice uses the shipped ladders only');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('practice_ladders');
        Schema::table('practices', function (Blueprint $table): void {
            $table->dropColumn('library_version');
        });
    }
};
