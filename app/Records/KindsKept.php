<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Person;
use Illuminate\Support\Facades\DB;

/**
 * Which kinds of records there are of a person at all, asked in one question: most people have no limit, no clearance and
 * no mark, and a question that finds nothing takes as long as one that finds something.
 */
final readonly class KindsKept
{
    /** Tables by who their rows are about. */
    private const OF_PERSON = [
        'person_limits', 'screenings', 'clearances', 'rung_marks', 'rung_allowances', 'brace_checks', 'session_logs', 'programs',
        'holds', 'climbs', 'placements', 'decisions', 'trainings', 'home_notes', 'sheet_stages', 'home_links', 'home_messages', 'reader_notes',
    ];

    private const OF_OWNER = ['own_methods', 'method_changes'];

    /** @param array<array-key, mixed> $found 1 or 0 by table */
    private function __construct(private array $found) {}

    public static function of(Person $person): self
    {
        // The person, their trainer and the practice each have answers of their own.
        $owners = [$person->id, $person->trainer_id ?? $person->id, $person->practice_id];
        $asked = $bindings = [];
        foreach (self::OF_PERSON as $table) {
            $asked[] = "EXISTS(SELECT 1 FROM {$table} WHERE person_id = ?) AS {$table}";
            $bindings[] = $person->id;
        }
        foreach (self::OF_OWNER as $table) {
            $asked[] = "EXISTS(SELECT 1 FROM {$table} WHERE owner_id IN (?, ?, ?)) AS {$table}";
            array_push($bindings, ...$owners);
        }

        return new self((array) DB::selectOne('SELECT '.implode(', ', $asked), $bindings));
    }

    /** @param value-of<self::OF_PERSON>|value-of<self::OF_OWNER> $table */
    public function has(string $table): bool
    {
        return (bool) $this->found[$table];
    }
}
