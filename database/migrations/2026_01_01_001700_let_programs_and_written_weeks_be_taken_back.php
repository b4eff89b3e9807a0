<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A program can be taken back, the first one too; and each writing of a week keeps what stood there before. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('programs', function (Blueprint $table): void {
            $table->timestamp('taken_back_at')->nullable();
            $table->char('taken_back_by', 26)->charset('ascii')->collation('ascii_bin')->nullable();
        });
        Schema::create('week_writings', function (Blueprint $table): void {
            $table->char('id', 26)->charset('ascii')->collation('ascii_bin')->primary();
            $table->char('practice_id', 26)->charset('ascii')->collation('ascii_bin');
            $table->foreign('practice_id')->references('id')->on('practices');
            $table->char('person_id', 26)->charset('ascii')->collation('ascii_bin');
            $table->foreign('person_id')->references('id')->on('people');
            $table->date('monday');
            $table->json('slots')->comment('placed sessions it took out of the plan');
            $table->json('moves')->comment('what was different in this week before');
            $table->json('sessions')->comment('by identifier: a mark of what it wrote, and what stood in the session before; null where it made the session');
            $table->char('user_id', 26)->charset('ascii')->collation('ascii_bin');
            $table->unsignedBigInteger('sequence');
            $table->timestamp('taken_back_at')->nullable();
            $table->char('taken_back_by', 26)->charset('ascii')->collation('ascii_bin')->nullable();
            $table->timestamps();
            $table->index(['person_id', 'monday']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('week_writings');
        Schema::table('programs', function (Blueprint $table): void {
            $table->dropColumn(['taken_back_at', 'taken_back_by']);
        });
    }
};
