<?php

declare(strict_types=1);

namespace App\Actions;

use App\Library\PracticeLibrary;
use App\Models\Decision;
use App\Models\Person;
use App\Models\PersonLimit;
use App\Models\Placement;
use App\Models\Practice;
use App\Models\Screening;
use App\Models\User;
use App\Time\PracticeClock;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Collection as Several;
use Illuminate\Support\Facades\DB;

/** Reads a person, or all of a practice, with every record the core asks for. */
final readonly class OpenDossier
{
    /** What planning looks at: model, table, columns and condition, by relation of the person. */
    private const PLANNED = [
        'limits' => [PersonLimit::class, 'person_limits', ['id', 'state', 'side', 'since', 'lifted_on', 'cleared'], 'lifted_on IS NULL'],
        'screenings' => [Screening::class, 'screenings', ['sequence', 'id', 'urgency'], 'urgency IS NOT NULL'],
        'placements' => [Placement::class, 'placements', ['sequence', 'id', 'ladder', 'side', 'rung', 'stopped'], 'undone_at IS NULL'],
        'decisions' => [Decision::class, 'decisions', ['sequence', 'id', 'choice', 'taken_back_at'], "choice = 'refer'"],
    ];

    private const PRACTICE = ['id', 'name', 'time_zone', 'method', 'method_version', 'library_version'];

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
        $practice = [];
        foreach (self::PRACTICE as $column) {
            $practice[$column] = $row["practice_{$column}"];
            unset($row["practice_{$column}"]);
        }
        $records = array_intersect_key($row, self::PLANNED);
        $found = (new Person)->newFromBuilder(array_diff_key($row, $records));
        foreach (self::PLANNED as $name => [$model, , $columns]) {
            $rows = json_decode(is_string($records[$name] ?? null) ? $records[$name] : '[]', true);
            /** @var list<list<mixed>> $rows */
            // In order of time, which the first column says: cheaper here than in the database.
            sort($rows);
            if ($name === 'placements') {
                $rows = self::holding($rows);
            }
            // Most people have no sign, no limit and no clearance: a model that is not needed is not even loaded.
            $found->setRelation($name, $rows === [] ? new Collection : $model::hydrate(array_map(static fn(array $row): array => ['person_id' => $person, ...array_combine($columns, $row)], $rows)));
        }
        // A clearance matters only against a sign or for a cleared limit.
        if ($found->screenings->isEmpty() && $found->decisions->isEmpty() && ! $found->limits->contains('cleared', true)) {
            $found->setRelation('clearances', new Collection);
        }
        $by->setRelation('practice', (new Practice)->newFromBuilder($practice));

        return new Dossier($found, $this->ladders->library(), $this->clock($by));
    }

    /**
     * The newest placing of each ladder and side: planning asks where the person stands, not how they came there.
     *
     * @param list<list<mixed>> $rows in order of time; ladder and side are the third and fourth column
     *
     * @return list<list<mixed>>
     */
    private static function holding(array $rows): array
    {
        $newest = [];
        foreach ($rows as $at => $row) {
            $newest[json_encode([$row[2], $row[3]])] = $at;
        }
        sort($newest);

        return array_map(static fn(int $at): array => $rows[$at], $newest);
    }

    /** Person, practice, and the records of each kind as one JSON list of rows. */
    private static function planning(): string
    {
        static $query = null;
        if ($query === null) {
            $columns = array_map(static fn(string $column): string => "pr.{$column} AS practice_{$column}", self::PRACTICE);
            foreach (self::PLANNED as $name => [, $table, $wanted, $condition]) {
                $list = '`'.implode('`, `', $wanted).'`';
                $columns[] = "(SELECT JSON_ARRAYAGG(JSON_ARRAY({$list})) FROM {$table} WHERE person_id = p.id AND practice_id = p.practice_id AND {$condition}) AS {$name}";
            }
            $query = 'SELECT p.*, '.implode(', ', $columns).' FROM people p JOIN practices pr ON pr.id = p.practice_id WHERE p.id = ? AND p.practice_id = ?';
        }

        return $query;
    }

    /** @return Several<int, Dossier> everyone of the practice, or those that are not archived */
    public function all(User $by, bool $archived = false): Several
    {
        $clock = $this->clock($by);

        $people = Person::query()->when(! $archived, static fn($rows) => $rows->where('archived_at', null))->with([...self::RECORDS, 'trainingSessions'])->get();

        return $people->map(fn(Person $person): Dossier => new Dossier($person, $this->ladders->library(), $clock))->values()->toBase();
    }

    private function clock(User $by): PracticeClock
    {
        return PracticeClock::of($by);
    }
}
