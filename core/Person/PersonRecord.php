<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Assessment\Age;
use EvenRungs\Assessment\HoldReport;
use EvenRungs\Assessment\LadderTests;
use EvenRungs\Assessment\Retest;
use EvenRungs\Balance\Evenness;
use EvenRungs\Balance\Position;
use EvenRungs\Balance\TargetShares;
use EvenRungs\Body\Demand;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Level;
use EvenRungs\Body\Limit;
use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Ladder\Library;
use EvenRungs\Ladder\Reach;
use EvenRungs\Ladder\Rung;
use EvenRungs\Ladder\StandIns;
use EvenRungs\Load\SessionLoad;
use EvenRungs\Method\Method;
use EvenRungs\Progress\Decision;
use EvenRungs\Progress\RungSession;
use EvenRungs\Reason\Reason;
use EvenRungs\Screening\Admission;
use EvenRungs\Screening\Rescreen;
use EvenRungs\Screening\Sign;
use EvenRungs\Screening\State;
use EvenRungs\Screening\Urgency;
use EvenRungs\Session\Permitted;
use EvenRungs\Session\ReadSession;
use EvenRungs\Session\Warnings;
use EvenRungs\Session\WrittenBlock;

/** The record of a person on a day: where they stand, what is open to them, what waits to be decided and what comes next. */
final class PersonRecord
{
    /** The school the person is trained by, under their limits. */
    public readonly Method $method;

    private readonly Standings $standings;

    private ?Circumstances $circumstances = null;

    private ?Doses $doses = null;

    private ?Judgement $judgement = null;

    private ?Withheld $withheld = null;

    /** @var list<string>|null */
    private ?array $gonePast = null;

    private RungSessions $rungSessions;

    public function __construct(
        public readonly Library $library,
        Method $method,
        public readonly Day $today,
        public readonly Profile $profile,
        public readonly Safety $safety,
        public readonly History $history,
    ) {
        $this->method = $method->under($this->limits());
        $this->standings = new Standings($library, $history->placings);
        $this->rungSessions = new RungSessions($library, $history);
    }

    // What is open to the person

    public function circumstances(): Circumstances
    {
        return $this->circumstances ??= $this->circumstancesWith(
            $this->limits(),
            $this->profile->kit,
        );
    }

    /** @return list<Limit> noted, as they are in force today */
    private function limits(): array
    {
        return array_map(fn(NotedLimit $limit): Limit => $limit->inForce($this->isCleared()), $this->safety->limits);
    }

    /**
     * The person under other limits or kit: what age asks for stands in any case.
     *
     * @param list<Limit> $limits
     * @param list<Kit>   $kit
     */
    public function circumstancesWith(array $limits, array $kit): Circumstances
    {
        $born = $this->profile->birthYear;
        $byAge = $born === null ? [] : array_map(static fn(State $state): Limit => $state->limit(Side::Both, "born in {$born}"), State::ofAge($born, $this->today->year()));

        return new Circumstances([...$limits, ...$byAge], $kit, $this->method->under($limits), $this->safety->allowances, $this->unprepared(...));
    }

    /** The activation rung that should come before a rung and that the person has neither left below them nor shown in a test. */
    private function unprepared(Rung $rung, Method $method): ?Rung
    {
        $before = array_values(array_filter(
            array_map(fn(string $slug): ?Rung => $this->library->has($slug) ? $this->library->rung($slug) : null, $rung->preparedBy),
            static fn(?Rung $one): bool => $one !== null && ($one->offeredWith === null || $one->offeredWith->include($method)),
        ));
        foreach ($before as $one) {
            $left = array_filter($this->on($one->ladder), static fn(Position $here): bool => $here->rung->height->above($one->height) > 0);
            if ($left !== [] || ($one->slug === LadderTests::BRACE && $this->history->braceHeld === true)) {
                return null;
            }
        }

        return $before[0] ?? null;
    }

    /** A clearance holds today. */
    public function isCleared(): bool
    {
        return $this->safety->clearanceHolds($this->today);
    }

    /** Whether the person is admitted to training: danger signs, and decisions to refer, close it until a clearance. */
    public function admission(): Admission
    {
        $referred = array_filter($this->history->decisions, static fn(Decided $decided): bool => $decided->choice === Decision::Refer);

        return Admission::on($this->today, [
            ...$this->safety->signs,
            ...array_map(static fn(Decided $decided): Sign => new Sign(Urgency::BeforeTraining, $decided->sequence), array_values($referred)),
        ], $this->safety->clearances);
    }

    /** Why the danger signs are to be asked for, or null when they are not. */
    public function rescreen(): ?Reason
    {
        return Rescreen::due($this->today, $this->safety->lastAsked);
    }

    public function targets(): TargetShares
    {
        return $this->profile->targets();
    }

    // Where the person stands

    /** @return list<Position> in the order of the library; a stopped ladder among them */
    public function positions(): array
    {
        return $this->standings->all();
    }

    /**
     * Where the person stood at the end of a day.
     *
     * @return list<Position>
     */
    public function positionsOn(Day $day): array
    {
        return $this->standings->onDay($day);
    }

    /**
     * Where the person stood after the move recorded at a moment.
     *
     * @return list<Position>
     */
    public function positionsAfter(int $sequence): array
    {
        return $this->standings->after($sequence);
    }

    /** @return list<Position> none, one, or left and right */
    public function on(string $ladder): array
    {
        return $this->standings->on($ladder);
    }

    /** @return list<string> slugs of the ladders the person stands on, stopped ones among them */
    public function placedLadders(): array
    {
        return $this->standings->ladders();
    }

    public function isStopped(string $ladder): bool
    {
        return array_filter($this->on($ladder), static fn(Position $here): bool => $here->stopped) !== [];
    }

    /** @return list<string> */
    public function stoppedLadders(): array
    {
        return array_values(array_filter($this->placedLadders(), $this->isStopped(...)));
    }

    /** The rung a session takes: where the sides differ, the weaker side's for both, of those no limit rests. Stopped ladders have none. */
    public function workingRung(string $ladder): ?Rung
    {
        $weakest = null;
        if ($this->isStopped($ladder)) {
            return null;
        }
        $working = array_filter($this->on($ladder), fn(Position $here): bool => ! $this->rests($here));
        foreach ($working === [] ? $this->on($ladder) : $working as $here) {
            if ($weakest === null || $here->rung->height->above($weakest->height) < 0) {
                $weakest = $here->rung;
            }
        }

        return $weakest;
    }

    /** Whether a limit rests this side of a ladder. */
    private function rests(Position $here): bool
    {
        return $here->side !== Side::Both && $this->circumstances()->rule($here->rung)->isKeptFrom($here->side);
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

    /** Which side begins: the one on the lower rung, else left. */
    public function firstSide(string $ladder): Side
    {
        $heights = [];
        foreach ($this->on($ladder) as $here) {
            $heights[$here->side->value] = $here->rung->height->tenths;
        }

        return ($heights[Side::Right->value] ?? 0) < ($heights[Side::Left->value] ?? 0) && isset($heights[Side::Right->value]) ? Side::Right : Side::Left;
    }

    public function evenness(): Evenness
    {
        return $this->evennessOf($this->positions());
    }

    /** @param list<Position> $positions */
    public function evennessOf(array $positions): Evenness
    {
        return Evenness::of(array_map($this->known(...), $positions), $this->library, $this->circumstances());
    }

    /** What was trained since it was guessed is no guess any more. */
    private function known(Position $here): Position
    {
        $isTrained = $here->guessed && array_filter($this->rungSessions($here->side), static fn(RungSession $session): bool => $session->rung->slug === $here->rung->slug && $session->sequence >= $here->sequence) !== [];

        return $isTrained ? $here->asKnown() : $here;
    }

    /** Level of the middle of the heights the person stands on; foundation where nobody has placed them. */
    public function level(): Level
    {
        $heights = array_values($this->evenness()->heights);
        usort($heights, static fn(\EvenRungs\Body\Height $a, \EvenRungs\Body\Height $b): int => $a->above($b));

        return $heights === [] ? Level::Foundation : $heights[intdiv(count($heights) - 1, 2)]->level();
    }

    // What was tested

    public function holdReport(): HoldReport
    {
        $born = $this->profile->birthYear;

        return HoldReport::of($this->history->holds(), $this->profile->sex, $born === null ? null : Age::inYear($born, $this->today->year()));
    }

    /** Where the tests lead. */
    public function fromTests(): FromTests
    {
        return FromTests::of($this);
    }

    /** How far the person may go on a ladder without being asked: from the highest rung that was clean, else from where they stand. */
    public function reach(string $ladder): ?Reach
    {
        $clean = $this->workingRung($ladder);
        foreach ($this->rungSessions(Side::Both) as $session) {
            if ($session->rung->ladder === $ladder && $session->isClean()) {
                $clean = self::higher($clean, $session->rung);
            }
        }
        foreach ($this->history->climbs() as $climbed) {
            if ($climbed->ladder === $ladder && $climbed->working !== null) {
                $clean = self::higher($clean, $climbed->working);
            }
        }

        return $clean === null ? null : new Reach($clean);
    }

    public function retest(): ?Retest
    {
        return Retest::due($this->today, $this->history->lastTest);
    }

    // What waits, and what comes next

    public function lastLog(): ?LoggedSession
    {
        $logs = $this->history->logs();

        return $logs === [] ? null : $logs[count($logs) - 1];
    }

    /** @return list<OpenTraining> of which the trainer has to say something, by date */
    public function trainingsToSettle(): array
    {
        return array_values(array_filter($this->history->open, fn(OpenTraining $open): bool => $open->isAsked($this->today)));
    }

    /**
     * The newest session, where its next morning was not asked for on every ladder and today is a later day; else null.
     */
    public function morningToAsk(): ?MorningQuestion
    {
        $log = $this->lastLog();
        if ($log === null || ! $log->on->isBefore($this->today)) {
            return null;
        }
        $asked = array_map(static fn(MorningAnswer $answer): string => $answer->ladder, $log->mornings);

        return array_diff($log->ladders(), $asked) === [] ? null : new MorningQuestion($log, $log->highestPain());
    }

    /** @return list<SessionLoad> of the sessions logged in the weeks that load is compared over */
    public function loads(): array
    {
        return array_map(static fn(DoneSession $done): SessionLoad => $done->load, $this->doneLately());
    }

    /** @return list<DoneSession> in the weeks that load is compared over */
    public function doneLately(): array
    {
        return $this->history->done(Window::briefSince($this->today));
    }

    /** What the rules make of what was logged, and what waits for a decision. */
    public function judgement(): Judgement
    {
        return $this->judgement ??= new Judgement($this);
    }

    /** @return list<string> slugs of rungs that nobody is sent back to */
    public function gonePast(): array
    {
        return $this->gonePast ??= GonePast::of($this);
    }

    /** The record as it would be once something is decided. */
    public function deciding(Decided $decided, ?Placing $placing): self
    {
        $then = new self($this->library, $this->method, $this->today, $this->profile, $this->safety, $this->history->with($decided, $placing));
        $then->rungSessions = $this->rungSessions;

        return $then;
    }

    /**
     * The record where there is other kit than at the place planned for.
     *
     * @param list<Kit> $kit
     */
    public function withKit(array $kit): self
    {
        $there = new self($this->library, $this->method, $this->today, $this->profile->withKit($kit), $this->safety, $this->history);
        $there->rungSessions = $this->rungSessions;

        return $there;
    }

    /** What comes next and what comes first on each rung. */
    public function doses(): Doses
    {
        return $this->doses ??= new Doses($this);
    }

    public function warnings(): Warnings
    {
        // Asked at every key, without the log: what waits for a decision is marked, and left out when it is trained.
        $standIns = new StandIns(null, $this->workingRung(...), $this->isStopped(...));

        return new Warnings($this->circumstances(), $this->placedLadders(), $this->workingRung(...), $this->isStopped(...), $this->library, $standIns);
    }

    /** What may stand in for a rung of theirs: no higher than where they stand in a demand, if one is given. */
    public function standIns(?Demand $demand = null): StandIns
    {
        return new StandIns(
            $demand === null ? null : $this->evenness()->heights[$demand->value] ?? null,
            $this->workingRung(...),
            fn(string $ladder): bool => $this->isStopped($ladder) || $this->withheld()->waitsOn($ladder) !== null,
        );
    }

    /**
     * A written session in the terms of this person: the side on the lower rung begins.
     *
     * @param list<WrittenBlock> $blocks
     *
     * @throws \EvenRungs\Reason\Refusal
     */
    public function read(array $blocks): ReadSession
    {
        return ReadSession::of($blocks, $this->library, $this->firstSide(...));
    }

    /**
     * What of a written session this person may train; null where nothing of it can be read.
     *
     * @param list<WrittenBlock> $blocks
     * @param bool               $isDone it was trained already: what is withheld since is told all the same
     *
     * @throws \EvenRungs\Reason\Refusal
     */
    public function permitted(array $blocks, bool $isDone = false): ?Permitted
    {
        $session = $this->read($blocks)->session;

        return $session === null ? null : Permitted::of($session, $this->circumstances(), $isDone ? null : $this->withheld()->against(...));
    }

    /** What is not trained for now, whatever is written. */
    public function withheld(): Withheld
    {
        return $this->withheld ??= Withheld::of($this);
    }

    private static function higher(?Rung $one, Rung $other): Rung
    {
        return $one === null || $other->height->above($one->height) > 0 ? $other : $one;
    }

    /**
     * What was logged inside the window of the rules, each exercise of a session once, with what was done on the given side.
     *
     * @return list<RungSession>
     */
    public function rungSessions(Side $side): array
    {
        return $this->rungSessions->of($side);
    }
}
