<?php

declare(strict_types=1);

namespace App\Records;

use App\Library\PracticeLibrary;
use App\Models\Climb;
use App\Models\Decision as DecisionRow;
use App\Models\Person;
use App\Models\PersonLimit;
use App\Models\Placement;
use App\Models\Practice;
use App\Models\Program;
use App\Models\ReaderNote;
use App\Models\RungAllowance;
use App\Models\Screening;
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
use EvenRungs\Person\NotedLimit;
use EvenRungs\Person\PersonRecord;
use EvenRungs\Person\Placing;
use EvenRungs\Person\Profile;
use EvenRungs\Person\Safety;
use EvenRungs\Person\Window;
use EvenRungs\Progress\Decision;
use EvenRungs\Screening\Clearance;
use EvenRungs\Screening\Sign;
use EvenRungs\Screening\State;
use EvenRungs\Screening\Urgency;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Facades\DB;

/** Reads a person into the terms of the core. */
final readonly class OpenPerson
{
    /** What planning looks at: model, table, columns and condition, by relation of the person. Placings need no model. */
    private const PLANNED = [
        'limits' => [PersonLimit::class, 'person_limits', ['id', 'state', 'side', 'since', 'lifted_on', 'cleared'], 'lifted_on IS NULL'],
        'rungAllowances' => [RungAllowance::class, 'rung_allowances', ['sequence', 'id', 'rung', 'against', 'reason', 'allowed_on'], 'taken_back_at IS NULL'],
        'screenings' => [Screening::class, 'screenings', ['sequence', 'id', 'urgency', 'answered_on'], 'urgency IS NOT NULL AND withdrawn_at IS NULL'],
        'placements' => [null, self::HOLDING, ['sequence', 'id', 'ladder', 'side', 'rung', 'stopped', 'range', 'guessed'], 'undone_at <=> NULL'],
        'decisions' => [DecisionRow::class, 'decisions', ['sequence', 'id', 'ladder', 'side', 'rung', 'choice', 'session_log_id', 'taken_back_at'], "choice = 'refer'"],
    ];

    /**
     * The newest placing of each ladder and side: planning asks where the person stands, not how they came there. Written
     * with <=> so that it is read off the index in the order in which it is grouped.
     */
    private const HOLDING = '(SELECT ladder, side, MAX(sequence) AS sequence FROM placements WHERE person_id = :person AND undone_at <=> NULL GROUP BY person_id, undone_at, ladder, side) newest STRAIGHT_JOIN placements USING (ladder, side, sequence)';

    private const PRACTICE = ['practice_time_zone' => 'time_zone', 'practice_method' => 'method', 'practice_library_version' => 'library_version'];

    /** Relations of the person, by the table they are read from. */
    private const RECORDS = [
        'person_limits' => 'limits', 'screenings' => 'screenings', 'clearances' => 'clearances', 'rung_marks' => 'rungMarks',
        'rung_allowances' => 'rungAllowances', 'brace_checks' => 'latestBrace',
    ];

    public function __construct(private PracticeLibrary $ladders) {}

    /** @param Day|null $since from when on what was done is wanted in brief, where that is earlier than the rules ask for */
    public function of(Person $person, User $by, ?Day $since = null): PersonFile
    {
        $clock = PracticeClock::of($by);
        $kinds = KindsKept::of($person);
        foreach (self::RECORDS as $table => $relation) {
            if (! $kinds->has($table)) {
                $person->setRelation($relation, $relation === 'latestBrace' ? null : new Collection);
            }
        }
        $person->load(array_values(array_filter(self::RECORDS, $kinds->has(...), ARRAY_FILTER_USE_KEY)));

        return $this->file($person, $clock, MethodAtHand::of($person, $clock->method(), $clock->today(), $kinds), $kinds, $since);
    }

    /**
     * A person with what planning needs, and nothing of the history: for the composer, which asks at every change.
     * Person, practice and records come in one query, since each one more costs as much as the whole computation.
     *
     * @throws ModelNotFoundException when the practice has no such person
     */
    public function forPlanning(string $person, User $by): PersonFile
    {
        $row = (array) DB::selectOne(self::planning(), ['person' => $person, 'practice' => $by->practice_id]);
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
        $atHand = MethodAtHand::knowing($found, $clock->method(), $clock->today(), array_map(static fn(array $row): array => [$row[0], $row[1], (array) json_decode($row[2], true)], $own), array_column($own, 3, 1)[MethodLevel::Program->value] ?? null);

        return new PersonFile($found, self::record($found, $library, $atHand->method(), $clock, History::forPlanning(self::holding($list('placements')), self::decided($found), isset($row['brace_held']) ? (bool) $row['brace_held'] : null)), $clock);
    }

    private function file(Person $person, PracticeClock $clock, MethodAtHand $method, KindsKept $kinds, ?Day $since = null): PersonFile
    {
        // The newest mark of a rung holds; one without a target was taken back.
        $marks = array_filter($person->rungMarks->pluck('target', 'rung')->all(), is_int(...));
        $library = $this->ladders->library()->withMarks($marks);

        return new PersonFile($person, self::record($person, $library, $method->method(), $clock, self::history($person, $library, $kinds, $clock->today(), $since, $clock->timeZone())), $clock, $method->holdsUntil());
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

    private static function history(Person $person, Library $library, KindsKept $kinds, Day $today, ?Day $since, string $timeZone): History
    {
        $trained = $kinds->has('session_logs');
        $logs = $trained ? LoggedSessions::inWindow($person->id, array_column($library->ladders(), 'slug')) : [];
        // What was done is asked for by week as far back as the program that holds.
        $begins = $kinds->has('programs') ? Program::query()->where('person_id', $person->id)->whereNull('taken_back_at')->orderByDesc('sequence')->orderByDesc('id')->value('begins_on') : null;
        $briefly = array_filter([Window::briefSince($today), is_string($begins) ? Day::parse($begins)->plusDays(-7) : null, $since]);
        usort($briefly, static fn(Day $a, Day $b): int => $a->iso() <=> $b->iso());
        $holds = $kinds->has('holds') ? array_values(TimedHold::query()->where('person_id', $person->id)->whereNull('undone_at')->orderBy('sequence')->toBase()->get(['kind', 'side', 'seconds', 'end', 'tested_on', 'sequence'])->all()) : [];
        $climbs = $kinds->has('climbs') ? array_values(Climb::query()->where('person_id', $person->id)->whereNull('undone_at')->orderByDesc('sequence')->toBase()->get(['ladder', 'side', 'working_rung', 'sentence', 'tested_on', 'sequence'])->all()) : [];
        /** @var list<object{kind: string, side: string, seconds: int, end: string, tested_on: string, sequence: int}> $holds */
        /** @var list<object{ladder: string, side: string, working_rung: string|null, sentence: string, tested_on: string, sequence: int}> $climbs */
        $tested = array_map(static fn(object $row): string => $row->tested_on, [...$holds, ...$climbs]);

        return History::of(
            placings: $kinds->has('placements') ? self::placings($person->id) : [],
            decisions: $kinds->has('decisions') ? self::decisions($person->id, array_map(static fn(LoggedSession $log): string => $log->id, $logs)) : [],
            logs: $logs,
            holds: array_map(static fn(object $row): Hold => Hold::of(HoldKind::from($row->kind), Side::from($row->side), $row->seconds, HoldEnd::from($row->end), Day::parse($row->tested_on), $row->sequence), $holds),
            climbs: array_map(static fn(object $row): Climbed => new Climbed($row->ladder, $row->working_rung === null ? null : $library->rung($row->working_rung), Side::from($row->side), $row->sentence, Day::parse($row->tested_on), $row->sequence), $climbs),
            lastTest: $tested === [] ? null : Day::parse(max($tested)),
            brace: $person->latestBrace === null ? null : new Braced($person->latestBrace->check(), $person->latestBrace->sequence),
            done: $trained ? LoggedSessions::inBrief($person->id, $briefly[0]) : [],
            doneSince: $briefly[0],
            open: $kinds->has('trainings') ? TrainingEvents::open($person->id) : [],
            home: FromHome::of($person, $kinds, $timeZone),
            readers: $kinds->has('reader_notes') ? ReaderNote::unreadBy($person->id) : [],
        );
    }

    /** @return list<Placing> every move, in order of time: read as rows, since a model for each costs more than the rules */
    private static function placings(string $person): array
    {
        $rows = Placement::query()->where('person_id', $person)->whereNull('undone_at')->orderBy('sequence')->toBase()->get(['id', 'ladder', 'side', 'rung', 'stopped', 'sequence', 'placed_on', 'reason', 'decision_id', 'range', 'guessed']);

        /** @var list<object{id: string, ladder: string, side: string, rung: string, stopped: int, sequence: int, placed_on: string, reason: string, decision_id: string|null, range: string|null, guessed: int}> $moves */
        $moves = array_values($rows->all());

        return array_map(static fn(object $row): Placing => new Placing($row->id, $row->ladder, Side::from($row->side), $row->rung, (bool) $row->stopped, $row->sequence, Day::parse($row->placed_on), $row->reason, $row->decision_id !== null, $row->range, (bool) $row->guessed), $moves);
    }

    /**
     * Decisions that stand about the logs at hand, and every referral: that one closes training.
     *
     * @param list<string> $logs
     *
     * @return list<Decided>
     */
    private static function decisions(string $person, array $logs): array
    {
        $columns = ['ladder', 'side', 'rung', 'choice', 'session_log_id', 'sequence'];
        $about = static fn(): \Illuminate\Database\Query\Builder => DecisionRow::query()->where('person_id', $person)->whereNull('taken_back_at')->toBase()->select($columns);
        $rows = $about()->where('choice', Decision::Refer->value)->union($about()->whereIn('session_log_id', $logs))->orderBy('sequence')->get();

        /** @var list<object{ladder: string, side: string, rung: string, choice: string, session_log_id: string, sequence: int}> $decisions */
        $decisions = array_values($rows->all());

        return array_map(static fn(object $row): Decided => new Decided($row->ladder, Side::from($row->side), $row->rung, Decision::from($row->choice), $row->session_log_id, $row->sequence), $decisions);
    }

    /** @return list<Decided> of the rows that planning reads */
    private static function decided(Person $person): array
    {
        return array_values($person->decisions->where('taken_back_at', null)->map(static fn(DecisionRow $row): Decided => new Decided($row->ladder, Side::from($row->side), $row->rung, Decision::from($row->choice), $row->session_log_id, $row->sequence))->all());
    }

    /**
     * @param list<list<mixed>> $rows in order of time
     *
     * @return list<Placing> the newest of each ladder and side
     */
    private static function holding(array $rows): array
    {
        $newest = [];
        foreach ($rows as $row) {
            /** @var array{int, string, string, string, string, int, string|null, int} $row sequence, id, ladder, side, rung, stopped, range, guessed */
            unset($newest["{$row[2]} {$row[3]}"]);
            $newest["{$row[2]} {$row[3]}"] = new Placing($row[1], $row[2], Side::from($row[3]), $row[4], (bool) $row[5], $row[0], range: $row[6], guessed: (bool) $row[7]);
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

        return 'SELECT p.*, '.implode(', ', $columns).' FROM people p JOIN practices pr ON pr.id = p.practice_id WHERE p.id = :person AND p.practice_id = :practice';
    }
}
