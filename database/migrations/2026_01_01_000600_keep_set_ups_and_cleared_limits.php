<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A person's own set-up of a rung: toe angle, pad, hand place. And which limits a clinician has cleared for weights. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('set_ups', function (Blueprint $table): void {
            $table->char('id', 26)->charset('ascii')->collation('ascii_bin')->primary();
            $table->char('practice_id', 26)->charset('ascii')->collation('ascii_bin');
            $table->foreign('practice_id')->references('id')->on('practices');
            $table->char('person_id', 26)->charset('ascii')->collation('ascii_bin');
            $table->foreign('person_id')->references('id')->on('people');
            $table->string('rung', 130);
            $table->text('text')->comment('encrypted');
            $table->unsignedInteger('version')->default(1);
            $table->char('user_id', 26)->charset('ascii')->collation('ascii_bin')->comment('who wrote it last');
            $table->timestamps();
            $table->unique(['person_id', 'rung']);
        });
        Schema::table('person_limits', fn(Blueprint $table) => $table->boolean('cleared')->default(false)->comment('a clinician has cleared what the limit keeps for them'));
    }

    public function down(): void
    {
        Schema::dropIfExists('set_ups');
        Schema::table('person_limits', fn(Blueprint $table) => $table->dropColumn('cleared'));
    }
};
