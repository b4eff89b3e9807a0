<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Who looks for somebody types the beginning of a word: each word of a line has a row of its own, so that an index finds it. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('person_words', function (Blueprint $table): void {
            $table->char('practice_id', 26)->charset('ascii')->collation('ascii_bin');
            $table->string('word', 64)->collation('utf8mb4_bin')->comment('of name, about and aim, small and without marks');
            $table->char('person_id', 26)->charset('ascii')->collation('ascii_bin')->index();
            $table->foreign('person_id')->references('id')->on('people')->cascadeOnDelete();
            $table->primary(['practice_id', 'word', 'person_id']);
        });
        $this->fill();
    }

    public function fill(): void
    {
        DB::table('person_lines')->select(['person_id', 'practice_id', 'words'])->chunkById(500, static function ($lines): void {
            /** @var object{person_id: string, practice_id: string, words: string} $line */
            foreach ($lines as $line) {
                DB::table('person_words')->insertOrIgnore(array_map(static fn(string $word): array => ['practice_id' => $line->practice_id, 'word' => mb_substr($word, 0, 64), 'person_id' => $line->person_id], array_values(array_filter(explode(' ', $line->words), static fn(string $word): bool => $word !== ''))));
            }
        }, 'person_id');
    }

    public function down(): void
    {
        Schema::dropIfExists('person_words');
    }
};
