<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Assessment\Retest;
use EvenRungs\Balance\Position;
use EvenRungs\Body\Demand;
use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Home\NoteKind;
use EvenRungs\Screening\Clearance;
use EvenRungs\Screening\Rescreen;

/** What a person needs of the trainer, with the single next action; it holds until the day on which it has to be asked anew. */
final readonly class Attention
{
    /** Counts up where lines are said or ordered otherwise, so that those that are kept are made anew. */
    public const VERSION = 6;

    /**
     * @param int                                         $urgency  lower is sooner
     * @param 'stop'|'watch'|'ready'|'information'        $status
     * @param string                                      $sentence what follows the session at hand, where the person is ready to coach
     * @param list<'stop'|'decide'|'due'|'uneven'>        $flags    what lists are filtered by
     * @param Day|null                                    $until    the last day it holds; null while nothing happens
     */
    public function __construct(
        public int $urgency,
        public string $status,
        public string $sentence,
        public string $action,
        public Step $step,
        public array $flags,
        public ?int $spreadTenths,
        public ?Demand $weakest,
        public ?Day $lastDone,
        public ?Day $until,
    ) {}

    /** @param bool $written whether any session is */
    public static function of(PersonRecord $record, bool $written): self
    {
        [$urgency, $status, $sentence, $action, $step] = self::line($record, $written);
        $evenness = $record->evenness();

        return new self($urgency, $status, $sentence, $action, $step, self::flags($record), $evenness->spreadTenths, $evenness->weakest, $record->lastLog()?->on, self::until($record));
    }

    /**
     * The whole sentence: which session is at hand changes by the day, and is put in where it is shown.
     *
     * @param string|null $session title of the session at hand
     */
    public static function said(Step $step, string $sentence, ?string $session): string
    {
        return $step === Step::Coach ? 'Ready to coach: '.($session ?? 'the session').".{$sentence}" : $sentence;
    }

    /** @return array{int, 'stop'|'watch'|'ready'|'information', string, string, Step} */
    private static function line(PersonRecord $record, bool $written): array
    {
        $admission = $record->admission();
        $waiting = $record->judgement()->pending();
        $pending = count($waiting);
        $atHome = array_filter($waiting, static fn(PendingDecision $one): bool => $one->log->atHome) === [] ? '' : ' Told from home.';
        $retest = $record->retest();
        $unsettled = $record->trainingsToSettle();
        $hurt = array_values(array_filter($unsettled, static fn(OpenTraining $open): bool => $open->hurt !== []));
        $home = $record->history->home;
        $note = $record->history->readers === [] ? '' : "{$record->history->readers[0]} wrote a note.";
        // It may say something of what comes before it.
        $also = rtrim(" {$note}");

        return match (true) {
            ! $admission->open => [0, 'stop', ($admission->urgency?->inWords() ?? 'Closed').". Nothing is planned until then.{$also}", 'Record the clearance', Step::Person],
            self::toldPain($waiting) => [1, 'watch', ($pending === 1 ? 'Pain was told. One decision waits.' : "Pain was told. {$pending} decisions wait.").$atHome.$also, 'Decide', Step::Review],
            $hurt !== [] => [1, 'watch', $hurt[0]->sentence().$also, 'Settle it', Step::Review],
            $home->first()?->isAskedAbout() === true => [1, 'watch', $home->first()->sentence().$also, 'Read it', Step::Review],
            $note !== '' => [2, 'watch', $note, 'Read it', Step::Person],
            $pending > 0 => [2, 'watch', ($pending === 1 ? 'One decision waits.' : "{$pending} decisions wait.").$atHome, 'Decide', Step::Review],
            $unsettled !== [] => [2, 'watch', $unsettled[0]->sentence(), 'Settle it', Step::Review],
            $home->first() !== null => [2, 'watch', $home->first()->sentence(), ...($home->first()->kind === NoteKind::NotToday ? ['Find another day', Step::Week] : ['Read it', Step::Review])],
            $record->rescreen() !== null => [3, $record->safety->lastAsked === null ? 'information' : 'watch', $record->rescreen()->sentence, 'Ask the danger signs', Step::Person],
            $record->positions() === [] && $record->history->lastTest === null => [4, 'information', 'Nothing tested and not placed yet.', 'Test and place', Step::Checks],
            $record->positions() === [] => [4, 'information', 'Tested; not placed on any ladder yet.', 'Place from the tests', Step::Checks],
            $retest?->overdue === true => [4, 'watch', $retest->reason->sentence, 'Test again', Step::Checks],
            $home->held !== [] => [3, 'watch', $home->held[0], 'Look at the sheet', Step::Session],
            $home->undelivered > 0 => [3, 'watch', $home->undelivered === 1 ? 'A message did not reach them.' : "{$home->undelivered} messages did not reach them.", 'See to it', Step::Review],
            $home->isQuiet($record->today) => [3, 'watch', $home->quietSentence(), 'Ask how it goes', Step::Review],
            ! $written => [5, 'information', 'Placed; no session written yet.', 'Write the session', Step::Session],
            default => self::ready($record),
        };
    }

    /** @param list<PendingDecision> $waiting */
    private static function toldPain(array $waiting): bool
    {
        return array_filter($waiting, static fn(PendingDecision $one): bool => $one->log->tellsOfPain()) !== [];
    }

    /** @return array{int, 'ready', string, string, Step} */
    private static function ready(PersonRecord $record): array
    {
        $evenness = $record->evenness();
        $isOpen = static fn(Position $here): bool => $here->side === Side::Both ? $record->circumstances()->rule($here->rung)->openSomewhere() : $record->circumstances()->rule($here->rung)->openOn($here->side);
        $ruledOut = array_filter($record->positions(), static fn(Position $here): bool => ! $here->stopped && ! $isOpen($here));
        $open = array_filter(Demand::everyWeek(), static fn(Demand $demand): bool => ! isset($evenness->heights[$demand->value]));
        [$urgency, $note] = match (true) {
            $record->morningToAsk() !== null => [6, ' The next morning is asked first.'],
            $ruledOut !== [] => [6, ' Ruled out by now: '.implode(', ', array_unique(array_map(static fn(Position $here): string => "“{$here->rung->name}”", $ruledOut))).'.'],
            $open !== [] => [7, ' Open demand: '.implode(', ', array_map(static fn(Demand $demand): string => $demand->shortName(), $open)).'.'],
            $evenness->isUneven() => [7, " Uneven: {$evenness->weakest?->shortName()} sets the pace."],
            default => [7, ''],
        };

        return [$urgency, 'ready', $note, 'Coach', Step::Coach];
    }

    /** @return list<'stop'|'decide'|'due'|'uneven'> */
    private static function flags(PersonRecord $record): array
    {
        return array_keys(array_filter([
            'stop' => ! $record->admission()->open,
            'decide' => $record->judgement()->pending() !== [],
            'due' => $record->rescreen() !== null || $record->retest() !== null,
            'uneven' => $record->evenness()->isUneven() || $record->holdReport()->flagged,
        ]));
    }

    /** The last day before something comes due, runs out or is said otherwise, though nobody does anything. */
    private static function until(PersonRecord $record): ?Day
    {
        $today = $record->today;
        $changes = array_filter([
            Rescreen::saysOtherwiseOn($today, $record->safety->lastAsked),
            Retest::saysOtherwiseOn($today, $record->history->lastTest),
            // The morning after the last session is asked for from the next day on.
            $record->lastLog()?->on->plusDays(1),
            $record->history->home->quietFrom(),
            // What was not ended is asked about from the next day on.
            ...array_map(static fn(OpenTraining $open): Day => $open->on->plusDays(1), $record->history->open),
            ...$record->judgement()->letsGoOn(),
            // Age speaks by the year.
            $record->profile->birthYear === null ? null : Day::parse(($today->year() + 1).'-01-01'),
            ...array_merge(...array_map(static fn(Clearance $clearance): array => [$clearance->from, $clearance->until->plusDays(1)], $record->safety->clearances)),
        ], static fn(?Day $day): bool => $day !== null && $today->isBefore($day));
        usort($changes, static fn(Day $a, Day $b): int => $a->iso() <=> $b->iso());

        return $changes === [] ? null : $changes[0]->plusDays(-1);
    }
}
