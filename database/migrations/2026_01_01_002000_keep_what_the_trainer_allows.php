<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A rung a trainer allows a person in spite of a limit or missing kit: rows are events, one taken back stays. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('rung_allowances', function (Blueprint $table): void {
            $table->char('id', 26)->charset('ascii')->collation('ascii_bin')->primary();
            $table->char('practice_id', 26)->charset('ascii')->collation('ascii_bin');
            $table->foreign('practice_id')->references('id')->on('practices');
            $table->char('person_id', 26)->charset('ascii')->collation('ascii_bin');
            $table->foreign('person_id')->references('id')->on('people');
            $table->string('rung', 130);
            $table->text('against')->comment('list of keys of the objections it covers: limits as they were noted, kit that was missing');
            $table->text('reason')->comment('encrypted');
            $table->date('allowed_on');
            $table->string('time_zone', 64);
            $table->char('user_id', 26)->charset('ascii')->collation('ascii_bin');
            $table->unsignedBigInteger('sequence');
            $table->timestamp('taken_back_at')->nullable();
            $table->char('taken_back_by', 26)->charset('ascii')->collation('ascii_bin')->nullable();
            $table->timestamps();
            $table->index(['person_id', 'sequence']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('rung_allowances');
    }
};
