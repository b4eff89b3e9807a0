<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Body\Demand;
use EvenRungs\Body\Height;
use EvenRungs\Body\Limit;
use EvenRungs\Dose\Open;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Ladder\Rung;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/** What the trainer should know about a session for this person before it is used. */
final readonly class Warnings
{
    /** Front work from the plank on the toes upward can make a weak belly dome (our own boundary). */
    private const DOMING_FROM_TENTHS = 40;

    /**
     * @param array<string, Rung> $working working rung by ladder, where the person is placed
     * @param list<string>        $stopped ladders stopped after pain
     */
    public function __construct(private Circumstances $circumstances, private array $working, private array $stopped) {}

    /** @return list<Reason> about one exercise */
    public function about(Item $item): array
    {
        $ladder = $item->rung->ladder;
        $warnings = $this->circumstances->rule($item->rung)->reasons;
        if (in_array($ladder, $this->stopped, true)) {
            $warnings[] = Reason::because(Rule::PainHigh, 'This ladder was stopped after pain: reopen it on the board, with a reason, before it is trained again.');
        }
        $working = $this->working[$ladder] ?? null;
        if ($working !== null && $working->slug !== $item->rung->slug) {
            $above = $item->rung->height->above($working->height);
            $warnings[] = Reason::because(
                Rule::WorkingRung,
                "“{$item->rung->name}” stands ".Height::tenthsLabel(abs($above)).($above > 0 ? ' above' : ' below')." the working rung “{$working->name}”.",
                ['this rung' => $item->rung->height->label(), 'working rung' => $working->height->label()],
                'Swapping to the working rung, or placing the person on this one.',
            );
        }
        $body = $item->dose->first();
        if ($body instanceof Open) {
            $warnings[] = Reason::because(
                Rule::OpenEstimate,
                "An open set: the clock counts the estimate of {$body->estimate}".($body->cap === null ? '' : ", the cap is {$body->cap}").'.',
                ['estimate' => $body->estimate],
                'Another estimate, or a set with a fixed target.',
            );
        }
        foreach ($this->circumstances->limits as $limit) {
            $warnings = [...$warnings, ...self::beyond($limit, $item)];
        }

        return $warnings;
    }

    /** @return list<Reason> what in the dose of an exercise goes beyond a limit */
    private static function beyond(Limit $limit, Item $item): array
    {
        $warnings = [];
        $origin = $limit->origin === '' ? [] : ['where from' => $limit->origin];
        foreach ($limit->caps as $cap) {
            if (! $cap->concerns($item->rung->position, $item->rung->demand)) {
                continue;
            }
            $written = $cap->wholeSet
                ? array_sum(array_map(static fn(Segment $segment): int => $segment->seconds, SetClock::segments($item, 0, 1)))
                : $item->longestHoldSeconds();
            if ($written > $cap->seconds) {
                $what = $cap->wholeSet ? 'a set' : 'this one';
                $warnings[] = Reason::because(Rule::LimitCaution, ucfirst($limit->name).": {$cap->inWords()}; {$what} is {$written} s.", [...$origin, 'written' => "{$written} s", 'allowed' => "{$cap->seconds} s"], 'Shorter bouts, or a rung in another position.');
            }
        }
        if ($limit->watchesDoming && $item->rung->demand === Demand::AntiExtension && $item->rung->height->tenths >= self::DOMING_FROM_TENTHS) {
            $warnings[] = Reason::because(Rule::LimitCaution, ucfirst($limit->name).": “{$item->rung->name}” only while the belly stays flat along the middle; doming ends the set.", $origin, 'A lower rung of the ladder.');
        }

        return $warnings;
    }

    /** @return list<Reason> */
    private function aboutPositions(Session $session): array
    {
        $warnings = [];
        $positions = array_map(static fn(Item $item): string => $item->rung->position->value, $session->items());
        $changes = 0;
        foreach (array_slice($positions, 1) as $index => $position) {
            $changes += (int) ($position !== $positions[$index]);
        }
        $least = max(0, count(array_unique($positions)) - 1);
        foreach ($this->circumstances->limits as $limit) {
            if ($limit->fewPositions && $changes > $least) {
                $warnings[] = Reason::because(Rule::LimitCaution, ucfirst($limit->name).": the position changes {$changes} times; grouped by position {$least} would do.", $limit->origin === '' ? [] : ['where from' => $limit->origin], 'Putting exercises in the same position next to each other.');
            }
        }

        return $warnings;
    }

    /** @return list<Reason> about the session as a whole */
    public function aboutAll(Session $session): array
    {
        $warnings = $this->aboutPositions($session);
        foreach ($session->blocks as $block) {
            if (! $block instanceof Circuit) {
                continue;
            }
            foreach ($block->gapSeconds as $index => $gap) {
                $change = ChangeOver::between($block->stations[$index], $block->stations[$index + 1]);
                if ($gap < $change->seconds) {
                    $warnings[] = Reason::because(
                        Rule::CircuitChangeOver,
                        "{$gap} s from “{$block->stations[$index]->rung->name}” to “{$block->stations[$index + 1]->rung->name}” is shorter than the change-over of {$change->seconds} s ({$change->why}).",
                        ['written rest' => "{$gap} s", 'change-over' => "{$change->seconds} s"],
                        "A gap of {$change->seconds} s, or stations in the same position.",
                    );
                }
            }
        }
        foreach (Demand::everyWeek() as $demand) {
            $met = array_filter($session->items(), static fn(Item $item): bool => $item->rung->demand === $demand);
            if ($met === []) {
                $warnings[] = Reason::because(Rule::WorkShares, ucfirst($demand->shortName()).' has no exercise in this session: meet it on another day of the week.', ['demand' => $demand->value]);
            }
        }

        return $warnings;
    }
}
