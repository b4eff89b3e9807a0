<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Who of the practice read or changed whose record, a row for each day, which goes with the record; and when the last backup was made. Of days before nothing is known. */
return new class extends Migration {
    public function up(): void
    {
        $id = static fn(Blueprint $table, string $name) => $table->char($name, 26)->charset('ascii')->collation('ascii_bin');
        Schema::create('accesses', static function (Blueprint $table) use ($id): void {
            $id($table, 'id')->primary();
            $id($table, 'practice_id');
            $table->foreign('practice_id')->references('id')->on('practices');
            $id($table, 'person_id');
            $table->foreign('person_id')->references('id')->on('people');
            $id($table, 'user_id');
            $table->date('day')->comment('in the practice');
            $table->json('wrote')->comment('how often, by step');
            $table->unsignedInteger('copies')->default(0);
            $table->timestamp('last_at');
            $table->unique(['person_id', 'day', 'user_id']);
            $table->index(['practice_id', 'day', 'id']);
        });
        Schema::table('practices', static fn(Blueprint $table) => $table->timestamp('backed_up_at')->nullable()->comment('when the last backup was begun that was restored once and the same'));
    }

    public function down(): void
    {
        Schema::dropIfExists('accesses');
        Schema::table('practices', static fn(Blueprint $table) => $table->dropColumn('backed_up_at'));
    }
};
