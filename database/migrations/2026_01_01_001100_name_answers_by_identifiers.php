<?php

declare(strict_types=1);

use EvenRungs\Method\FormerWording;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Answers of methods, and the conditions of own rungs, were stored by their wording; from here on by identifiers. */
return new class extends Migration {
    public function up(): void
    {
        foreach (DB::table('practices')->whereNotNull('method')->get(['id', 'method']) as $practice) {
            $answers = [];
            foreach ((array) json_decode((string) $practice->method, true) as $question => $answer) {
                $answers[$question] = FormerWording::answer((string) $question, (string) $answer)->value ?? $answer;
            }
            DB::table('practices')->where('id', $practice->id)->update(['method' => json_encode((object) $answers, JSON_THROW_ON_ERROR)]);
        }
        foreach (DB::table('practice_ladders')->get(['id', 'document']) as $ladder) {
            $document = self::renamed(json_decode((string) $ladder->document, true));
            DB::table('practice_ladders')->where('id', $ladder->id)->update(['document' => json_encode($document, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)]);
        }
    }

    private static function renamed(mixed $part): mixed
    {
        if (! is_array($part)) {
            return $part;
        }
        if (is_string($part['question'] ?? null) && is_array($part['choices'] ?? null)) {
            $part['choices'] = array_map(static fn(mixed $choice): mixed => is_string($choice) ? FormerWording::answer($part['question'], $choice)->value ?? $choice : $choice, $part['choices']);
        }

        return array_map(self::renamed(...), $part);
    }
};
