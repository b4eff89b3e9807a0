<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Body\Demand;

/** What a person needs of the trainer today, with the single next action. */
final readonly class Attention
{
    /**
     * @param int                                  $urgency lower is sooner
     * @param 'stop'|'watch'|'ready'|'information' $status
     */
    private function __construct(public int $urgency, public string $status, public string $sentence, public string $action, public Step $step) {}

    /** @param string|null $session title of the session at hand; null when none is written */
    public static function of(PersonRecord $record, ?string $session): self
    {
        $admission = $record->admission();
        $pending = count($record->pending());
        $retest = $record->retest();

        return match (true) {
            ! $admission->open => new self(0, 'stop', ($admission->urgency?->inWords() ?? 'Closed').'. Nothing is planned until then.', 'Record the clearance', Step::Person),
            $pending > 0 => new self(1, 'watch', $pending === 1 ? 'One decision waits.' : "{$pending} decisions wait.", 'Decide', Step::Review),
            $record->rescreen() !== null => new self(2, $record->safety->lastAsked === null ? 'information' : 'watch', $record->rescreen()->sentence, 'Ask the danger signs', Step::Person),
            $record->positions() === [] && $record->history->lastTest === null => new self(3, 'information', 'Nothing tested and not placed yet.', 'Test and place', Step::Checks),
            $record->positions() === [] => new self(3, 'information', 'Tested; not placed on any ladder yet.', 'Place from the tests', Step::Checks),
            $retest?->overdue === true => new self(3, 'watch', $retest->reason->sentence, 'Test again', Step::Checks),
            $session === null => new self(4, 'information', 'Placed; no session written yet.', 'Write the session', Step::Session),
            default => self::readyFor($session, $record),
        };
    }

    private static function readyFor(string $session, PersonRecord $record): self
    {
        $evenness = $record->evenness();
        $open = array_filter(Demand::everyWeek(), static fn(Demand $demand): bool => ! isset($evenness->heights[$demand->value]));
        [$urgency, $note] = match (true) {
            $record->morningsToAsk() !== [] => [5, ' The next morning is asked first.'],
            $open !== [] => [6, ' Open demand: '.implode(', ', array_map(static fn(Demand $demand): string => $demand->shortName(), $open)).'.'],
            $evenness->isUneven() => [6, " Uneven: {$evenness->weakest?->shortName()} sets the pace."],
            default => [6, ''],
        };

        return new self($urgency, 'ready', "Ready to coach: {$session}.{$note}", 'Coach', Step::Coach);
    }

    /** @return list<'stop'|'decide'|'due'|'uneven'> what lists are filtered by */
    public static function flags(PersonRecord $record): array
    {
        return array_keys(array_filter([
            'stop' => ! $record->admission()->open,
            'decide' => $record->pending() !== [],
            'due' => $record->rescreen() !== null || $record->retest() !== null,
            'uneven' => $record->evenness()->isUneven() || $record->holdReport()->flagged,
        ]));
    }
}
