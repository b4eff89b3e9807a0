<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Readers: members of a practice who see of a person what is shared with them, and write notes. Who was a member before is what they were. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('users', static fn(Blueprint $table) => $table->enum('role', ['owner', 'trainer', 'reader'])->change());
        $id = static fn(Blueprint $table, string $name) => $table->char($name, 26)->charset('ascii')->collation('ascii_bin');
        $ofPerson = static function (Blueprint $table) use ($id): void {
            $id($table, 'id')->primary();
            $id($table, 'practice_id');
            $table->foreign('practice_id')->references('id')->on('practices');
            $id($table, 'person_id');
            $table->foreign('person_id')->references('id')->on('people');
            $id($table, 'reader_id');
            $table->foreign('reader_id')->references('id')->on('users');
            $id($table, 'user_id')->comment('who wrote it');
            $table->foreign('user_id')->references('id')->on('users');
            $table->date('on_day')->comment('in the practice');
            $table->string('time_zone', 64);
            $table->unsignedBigInteger('sequence');
        };
        Schema::create('readerships', static function (Blueprint $table) use ($id, $ofPerson): void {
            $ofPerson($table);
            $table->json('parts')->comment('what is shown of the record');
            $table->date('until')->nullable()->comment('the last day; null without an end');
            $table->timestamp('ended_at')->nullable();
            $id($table, 'ended_by')->nullable();
            $table->index(['person_id', 'ended_at']);
            $table->index(['reader_id', 'ended_at', 'person_id']);
        });
        Schema::create('reader_notes', static function (Blueprint $table) use ($id, $ofPerson): void {
            $ofPerson($table);
            $table->text('text')->comment('encrypted');
            $table->timestamp('read_at')->nullable()->comment('by the other side');
            $id($table, 'read_by')->nullable();
            $table->timestamp('undone_at')->nullable();
            $table->index(['person_id', 'sequence', 'id']);
            $table->index(['person_id', 'reader_id', 'sequence', 'id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('reader_notes');
        Schema::dropIfExists('readerships');
        // Who only read must not write: they have no access any more.
        DB::table('users')->where('role', 'reader')->update(['role' => 'trainer', 'ended_at' => now()]);
        Schema::table('users', static fn(Blueprint $table) => $table->enum('role', ['owner', 'trainer'])->change());
    }
};
