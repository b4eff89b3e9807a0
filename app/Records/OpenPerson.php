<?php

declare(strict_types=1);

namespace App\Records;

use App\Library\PracticeLibrary;
use App\Models\Decision;
use App\Models\Person;
use App\Models\PersonLimit;
use App\Models\Practice;
use App\Models\Screening;
use App\Models\User;
use App\Time\PracticeClock;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Collection as Several;
use Illuminate\Support\Facades\DB;

/** Reads a person, or all of a practice, with every record the core asks for. */
final readonly class OpenPerson
{
    /** What planning looks at: model, table, columns and condition, by relation of the person. Placings need no model. */
    private const PLANNED = [
        'limits' => [PersonLimit::class, 'person_limits', ['id', 'state', 'side', 'since', 'lifted_on', 'cleared'], 'lifted_on IS NULL'],
        'screenings' => [Screening::class, 'screenings', ['sequence', 'id', 'urgency'], 'urgency IS NOT NULL'],
        'placements' => [null, 'placements', ['sequence', 'id', 'ladder', 'side', 'rung', 'stopped'], 'undone_at IS NULL'],
        'decisions' => [Decision::class, 'decisions', ['sequence', 'id', 'choice', 'taken_back_at'], "choice = 'refer'"],
    ];

    private const PRACTICE = ['practice_time_zone' => 'time_zone', 'practice_method' => 'method', 'practice_library_version' => 'library_version'];

    private const RECORDS = ['limits', 'screenings', 'clearances', 'placements', 'decisions', 'logs.sets', 'logs.mornings', 'holds', 'climbs', 'setUps'];

    public function __construct(private PracticeLibrary $ladders) {}

    public function of(Person $person, User $by): Dossier
    {
        $person->load(self::RECORDS);

        return new Dossier($person, $this->ladders->library(), $this->clock($by));
    }

    /**
     * A person with what planning needs, and nothing of the history: for the composer, which asks at every change.
     * Person, practice and records come in one query, since each one more costs as much as the whole computation.
     *
     * @throws ModelNotFoundException when the practice has no such person
     */
    public function forPlanning(string $person, User $by): Dossier
    {
        $row = (array) DB::selectOne(self::planning(), [$person, $by->practice_id]);
        if ($row === []) {
            throw (new ModelNotFoundException)->setModel(Person::class, [$person]);
        }
        $text = static fn(string $column): string => is_string($row[$column] ?? null) ? $row[$column] : '';
        $list = static function (string $column) use ($text): array {
            $rows = json_decode($text($column) === '' ? '[]' : $text($column), true);
            /** @var list<list<mixed>> $rows */
            // In order of time, which the first column says: cheaper here than in the database.
            sort($rows);

            return $rows;
        };
        $found = (new Person)->newFromBuilder(array_diff_key($row, self::PLANNED, self::PRACTICE));
        foreach (self::PLANNED as $name => [$model, , $columns]) {
            // Most people have no sign and no limit: a model that is not needed is not even loaded.
            $rows = $model === null ? [] : $list($name);
            if ($model !== null) {
                $found->setRelation($name, $rows === [] ? new Collection : $model::hydrate(array_map(static fn(array $row): array => ['person_id' => $person, ...array_combine($columns, $row)], $rows)));
            }
        }
        // A clearance matters only against a sign or for a cleared limit.
        if ($found->screenings->isEmpty() && $found->decisions->isEmpty() && ! $found->limits->contains('cleared', true)) {
            $found->setRelation('clearances', new Collection);
        }
        /** @var array<string, string> $method */
        $method = (array) json_decode($text('practice_method') === '' ? '[]' : $text('practice_method'), true);
        $library = $row['practice_library_version'] === 0 ? $this->ladders->shippedOnly() : $this->ladders->library();

        return new Dossier($found, $library, PracticeClock::knowing($by, $text('practice_time_zone'), Practice::methodOf($method)), self::holding($list('placements')));
    }

    /**
     * The newest placing of each ladder and side: planning asks where the person stands, not how they came there.
     *
     * @param list<list<mixed>> $rows in order of time
     *
     * @return list<Placed>
     */
    private static function holding(array $rows): array
    {
        $newest = [];
        foreach ($rows as $row) {
            /** @var array{int, string, string, string, string, int} $row sequence, id, ladder, side, rung, stopped */
            unset($newest["{$row[2]} {$row[3]}"]);
            $newest["{$row[2]} {$row[3]}"] = new Placed($row[1], $row[2], $row[3], $row[4], (bool) $row[5], $row[0], '', '');
        }

        return array_values($newest);
    }

    /** Person, practice, and the records of each kind as one JSON list of rows. */
    private static function planning(): string
    {
        $columns = [];
        foreach (self::PRACTICE as $name => $column) {
            $columns[] = "pr.{$column} AS {$name}";
        }
        foreach (self::PLANNED as $name => [, $table, $wanted, $condition]) {
            $list = '`'.implode('`, `', $wanted).'`';
            $columns[] = "(SELECT JSON_ARRAYAGG(JSON_ARRAY({$list})) FROM {$table} WHERE person_id = p.id AND practice_id = p.practice_id AND {$condition}) AS {$name}";
        }

        return 'SELECT p.*, '.implode(', ', $columns).' FROM people p JOIN practices pr ON pr.id = p.practice_id WHERE p.id = ? AND p.practice_id = ?';
    }

    /** @return Several<int, Dossier> everyone of the practice, or those that are not archived */
    public function all(User $by, bool $archived = false): Several
    {
        $clock = $this->clock($by);

        $people = Person::query()->when(! $archived, static fn($rows) => $rows->where('archived_at', null))->with([...self::RECORDS, 'trainingSessions', 'plan'])->get();

        return $people->map(fn(Person $person): Dossier => new Dossier($person, $this->ladders->library(), $clock))->values()->toBase();
    }

    private function clock(User $by): PracticeClock
    {
        return PracticeClock::of($by);
    }
}
