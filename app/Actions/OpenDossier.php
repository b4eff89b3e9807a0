<?php

declare(strict_types=1);

namespace App\Actions;

use App\Library\PracticeLibrary;
use App\Models\Clearance;
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
    /** What planning looks at, by relation of the person. */
    private const PLANNED = ['limits' => PersonLimit::class, 'screenings' => Screening::class, 'placements' => Placement::class, 'decisions' => Decision::class, 'clearances' => Clearance::class];

    /** The rows of a table that belong to the person and the practice of the outer query, as JSON. */
    private const PLANNING = <<<'SQL'
        SELECT p.*, pr.id AS `practice:id`, pr.name AS `practice:name`, pr.time_zone AS `practice:time_zone`, pr.method AS `practice:method`,
          pr.method_version AS `practice:method_version`, pr.library_version AS `practice:library_version`,
          (SELECT JSON_ARRAYAGG(JSON_OBJECT('id', id, 'person_id', person_id, 'state', state, 'side', side, 'since', since, 'lifted_on', lifted_on, 'cleared', cleared) ORDER BY id)
            FROM person_limits WHERE person_id = p.id AND practice_id = p.practice_id AND lifted_on IS NULL) AS limits,
          (SELECT JSON_ARRAYAGG(JSON_OBJECT('id', id, 'person_id', person_id, 'urgency', urgency, 'sequence', sequence) ORDER BY sequence)
            FROM screenings WHERE person_id = p.id AND practice_id = p.practice_id AND urgency IS NOT NULL) AS screenings,
          (SELECT JSON_ARRAYAGG(JSON_OBJECT('id', id, 'person_id', person_id, 'ladder', ladder, 'side', side, 'rung', rung, 'stopped', stopped, 'sequence', sequence) ORDER BY sequence)
            FROM placements WHERE person_id = p.id AND practice_id = p.practice_id AND undone_at IS NULL) AS placements,
          (SELECT JSON_ARRAYAGG(JSON_OBJECT('id', id, 'person_id', person_id, 'choice', choice, 'sequence', sequence, 'taken_back_at', taken_back_at) ORDER BY sequence)
            FROM decisions WHERE person_id = p.id AND practice_id = p.practice_id AND choice = 'refer') AS decisions,
          (SELECT JSON_ARRAYAGG(JSON_OBJECT('id', id, 'person_id', person_id, 'from', `from`, 'until', `until`, 'sequence', sequence) ORDER BY sequence)
            FROM clearances WHERE person_id = p.id AND practice_id = p.practice_id) AS clearances
        FROM people p JOIN practices pr ON pr.id = p.practice_id
        WHERE p.id = ? AND p.practice_id = ?
        SQL;

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
        $row = (array) DB::selectOne(self::PLANNING, [$person, $by->practice_id]);
        if ($row === []) {
            throw (new ModelNotFoundException)->setModel(Person::class, [$person]);
        }
        $practice = array_filter($row, static fn(string $column): bool => str_starts_with($column, 'practice:'), ARRAY_FILTER_USE_KEY);
        $records = array_intersect_key($row, self::PLANNED);
        $found = (new Person)->newFromBuilder(array_diff_key($row, $practice, $records));
        foreach (self::PLANNED as $name => $model) {
            $rows = json_decode(is_string($records[$name] ?? null) ? $records[$name] : '[]', true);
            /** @var list<array<string, mixed>> $rows */
            // Most people have no sign, no limit and no clearance: a model that is not needed is not even loaded.
            $found->setRelation($name, $rows === [] ? new Collection : $model::hydrate($rows));
        }
        $by->setRelation('practice', (new Practice)->newFromBuilder(array_combine(array_map(static fn(string $column): string => substr($column, strlen('practice:')), array_keys($practice)), $practice)));

        return new Dossier($found, $this->ladders->library(), $this->clock($by));
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
