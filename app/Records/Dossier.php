<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Climb;
use App\Models\Decision;
use App\Models\Person;
use App\Models\PersonLimit;
use App\Models\SessionLog;
use App\Models\SetEntry;
use App\Models\TimedHold;
use App\Time\PracticeClock;
use EvenRungs\Assessment\Age;
use EvenRungs\Assessment\Climbed;
use EvenRungs\Assessment\Hold;
use EvenRungs\Assessment\HoldEnd;
use EvenRungs\Assessment\HoldKind;
use EvenRungs\Assessment\HoldReport;
use EvenRungs\Assessment\Retest;
use EvenRungs\Assessment\Start;
use EvenRungs\Assessment\Starts;
use EvenRungs\Balance\Aim;
use EvenRungs\Balance\Evenness;
use EvenRungs\Balance\Position;
use EvenRungs\Balance\TargetShares;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Limit;
use EvenRungs\Body\Sex;
use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Ladder\Library;
use EvenRungs\Ladder\Rung;
use EvenRungs\Load\SessionLoad;
use EvenRungs\Method\Method;
use EvenRungs\Progress\Decision as ProgressDecision;
use EvenRungs\Progress\Gate;
use EvenRungs\Progress\Morning;
use EvenRungs\Progress\NextDose;
use EvenRungs\Progress\ProgressionRule;
use EvenRungs\Progress\Proposal;
use EvenRungs\Progress\RungSession;
use EvenRungs\Progress\SetLog;
use EvenRungs\Reason\Reason;
use EvenRungs\Screening\Admission;
use EvenRungs\Screening\Clearance;
use EvenRungs\Screening\Rescreen;
use EvenRungs\Screening\Sign;
use EvenRungs\Screening\State;
use EvenRungs\Screening\Urgency;
use EvenRungs\Session\Warnings;

/** Everything known of a person, in the terms of the core. Read once for a request; holds no rule itself. */
final class Dossier
{
    /** @var list<Standpoint>|null */
    private ?array $standpoints = null;

    /** @var array<string, list<Standpoint>> by ladder */
    private array $on = [];

    /** @var array<string, array<string, Placed>>|null by ladder and side */
    private ?array $placed = null;

    private ?Circumstances $circumstances = null;

    private ?Method $method = null;

    /** @var array<string, list<RungSession>> by side */
    private array $rungSessions = [];

    /** @param list<Placed>|null $placings in order of time; those of the person when null */
    public function __construct(public readonly Person $person, public readonly Library $library, public readonly PracticeClock $clock, private ?array $placings = null) {}

    public function method(): Method
    {
        return $this->method ??= $this->clock->method();
    }

    /** @return list<PersonLimit> */
    public function activeLimits(): array
    {
        return array_values($this->person->limits->filter(static fn(PersonLimit $limit): bool => $limit->lifted_on === null)->all());
    }

    public function circumstances(): Circumstances
    {
        return $this->circumstances ??= $this->circumstancesWith(
            array_map(fn(PersonLimit $limit): Limit => State::from($limit->state)->limit(Side::from($limit->side), 'noted on '.Day::parse($limit->since)->inWords(), $limit->cleared && $this->isCleared()), $this->activeLimits()),
            array_map(Kit::from(...), $this->person->kit()),
        );
    }

    /**
     * The person under other limits or kit: what age asks for stands in any case.
     *
     * @param list<Limit> $limits
     * @param list<Kit>   $kit
     */
    public function circumstancesWith(array $limits, array $kit): Circumstances
    {
        $born = $this->person->birth_year;
        $byAge = $born === null ? [] : array_map(static fn(State $state): Limit => $state->limit(Side::Both, "born in {$born}"), State::ofAge($born, $this->today()->year()));

        return new Circumstances([...$limits, ...$byAge], $kit, $this->method());
    }

    /** A clearance holds today. */
    public function isCleared(): bool
    {
        return array_filter($this->clearances(), fn(Clearance $clearance): bool => $clearance->holdsOn($this->today())) !== [];
    }

    /** How the person sets up a rung for themselves; empty when nothing was written. */
    public function setUp(string $rung): string
    {
        return $this->person->setUps->firstWhere('rung', $rung)->text ?? '';
    }

    /** The shares of work asked for: the person's own, else those of the aim. */
    public function targets(): TargetShares
    {
        return $this->person->shares === null ? Aim::from($this->person->aim)->targets() : TargetShares::of($this->person->shares);
    }

    public function sex(): ?Sex
    {
        return $this->person->sex === null ? null : Sex::from($this->person->sex);
    }

    public function age(): ?Age
    {
        return $this->person->birth_year === null ? null : Age::inYear($this->person->birth_year, $this->today()->year());
    }

    /** @return list<Hold> oldest first */
    public function holds(): array
    {
        return array_values($this->person->holds->map(static fn(TimedHold $row): Hold => Hold::of(
            HoldKind::from($row->kind),
            Side::from($row->side),
            $row->seconds,
            HoldEnd::from($row->end),
            Day::parse($row->tested_on),
            $row->sequence,
        ))->all());
    }

    public function holdReport(): HoldReport
    {
        return HoldReport::of($this->holds(), $this->sex(), $this->age());
    }

    /** @return list<Climbed> the newest climb test of each ladder and side first */
    public function climbed(): array
    {
        return array_values($this->person->climbs->reverse()->map(fn(Climb $row): Climbed => new Climbed(
            $row->ladder,
            $row->working_rung === null ? null : $this->library->rung($row->working_rung),
            Side::from($row->side),
            $row->sentence,
            $row->sequence,
        ))->all());
    }

    /**
     * Where the tests say to start, weakest first; what has been placed since is left out.
     *
     * @return list<Start>
     */
    public function starts(): array
    {
        return array_values(array_filter(
            Starts::propose($this->library, $this->circumstances(), $this->holds(), $this->climbed()),
            function (Start $start): bool {
                $here = array_filter($this->on($start->rung->ladder), static fn(Standpoint $stand): bool => $stand->side->meets($start->side));

                return ! $start->hasLapsed($here === [] ? null : max(array_map(static fn(Standpoint $stand): int => $stand->placement->sequence, $here)));
            },
        ));
    }

    public function lastTest(): ?Day
    {
        $days = [...$this->person->holds->pluck('tested_on')->all(), ...$this->person->climbs->pluck('tested_on')->all()];

        return $days === [] ? null : Day::parse((string) max($days));
    }

    public function retest(): ?Retest
    {
        return Retest::due($this->today(), $this->lastTest());
    }

    /** Why the danger signs are to be asked for, or null when they are not. */
    public function rescreen(): ?Reason
    {
        $last = $this->person->screenings->last();

        return Rescreen::due($this->today(), $last === null ? null : Day::parse($last->answered_on));
    }

    public function standing(): Admission
    {
        $signs = [];
        foreach ($this->person->screenings as $screening) {
            if ($screening->urgency !== null) {
                $signs[] = new Sign(Urgency::from($screening->urgency), $screening->sequence);
            }
        }
        foreach ($this->person->decisions as $decision) {
            if ($decision->choice === ProgressDecision::Refer->value && $decision->taken_back_at === null) {
                $signs[] = new Sign(Urgency::BeforeTraining, $decision->sequence);
            }
        }
        if ($signs === []) {
            return Admission::clear();
        }

        return Admission::on($this->clock->today(), $signs, $this->clearances());
    }

    /** @return list<Clearance> */
    private function clearances(): array
    {
        return array_values($this->person->clearances->map(static fn(\App\Models\Clearance $row): Clearance => new Clearance(Day::parse($row->from), Day::parse($row->until), $row->sequence))->all());
    }

    /** @return list<Standpoint> in the order of the library; a stopped ladder among them */
    public function standpoints(): array
    {
        return $this->standpoints ??= $this->standpointsFrom(static fn(): bool => true);
    }

    /**
     * Where the person stood at the end of a day.
     *
     * @return list<Standpoint>
     */
    public function standpointsOn(Day $day): array
    {
        return $this->standpointsFrom(static fn(Placed $placement): bool => ! $day->isBefore(Day::parse($placement->placedOn)));
    }

    /**
     * Where the person stood after the move recorded at a moment.
     *
     * @return list<Standpoint>
     */
    public function standpointsAfter(int $sequence): array
    {
        return $this->standpointsFrom(static fn(Placed $placement): bool => $placement->sequence <= $sequence);
    }

    /**
     * @param \Closure(Placed): bool $counts
     *
     * @return list<Standpoint>
     */
    private function standpointsFrom(\Closure $counts): array
    {
        $newest = $this->newest($counts);
        $standpoints = [];
        foreach ($this->library->slugs() as $ladder) {
            array_push($standpoints, ...$this->standOn($newest[$ladder] ?? []));
        }

        return $standpoints;
    }

    /** @return list<Placed> in order of time */
    private function placings(): array
    {
        return $this->placings ??= array_values($this->person->placements->map(Placed::of(...))->all());
    }

    /** @return array<string, array<string, Placed>> the placings that hold now, by ladder and side */
    private function placed(): array
    {
        return $this->placed ??= $this->newest(static fn(): bool => true);
    }

    /**
     * The placings that hold, by ladder and side.
     *
     * @param \Closure(Placed): bool $counts
     *
     * @return array<string, array<string, Placed>>
     */
    private function newest(\Closure $counts): array
    {
        $newest = [];
        foreach ($this->placings() as $placement) {
            if (! $counts($placement)) {
                continue;
            }
            foreach ($placement->side === Side::Both->value ? [Side::Left, Side::Right] : [Side::from($placement->side)] as $side) {
                $newest[$placement->ladder][$side->value] = $placement;
            }
        }

        return $newest;
    }

    /**
     * @param array<string, Placed> $newest on one ladder, by side
     *
     * @return list<Standpoint> none, one, or left and right
     */
    private function standOn(array $newest): array
    {
        $left = $newest[Side::Left->value] ?? null;
        $right = $newest[Side::Right->value] ?? null;
        if ($left !== null && $left === $right) {
            return [$this->standpoint($left, Side::Both)];
        }

        return array_values(array_filter([
            $left === null ? null : $this->standpoint($left, Side::Left),
            $right === null ? null : $this->standpoint($right, Side::Right),
        ]));
    }

    /** @return list<Standpoint> none, one, or left and right */
    public function on(string $ladder): array
    {
        // Only what stands on this ladder is read: a preview asks for the few ladders of its session.
        return $this->on[$ladder] ??= $this->standOn($this->placed()[$ladder] ?? []);
    }

    public function evenness(): Evenness
    {
        return $this->evennessOf($this->standpoints());
    }

    /** @param list<Standpoint> $standpoints */
    public function evennessOf(array $standpoints): Evenness
    {
        return Evenness::of(
            array_map(static fn(Standpoint $here): Position => new Position($here->rung, $here->side), $standpoints),
            $this->library,
            $this->circumstances(),
        );
    }

    public function gate(Standpoint $here): Gate
    {
        return $this->propose($here->rung, $here->side, $here->placement->sequence)->gate;
    }

    /**
     * Decisions that wait: the newest log of each ladder the person stands on, where it has not been decided,
     * and decided ones that a bad next morning has reopened.
     *
     * @return list<PendingDecision>
     */
    public function pending(): array
    {
        $pending = [];
        foreach ($this->standpoints() as $here) {
            if ($here->placement->stopped) {
                continue;
            }
            $log = $this->newestLogOn($here->rung->ladder);
            if ($log === null) {
                continue;
            }
            $decision = $this->decisionOn($log, $here);
            $reopened = $decision !== null && $this->worsenedAfter($decision, $log);
            if ($decision !== null && ! $reopened) {
                continue;
            }
            if ($decision === null && $log->sequence < $here->placement->sequence) {
                continue;
            }
            $rung = $decision === null ? $here->rung : $this->library->rung($decision->rung);
            $since = $decision === null ? $here->placement->sequence : $log->sequence;
            $session = $this->sessionOf($log, $rung->ladder, $here->side);
            if ($session !== null && ProgressionRule::concerns($rung, $session)) {
                $pending[] = new PendingDecision($log, $this->library->ladder($rung->ladder), $rung, $here->side, $session, $this->propose($rung, $here->side, $since), $reopened);
            }
        }

        return $pending;
    }

    /**
     * The newest session with ladders whose next morning was not asked for, when today is a later day.
     *
     * @return list<array{SessionLog, string, int|null}>
     */
    public function morningsToAsk(): array
    {
        $log = $this->person->logs->last();
        if ($log === null || ! Day::parse($log->done_on)->isBefore($this->clock->today())) {
            return [];
        }
        $asked = array_map(static fn(\App\Models\Morning $morning): string => $morning->ladder, $log->mornings->all());
        $ladders = array_unique(array_map(fn(SetEntry $set): string => $this->library->rung($set->rung)->ladder, $log->sets->all()));
        $questions = [];
        foreach ($ladders as $ladder) {
            if (! in_array($ladder, $asked, true)) {
                $questions[] = [$log, $ladder, $this->sessionOf($log, $ladder, Side::Both)?->pain()];
            }
        }

        return $questions;
    }

    public function today(): Day
    {
        return $this->clock->today();
    }

    /** @return list<SessionLoad> of every logged session */
    public function loads(): array
    {
        return array_values($this->person->logs->map(static fn(SessionLog $log): SessionLoad => SessionLoad::of(
            Day::parse($log->done_on),
            array_values($log->sets->map(static fn(SetEntry $set): ?int => $set->effort)->all()),
            $log->seconds,
        ))->all());
    }

    public function lastLog(): ?SessionLog
    {
        return $this->person->logs->last();
    }

    /** The rung a session takes: where the sides differ, the weaker side's for both. Stopped ladders have none. */
    public function workingRung(string $ladder): ?Rung
    {
        $weakest = null;
        foreach ($this->on($ladder) as $here) {
            if ($here->placement->stopped) {
                return null;
            }
            if ($weakest === null || $here->rung->height->above($weakest->height) < 0) {
                $weakest = $here->rung;
            }
        }

        return $weakest;
    }

    /** @return list<string> slugs of the ladders the person stands on, stopped ones among them */
    public function placedLadders(): array
    {
        return array_values(array_filter($this->library->slugs(), fn(string $ladder): bool => isset($this->placed()[$ladder])));
    }

    /** @return array<string, Rung> the rung a session takes, by ladder */
    public function workingRungs(): array
    {
        $working = [];
        foreach ($this->placedLadders() as $ladder) {
            $rung = $this->workingRung($ladder);
            if ($rung !== null) {
                $working[$ladder] = $rung;
            }
        }

        return $working;
    }

    /** @return list<string> */
    public function stoppedLadders(): array
    {
        return array_values(array_filter($this->placedLadders(), $this->isStopped(...)));
    }

    /**
     * The next dose of every rung that was logged, by rung. Needs the logs.
     *
     * @return array<string, NextDose>
     */
    public function nextDoses(): array
    {
        $climbing = [];
        foreach ($this->standpoints() as $here) {
            if (! $here->placement->stopped && $this->propose($here->rung, $here->side, $here->placement->sequence)->choice === ProgressDecision::Climb) {
                $climbing[$here->rung->slug] = true;
            }
        }
        $next = [];
        foreach ($this->rungSessions(Side::Both) as $session) {
            $rung = $session->rung;
            $dose = isset($next[$rung->slug]) ? null : NextDose::after($rung, $this->rungSessions(Side::Both), $this->method(), isset($climbing[$rung->slug]), $this->person->weights(), $this->circumstances()->highestEffort());
            if ($dose !== null) {
                $next[$rung->slug] = $dose;
            }
        }

        return $next;
    }

    public function warnings(): Warnings
    {
        return new Warnings($this->circumstances(), $this->placedLadders(), $this->workingRung(...), $this->isStopped(...), $this->library);
    }

    /** Which side begins: the one on the lower rung, else left. */
    public function firstSide(string $ladder): Side
    {
        $heights = [];
        foreach ($this->on($ladder) as $here) {
            $heights[$here->side->value] = $here->rung->height->tenths;
        }

        return ($heights[Side::Right->value] ?? 0) < ($heights[Side::Left->value] ?? 0) && isset($heights[Side::Right->value]) ? Side::Right : Side::Left;
    }

    public function isStopped(string $ladder): bool
    {
        return array_filter($this->on($ladder), static fn(Standpoint $here): bool => $here->placement->stopped) !== [];
    }

    private function propose(Rung $rung, Side $side, int $since): Proposal
    {
        return ProgressionRule::propose(
            $this->library->ladder($rung->ladder),
            $rung,
            $since,
            $this->rungSessions($side),
            $this->method(),
            $this->circumstances(),
            $this->clock->today(),
        );
    }

    /**
     * Everything logged, each exercise of a session once, with what was done on the given side.
     *
     * @return list<RungSession>
     */
    private function rungSessions(Side $side): array
    {
        if (! isset($this->rungSessions[$side->value])) {
            $sessions = [];
            foreach ($this->person->logs as $log) {
                foreach ($log->sets->groupBy('item') as $sets) {
                    $sessions[] = $this->rungSession($log, array_values($sets->all()), $side);
                }
            }
            $this->rungSessions[$side->value] = $sessions;
        }

        return $this->rungSessions[$side->value];
    }

    /** @param list<SetEntry> $sets of one exercise */
    private function rungSession(SessionLog $log, array $sets, Side $side): RungSession
    {
        $rung = $this->library->rung($sets[0]->rung);
        $morning = $log->mornings->filter(static fn(\App\Models\Morning $morning): bool => $morning->ladder === $rung->ladder)->last();

        return new RungSession(
            Day::parse($log->done_on),
            $rung,
            DoseLine::parse($sets[0]->dose, $rung->sidedness),
            array_map(static fn(SetEntry $set): SetLog => new SetLog(self::done($set, $rung, $side), $set->form, $set->pain, $set->effort, $set->travelling_pain), $sets),
            $log->sequence,
            $morning === null ? null : new Morning($morning->pain, $morning->worse),
            array_filter($sets, static fn(SetEntry $set): bool => $set->felt_wrong) !== [],
        );
    }

    /** @return list<int|null> */
    private static function done(SetEntry $set, Rung $rung, Side $side): array
    {
        if ($set->done_both !== null || ! $rung->sidedness->countsEachSide()) {
            return [$set->done_both];
        }

        return match ($side) {
            Side::Left => [$set->done_left],
            Side::Right => [$set->done_right],
            Side::Both => [$set->done_left, $set->done_right],
        };
    }

    private function sessionOf(SessionLog $log, string $ladder, Side $side): ?RungSession
    {
        foreach ($log->sets->groupBy('item') as $sets) {
            $first = $sets->first();
            if ($first !== null && $this->library->rung($first->rung)->ladder === $ladder) {
                return $this->rungSession($log, array_values($sets->all()), $side);
            }
        }

        return null;
    }

    private function newestLogOn(string $ladder): ?SessionLog
    {
        return $this->person->logs->last(fn(SessionLog $log): bool => $log->sets->contains(fn(SetEntry $set): bool => $this->library->rung($set->rung)->ladder === $ladder));
    }

    private function decisionOn(SessionLog $log, Standpoint $here): ?Decision
    {
        return $this->person->decisions->last(static fn(Decision $decision): bool => $decision->session_log_id === $log->id
            && $decision->ladder === $here->rung->ladder
            && $decision->taken_back_at === null
            && Side::from($decision->side)->meets($here->side));
    }

    private function worsenedAfter(Decision $decision, SessionLog $log): bool
    {
        return $log->mornings->contains(static fn(\App\Models\Morning $morning): bool => $morning->ladder === $decision->ladder
            && $morning->sequence > $decision->sequence
            && ($morning->worse || $morning->pain > 5));
    }

    private function standpoint(Placed $placement, Side $side): Standpoint
    {
        return new Standpoint($placement, $this->library->rung($placement->rung), $side);
    }
}
