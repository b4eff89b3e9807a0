<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Calendar\Day;
use EvenRungs\Dose\Dose;
use EvenRungs\Ladder\UnknownRung;
use EvenRungs\Program\Forecast;
use EvenRungs\Program\GateForecast;
use EvenRungs\Program\Generator;
use EvenRungs\Program\KeptProgram;
use EvenRungs\Program\Program;
use EvenRungs\Program\ReplanTriggers;
use EvenRungs\Program\StartingPoint;
use EvenRungs\Program\WeekKind;
use EvenRungs\Program\WrittenRequest;
use EvenRungs\Program\WrittenWeek;
use EvenRungs\Progress\NextDose;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Session\Session;
use EvenRungs\Session\WrittenBlock;
use EvenRungs\Session\WrittenItem;
use EvenRungs\Session\WrittenSession;
use EvenRungs\Week\Clash;
use EvenRungs\Week\Clashes;
use EvenRungs\Week\CoreSlot;
use EvenRungs\Week\CoreWeek;
use EvenRungs\Week\OtherTraining;
use EvenRungs\Week\Plan;
use EvenRungs\Week\SlotContent;

/** A person's program: the version that holds, the weeks a new one makes, and what is written of it. */
final class ProgramAtHand
{
    /** Weeks behind today that a new version takes over from the one before it; older ones stay in the versions they were planned in. */
    private const WEEKS_BEHIND = 26;

    /** How far ahead gates are looked for when nothing is being planned. */
    private const WEEKS_AHEAD = 12;

    private ?StartingPoint $start = null;

    private ?AsOfToday $asOfToday = null;

    private ?ProgramWishes $wishes = null;

    /** @var array<string, true>|null Mondays of weeks in which anything was done */
    private ?array $trained = null;

    /**
     * @param KeptProgram|null              $present  the version that holds: the newest that was not taken back
     * @param array<string, WrittenSession> $sessions of the person, newest first, by id: those placed, and those of the weeks at hand
     * @param list<string>                  $writings Mondays of weeks that were written from the program, past ones left out
     */
    public function __construct(public readonly PersonRecord $record, public readonly Plan $plan, private readonly ?KeptProgram $present, private readonly array $sessions, private readonly array $writings = []) {}

    public function present(): ?KeptProgram
    {
        return $this->present;
    }

    /** Whether what was written into a week can be taken out again: while the week is not past. */
    public function canTakeOut(Day $monday): bool
    {
        return in_array($monday->iso(), $this->writings, true) && ! $monday->isBefore($this->today()->monday());
    }

    /** @return list<WrittenWeek> of the program that holds */
    public function weeks(): array
    {
        return $this->present()?->weeks() ?? [];
    }

    public function week(Day $monday): ?WrittenWeek
    {
        foreach ($this->weeks() as $week) {
            if ($week->monday->equals($monday)) {
                return $week;
            }
        }

        return null;
    }

    /** Why a week is not written into sessions, as a sentence; null when nothing speaks against it. */
    public function objectionToWriting(WrittenWeek $week): ?string
    {
        if ($week->monday->isBefore($this->today()->monday())) {
            return 'This week is past. What happened in it stays as it was.';
        }
        foreach ($week->rungs() as $slug) {
            if (! $this->record->library->has($slug)) {
                return 'A rung of this week is not in the library any more. Plan anew from today first.';
            }
            $rung = $this->record->library->rung($slug);
            $ruling = $this->record->circumstances()->rule($rung);
            if (! $ruling->openSomewhere() || $this->record->isStopped($rung->ladder)) {
                return ($ruling->reasons[0]->sentence ?? "“{$rung->name}” is on a ladder that was stopped after pain.").' Plan anew from today first.';
            }
        }

        return null;
    }

    /** @return list<WrittenWeek> weeks of a version from this one on */
    public function ahead(?KeptProgram $program): array
    {
        return array_values(array_filter($program?->weeks() ?? [], fn(WrittenWeek $week): bool => ! $week->monday->isBefore($this->today()->monday())));
    }

    public function today(): Day
    {
        return $this->record->today;
    }

    /** Where the person stands: working rungs, next doses, days on each. Needs the logs. */
    public function startingPoint(): StartingPoint
    {
        return $this->start ??= $this->startWith(array_map(static fn(NextDose $next): Dose => $next->dose, $this->record->doses()->next()), $this->record->gonePast(), $this->record->doses()->most());
    }

    /**
     * @param array<string, Dose> $doses    the next dose, by rung
     * @param list<string>        $mastered rungs that were, or that the person has gone past
     * @param list<string>        $most     rungs of whose next dose nothing is added
     */
    private function startWith(array $doses, array $mastered = [], array $most = []): StartingPoint
    {
        $record = $this->record;
        $daysOn = $firstSide = [];
        foreach ($record->positions() as $here) {
            $days = $here->since?->daysUntil($this->today()) ?? 0;
            $daysOn[$here->rung->ladder] = min($daysOn[$here->rung->ladder] ?? $days, $days);
            $firstSide[$here->rung->ladder] = $record->firstSide($here->rung->ladder);
        }

        return new StartingPoint($record->library, $record->circumstances(), $record->workingRungs(), $doses, $daysOn, $record->stoppedLadders(), $firstSide, $mastered, $most);
    }

    /** @return list<Reason> what speaks by now against the program that holds; none when it still fits */
    public function against(): array
    {
        $present = $this->present();
        if ($present === null) {
            return [];
        }
        $trained = array_map(static fn(WrittenWeek $week): string => $week->monday->iso(), array_values(array_filter($present->weeks(), $this->trained(...))));

        return ReplanTriggers::of($present->weeks(), $present->request(), $this->start ?? $this->startWith([]), $this->today(), $this->record->profile->trainingDays, $this->plan->weeksAway($this->today()->monday()), $trained, count($this->plan->meetings()));
    }

    /** @throws \EvenRungs\Program\InvalidProgram when it cannot begin, or what is fixed contradicts itself */
    public function make(WrittenRequest $wish): Program
    {
        $asked = $this->wishes()->toRequest($wish);

        return Generator::program($this->startingPoint()->later($this->today()->daysUntil($asked->monday)), $asked);
    }

    /**
     * What clashes in an ordinary week of a program: between its sessions, and with the person's other training.
     *
     * @return list<Reason>
     */
    public function clashes(WrittenWeek $week): array
    {
        $slots = [];
        foreach ($week->places as $place) {
            $session = $this->session($week, $place->id);
            if ($session !== null) {
                $slots[] = new CoreSlot($place->id, $place->cell, $place->placement, $place->effort, SlotContent::of('Core session', $session, $this->record->doses()->isTooMuchForPrimer(...)));
            }
        }
        $other = array_values(array_filter($this->record->profile->other, static fn(OtherTraining $other): bool => $other->happensIn($week->monday)));
        $clashes = Clashes::in(new CoreWeek($slots, $other, $this->record->profile->trainingDays, $this->record->circumstances()->limits));
        $reasons = array_map(static fn(Clash $clash): Reason => $clash->reason, $clashes);

        // What a demand gets is said by the program itself.
        return array_values(array_filter($reasons, static fn(Reason $reason): bool => $reason->rule !== Rule::WeekDemand));
    }

    /** Whether anything was done in a week of the program: one that was missed is not behind the person. */
    public function trained(WrittenWeek $week): bool
    {
        if ($this->trained === null) {
            $this->trained = [];
            $first = $this->weeks()[0]->monday ?? $this->today();
            foreach ($this->record->history->done($first) as $done) {
                $this->trained[$done->on->monday()->iso()] = true;
            }
        }

        return $week->kind !== WeekKind::Away && isset($this->trained[$week->monday->iso()]);
    }

    /**
     * Weeks of a new program put into the one that holds: those accepted. What is past stays, as far as it is looked
     * back at, and so do weeks before the new one begins.
     *
     * @param list<WrittenWeek>   $made
     * @param list<string>|null   $mondays accepted; all when null
     *
     * @return list<WrittenWeek>
     */
    public function taking(array $made, ?array $mondays): array
    {
        $begins = $made[0]->monday ?? $this->today()->monday();
        $weeks = [];
        $oldest = $this->today()->monday()->plusDays(-7 * self::WEEKS_BEHIND);
        foreach ($this->weeks() as $week) {
            if (! $week->monday->isBefore($oldest) && ($week->monday->isBefore($begins) || $mondays !== null)) {
                $weeks[$week->monday->iso()] = $week;
            }
        }
        foreach ($made as $week) {
            if ($mondays === null || in_array($week->monday->iso(), $mondays, true)) {
                $weeks[$week->monday->iso()] = $week;
            }
        }
        ksort($weeks);

        return array_values($weeks);
    }

    /** A kept session in the terms of the core; null when nothing of it can be read any more. */
    public function session(WrittenWeek $week, string $slot): ?Session
    {
        return $this->permitted(self::blocks($week, $slot));
    }

    /**
     * What of these exercises the person may train; null where nothing of them is left, or a rung is not in the library any more.
     *
     * @param list<WrittenBlock> $blocks
     */
    public function permitted(array $blocks): ?Session
    {
        try {
            return $this->record->permitted($blocks)?->session;
        } catch (UnknownRung) {
            return null;
        }
    }

    /** @return list<WrittenBlock> */
    public static function blocks(WrittenWeek $week, string $slot): array
    {
        return array_map(static fn(WrittenItem $item): WrittenBlock => WrittenBlock::straight($item), $week->sessions[$slot] ?? []);
    }

    /** What is asked of a program, and of the next one. */
    public function wishes(): ProgramWishes
    {
        return $this->wishes ??= new ProgramWishes($this);
    }

    /** What its sessions are as the person stands today. */
    public function asOfToday(): AsOfToday
    {
        return $this->asOfToday ??= new AsOfToday($this);
    }

    public function writtenSession(string $id): ?WrittenSession
    {
        return $this->sessions[$id] ?? null;
    }

    /** The session written from a week of the program for one of its places; null when it has not been. */
    public function written(Day $monday, string $slot): ?WrittenSession
    {
        foreach ($this->sessions as $session) {
            if ($session->programMonday === $monday->iso() && $session->programSlot === $slot) {
                return $session;
            }
        }

        return null;
    }

    /** Whether the day of a session of the program is past. */
    public function isBehind(WrittenWeek $week, string $slot): bool
    {
        return isset($week->places[$slot]) && $week->monday->plusDays($week->places[$slot]->cell->day - 1)->isBefore($this->today());
    }

    /**
     * How a session of the program stands to the week: not written and still to come, not written and past, written as
     * planned or as the person stands, or otherwise: changed by hand, or the person has moved on since.
     *
     * @return 'none'|'behind'|'written'|'differs'
     */
    public function state(WrittenWeek $week, string $slot): string
    {
        $written = $this->written($week->monday, $slot);

        return match (true) {
            $written === null => $this->isBehind($week, $slot) ? 'behind' : 'none',
            in_array($written->lines(), [WrittenSession::linesOf(self::blocks($week, $slot)), WrittenSession::linesOf($this->asOfToday()->of($week, $slot)->blocks)], true) => 'written',
            default => 'differs',
        };
    }

    /** The first day on which a session written for a week was done, at most a week before it; null when it was not. */
    public function doneOn(WrittenSession $session, Day $monday): ?Day
    {
        foreach ($this->record->history->done($monday->plusDays(-7)) as $done) {
            if ($done->session === $session->id) {
                return $done->on;
            }
        }

        return null;
    }

    /** Whether the program has a week there, not past, of which something is not written into the week yet. */
    public function waits(Day $monday): bool
    {
        $week = $monday->isBefore($this->today()->monday()) ? null : $this->week($monday);

        return $week !== null && array_filter(array_keys($week->sessions), fn(string $slot): bool => ! $this->isBehind($week, $slot) && ! $this->plan->has(self::slotId($monday, $slot))) !== [];
    }

    /** The name of a session of the program in its week; a calendar knows it by it before it is written. */
    public static function slotId(Day $monday, string $place): string
    {
        return "w{$monday->iso()}-{$place}";
    }

    /** @return array<string, list<GateForecast>> when gates are likely reached from today on, by ladder */
    public function gates(): array
    {
        $start = $this->startingPoint();
        $wish = $this->wishes()->next();
        $gates = [];
        foreach ($start->working as $ladder => $rung) {
            if (! in_array($ladder, $start->stopped, true)) {
                $gates[$ladder] = Forecast::of($rung, $start->daysOn[$ladder] ?? 0, $start->library->ladder($ladder), $start->circumstances, $this->wishes()->rate($wish), max(1, count($wish->slots) + count($this->plan->meetings())), self::WEEKS_AHEAD);
            }
        }

        return $gates;
    }
}
