<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * What the bench and the list of people show of a person: one row each, made anew with every writing about the person
 * and on the day something comes due. It can be made from the records at any time, so nothing is filled in here.
 */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('people', function (Blueprint $table): void {
            $table->unsignedInteger('records')->default(1)->comment('grows with every writing about the person');
        });
        Schema::table('practices', function (Blueprint $table): void {
            $table->string('lines_fresh', 64)->default('')->comment('on which day, and made with what, no line was old');
        });
        Schema::create('person_lines', function (Blueprint $table): void {
            $table->char('person_id', 26)->charset('ascii')->collation('ascii_bin')->primary();
            $table->foreign('person_id')->references('id')->on('people')->cascadeOnDelete();
            $table->char('practice_id', 26)->charset('ascii')->collation('ascii_bin');
            $table->foreign('practice_id')->references('id')->on('practices');
            $table->boolean('archived');
            $table->date('archived_on')->nullable();
            $table->string('name', 120);
            $table->string('about', 160);
            $table->string('aim', 40);
            $table->string('words', 500)->comment('of name, about and aim, small and without marks, each after a space');
            $table->unsignedTinyInteger('urgency');
            $table->boolean('stop');
            $table->boolean('decide');
            $table->boolean('due');
            $table->boolean('uneven');
            $table->smallInteger('spread')->nullable()->comment('tenths of height');
            $table->string('weakest', 40)->nullable();
            $table->date('last_done')->nullable();
            $table->text('said')->comment('encrypted: status, sentence, action and step');
            $table->date('until')->comment('the last day it holds');
            $table->unsignedInteger('records')->comment('of the person when it was made');
            $table->char('stamp', 32)->charset('ascii')->collation('ascii_bin')->comment('of the rules, library and method it was made with');
            $table->index(['practice_id', 'archived', 'urgency', 'name', 'person_id']);
            $table->index(['practice_id', 'archived', 'name', 'person_id']);
            $table->index(['practice_id', 'archived', 'stop', 'decide', 'due', 'uneven']);
            $table->index(['practice_id', 'until']);
            $table->index(['practice_id', 'stamp']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('person_lines');
        Schema::table('practices', function (Blueprint $table): void {
            $table->dropColumn('lines_fresh');
        });
        Schema::table('people', function (Blueprint $table): void {
            $table->dropColumn('records');
        });
    }
};
