<?php

declare(strict_types=1);

namespace App\Records;

use App\Library\PracticeLibrary;
use App\Models\Climb;
use App\Models\Decision as DecisionRow;
use App\Models\Morning as MorningRow;
use App\Models\Person;
use App\Models\PersonLimit;
use App\Models\Placement;
use App\Models\Practice;
use App\Models\RungAllowance;
use App\Models\Screening;
use App\Models\SessionLog;
use App\Models\SetEntry;
use App\Models\TimedHold;
use App\Models\User;
use App\Time\PracticeClock;
use EvenRungs\Assessment\Braced;
use EvenRungs\Assessment\Climbed;
use EvenRungs\Assessment\Hold;
use EvenRungs\Assessment\HoldEnd;
use EvenRungs\Assessment\HoldKind;
use EvenRungs\Balance\Aim;
use EvenRungs\Balance\TargetShares;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Sex;
use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Ladder\Allowance;
use EvenRungs\Ladder\Library;
use EvenRungs\Method\Method;
use EvenRungs\Method\MethodLevel;
use EvenRungs\Person\Decided;
use EvenRungs\Person\History;
use EvenRungs\Person\LoggedSession;
use EvenRungs\Person\LoggedSet;
use EvenRungs\Person\MorningAnswer;
use EvenRungs\Person\NotedLimit;
use EvenRungs\Person\PersonRecord;
use EvenRungs\Person\Placing;
use EvenRungs\Person\Profile;
use EvenRungs\Person\Safety;
use EvenRungs\Progress\Decision;
use EvenRungs\Progress\Felt;
use EvenRungs\Progress\Morning;
use EvenRungs\Progress\PainPlace;
use EvenRungs\Progress\StartPain;
use EvenRungs\Screening\Clearance;
use EvenRungs\Screening\Sign;
use EvenRungs\Screening\State;
use EvenRungs\Screening\Urgency;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Str;

/** Reads a person, or all of a practice, into the terms of the core. */
final readonly class OpenPerson
{
    /** What planning looks at: model, table, columns and condition, by relation of the person. Placings need no model. */
    private const PLANNED = [
        'limits' => [PersonLimit::class, 'person_limits', ['id', 'state', 'side', 'since', 'lifted_on', 'cleared'], 'lifted_on IS NULL'],
        'rungAllowances' => [RungAllowance::class, 'rung_allowances', ['sequence', 'id', 'rung', 'against', 'reason', 'allowed_on'], 'taken_back_at IS NULL'],
        'screenings' => [Screening::class, 'screenings', ['sequence', 'id', 'urgency', 'answered_on'], 'urgency IS NOT NULL AND withdrawn_at IS NULL'],
        'placements' => [null, 'placements', ['sequence', 'id', 'ladder', 'side', 'rung', 'stopped', 'range'], 'undone_at IS NULL'],
        'decisions' => [DecisionRow::class, 'decisions', ['sequence', 'id', 'ladder', 'side', 'rung', 'choice', 'session_log_id', 'taken_back_at'], "choice = 'refer'"],
    ];

    private const PRACTICE = ['practice_time_zone' => 'time_zone', 'practice_method' => 'method', 'practice_library_version' => 'library_version'];

    private const RECORDS = ['limits', 'screenings', 'clearances', 'placements', 'decisions', 'logs.sets', 'logs.mornings', 'holds', 'climbs', 'setUps', 'rungMarks', 'rungAllowances', 'latestBrace'];

    public function __construct(private PracticeLibrary $ladders) {}

    public function of(Person $person, User $by): PersonFile
    {
        $clock = PracticeClock::of($by);

        return $this->file($person->load(self::RECORDS), $clock, MethodsAtHand::of([$person], $clock->method(), $clock->today()));
    }

    /**
     * Everyone of the practice, or those that are not archived, each by themselves: what was kept of one and cannot be
     * read any more takes nobody else down.
     *
     * @template T
     *
     * @param \Closure(PersonFile): T     $line
     * @param \Closure(Person, string): T $otherwise with a number to quote
     *
     * @return list<T>
     */
    public function each(User $by, bool $archived, \Closure $line, \Closure $otherwise): array
    {
        $clock = PracticeClock::of($by);
        $people = Person::query()->when(! $archived, static fn($rows) => $rows->where('archived_at', null))->with([...self::RECORDS, 'trainingSessions', 'plan'])->get();
        $methods = MethodsAtHand::of($people, $clock->method(), $clock->today());

        return array_values($people->map(function (Person $person) use ($clock, $methods, $line, $otherwise): mixed {
            try {
                return $line($this->file($person, $clock, $methods));
            } catch (\Throwable $error) {
                $number = strtolower((string) Str::ulid());
                // Where it happened, and nothing of what was kept.
                Log::error("[{$number}] ".$error::class." at {$error->getFile()}:{$error->getLine()}");

                return $otherwise($person, $number);
            }
        })->all());
    }

    /**
     * A person with what planning needs, and nothing of the history: for the composer, which asks at every change.
     * Person, practice and records come in one query, since each one more costs as much as the whole computation.
     *
     * @throws ModelNotFoundException when the practice has no such person
     */
    public function forPlanning(string $person, User $by): PersonFile
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
        $found = (new Person)->newFromBuilder(array_diff_key($row, self::PLANNED, self::PRACTICE, ['own_methods' => true, 'brace_held' => true]));
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
        $clock = PracticeClock::knowing($by, $text('practice_time_zone'), Practice::methodOf($method));
        /** @var list<array{string, string, string, string|null}> $own owner, level, answers as they are kept, last day of the program */
        $own = $list('own_methods');
        $methods = MethodsAtHand::knowing($found, $clock->method(), $clock->today(), array_map(static fn(array $row): array => [$row[0], $row[1], (array) json_decode($row[2], true)], $own), array_column($own, 3, 1)[MethodLevel::Program->value] ?? null);

        return new PersonFile($found, self::record($found, $library, $methods->for($found), $clock, History::forPlanning(self::holding($list('placements')), self::decided($found), isset($row['brace_held']) ? (bool) $row['brace_held'] : null)), $clock);
    }

    private function file(Person $person, PracticeClock $clock, MethodsAtHand $methods): PersonFile
    {
        // The newest mark of a rung holds; one without a target was taken back.
        $marks = array_filter($person->rungMarks->pluck('target', 'rung')->all(), is_int(...));
        $library = $this->ladders->library()->withMarks($marks);

        return new PersonFile($person, self::record($person, $library, $methods->for($person), $clock, self::history($person, $library)), $clock);
    }

    private static function record(Person $person, Library $library, Method $method, PracticeClock $clock, History $history): PersonRecord
    {
        $asked = $person->screenings->last();

        return new PersonRecord(
            library: $library,
            method: $method,
            today: $clock->today(),
            profile: new Profile(
                aim: Aim::from($person->aim),
                shares: $person->shares === null ? null : TargetShares::of($person->shares),
                birthYear: $person->birth_year,
                sex: $person->sex === null ? null : Sex::from($person->sex),
                trainingDays: $person->training_days,
                minutes: $person->minutes,
                kit: array_map(Kit::from(...), $person->kit()),
                weights: $person->weights(),
                other: $person->otherTraining(),
            ),
            safety: new Safety(
                limits: array_values($person->limits->where('lifted_on', null)->map(static fn(PersonLimit $row): NotedLimit => new NotedLimit(State::from($row->state), Side::from($row->side), Day::parse($row->since), $row->cleared, $row->id))->all()),
                signs: array_values($person->screenings->where('urgency', '!==', null)->map(static fn(Screening $row): Sign => new Sign(Urgency::from((string) $row->urgency), $row->sequence))->all()),
                clearances: array_values($person->clearances->map(static fn(\App\Models\Clearance $row): Clearance => new Clearance(Day::parse($row->from), Day::parse($row->until), $row->sequence))->all()),
                lastAsked: $asked === null ? null : Day::parse($asked->answered_on),
                allowances: array_values($person->rungAllowances->map(static fn(RungAllowance $row): Allowance => $row->inCore())->all()),
            ),
            history: $history,
        );
    }

    private static function history(Person $person, Library $library): History
    {
        $tested = [...$person->holds->pluck('tested_on')->all(), ...$person->climbs->pluck('tested_on')->all()];

        return History::of(
            placings: array_values($person->placements->map(static fn(Placement $row): Placing => new Placing($row->id, $row->ladder, Side::from($row->side), $row->rung, $row->stopped, $row->sequence, Day::parse($row->placed_on), $row->reason, $row->decision_id !== null, $row->range))->all()),
            decisions: self::decided($person),
            logs: array_values($person->logs->map(self::logged(...))->all()),
            holds: array_values($person->holds->map(static fn(TimedHold $row): Hold => Hold::of(HoldKind::from($row->kind), Side::from($row->side), $row->seconds, HoldEnd::from($row->end), Day::parse($row->tested_on), $row->sequence))->all()),
            climbs: array_values($person->climbs->reverse()->map(static fn(Climb $row): Climbed => new Climbed($row->ladder, $row->working_rung === null ? null : $library->rung($row->working_rung), Side::from($row->side), $row->sentence, $row->sequence))->all()),
            lastTest: $tested === [] ? null : Day::parse((string) max($tested)),
            brace: $person->latestBrace === null ? null : new Braced($person->latestBrace->check(), $person->latestBrace->sequence),
        );
    }

    /** @return list<Decided> */
    private static function decided(Person $person): array
    {
        return array_values($person->decisions->where('taken_back_at', null)->map(static fn(DecisionRow $row): Decided => new Decided($row->ladder, Side::from($row->side), $row->rung, Decision::from($row->choice), $row->session_log_id, $row->sequence))->all());
    }

    private static function logged(SessionLog $log): LoggedSession
    {
        return new LoggedSession(
            $log->id,
            $log->training_session_id,
            Day::parse($log->done_on),
            $log->sequence,
            $log->seconds,
            array_values($log->sets->map(static fn(SetEntry $set): LoggedSet => new LoggedSet($set->item, $set->rung, $set->dose, $set->done_both, $set->done_left, $set->done_right, $set->form, $set->pain, $set->effort, $set->travelling_pain, Felt::tryFrom($set->felt ?? ''), Side::tryFrom($set->pain_side ?? ''), $set->set_number, PainPlace::tryFrom($set->pain_place ?? '')))->all()),
            array_values($log->mornings->map(static fn(MorningRow $row): MorningAnswer => new MorningAnswer($row->ladder, new Morning($row->pain, $row->worse), $row->sequence))->all()),
            array_map(static fn(array $pain): StartPain => new StartPain(PainPlace::from($pain['place']), Side::tryFrom($pain['side'] ?? ''), $pain['pain']), $log->pain_before ?? []),
        );
    }

    /**
     * The newest placing of each ladder and side: planning asks where the person stands, not how they came there.
     *
     * @param list<list<mixed>> $rows in order of time
     *
     * @return list<Placing>
     */
    private static function holding(array $rows): array
    {
        $newest = [];
        foreach ($rows as $row) {
            /** @var array{int, string, string, string, string, int, string|null} $row sequence, id, ladder, side, rung, stopped, range */
            unset($newest["{$row[2]} {$row[3]}"]);
            $newest["{$row[2]} {$row[3]}"] = new Placing($row[1], $row[2], Side::from($row[3]), $row[4], (bool) $row[5], $row[0], range: $row[6]);
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
        // Until when the program holds is asked only where it has answers of its own.
        $ends = "IF(level = 'program', (SELECT ends_on FROM programs WHERE person_id = p.id AND practice_id = p.practice_id AND taken_back_at IS NULL ORDER BY sequence DESC LIMIT 1), NULL)";
        $columns[] = "(SELECT JSON_ARRAYAGG(JSON_ARRAY(owner_id, level, answers, {$ends})) FROM own_methods WHERE owner_id IN (p.id, p.trainer_id) AND practice_id = p.practice_id) AS own_methods";
        $columns[] = '(SELECT held FROM brace_checks WHERE person_id = p.id AND practice_id = p.practice_id AND undone_at IS NULL ORDER BY sequence DESC LIMIT 1) AS brace_held';
        foreach (self::PLANNED as $name => [, $table, $wanted, $condition]) {
            $list = '`'.implode('`, `', $wanted).'`';
            $columns[] = "(SELECT JSON_ARRAYAGG(JSON_ARRAY({$list})) FROM {$table} WHERE person_id = p.id AND practice_id = p.practice_id AND {$condition}) AS {$name}";
        }

        return 'SELECT p.*, '.implode(', ', $columns).' FROM people p JOIN practices pr ON pr.id = p.practice_id WHERE p.id = ? AND p.practice_id = ?';
    }
}
