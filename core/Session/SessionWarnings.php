<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Body\Demand;
use EvenRungs\Body\Limit;
use EvenRungs\Body\Side;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Ladder\Rung;
use EvenRungs\Method\Question;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Reason\Words;

/** What the trainer should know about a session as a whole: what is missing from it, and what of it does not go together. */
final readonly class SessionWarnings
{
    /** A primer is short: 5–8 minutes (common practice). */
    private const PRIMER_MOST_SECONDS = 480;

    /**
     * @param list<string>            $placed  ladders the person stands on
     * @param \Closure(string): ?Rung $working working rung by ladder
     * @param \Closure(string): bool  $stopped whether a ladder was stopped after pain
     */
    public function __construct(private Circumstances $circumstances, private array $placed, private \Closure $working, private \Closure $stopped) {}

    /** @return list<Warning> */
    public function about(Session $session): array
    {
        $warnings = [...$this->aboutPositions($session), ...self::aboutPrimer($session), ...$this->aboutActivation($session)];
        foreach ($session->blocks as $block) {
            if ($block instanceof Circuit) {
                $warnings = [...$warnings, ...self::shortGaps($block), ...$this->competing($block)];
            }
        }
        foreach (Demand::everyWeek() as $demand) {
            $met = array_filter($session->items(), static fn(Item $item): bool => $item->rung->demand === $demand);
            if ($met === []) {
                $rung = $this->workingOn($demand);
                $warnings[] = new Warning(
                    Reason::because(Rule::WorkShares, ucfirst($demand->shortName()).' has no exercise in this session: meet it on another day of the week.', ['demand' => $demand->value], $rung === null ? 'A working rung for it on the board.' : "Adding “{$rung->name}”, the working rung."),
                    $rung === null ? null : Repair::by("Add {$rung->name}", Edit::add($rung, $rung->defaultDose($this->circumstances->method), byTable: true)),
                );
            }
        }

        return $warnings;
    }

    /** @return list<Warning> */
    private function aboutPositions(Session $session): array
    {
        $limits = $this->circumstances->forFewPositions();
        if ($limits === []) {
            return [];
        }
        $grouped = Ordering::of($session, OrderSchool::FewestMoves, []);
        [$moves, $least] = [Ordering::moves($session), Ordering::moves($grouped->session)];

        return $moves <= $least ? [] : array_map(static fn(Limit $limit): Warning => new Warning(
            Reason::because(Rule::LimitCaution, ucfirst($limit->name).": the position changes {$moves} times; grouped by position {$least} would do.", $limit->origin === '' ? [] : ['where from' => $limit->origin], 'Putting exercises in the same position next to each other.'),
            Repair::by('Group by position', Edit::order(array_map(static fn(Item $item): string => $item->id, $grouped->session->items()))),
        ), $limits);
    }

    /** @return list<Warning> */
    private static function aboutPrimer(Session $session): array
    {
        $primer = $session->of(Part::Primer);
        $seconds = $primer === [] ? 0 : (new Session($primer))->timeline()->totals()->total();
        if ($seconds <= self::PRIMER_MOST_SECONDS) {
            return [];
        }
        $most = null;
        foreach ((new Session($primer))->items() as $item) {
            $most = $most === null || $item->dose->sets() > $most->dose->sets() ? $item : $most;
        }

        return [new Warning(Reason::because(
            Rule::Primer,
            'The primer takes '.Totals::clock($seconds).': before training 5 to 8 minutes are enough.',
            ['primer' => Totals::clock($seconds), 'at most' => Totals::clock(self::PRIMER_MOST_SECONDS)],
            'Fewer sets, or moving an exercise to the main part.',
        ), match (true) {
            $most === null => null,
            $most->dose->sets() > 1 => Repair::by("One set less of {$most->rung->name}", Edit::dose($most->id, $most->dose->withSets($most->dose->sets() - 1))),
            default => Repair::by("Without {$most->rung->name}", Edit::remove($most->id)),
        })];
    }

    /** @return list<Warning> */
    private static function shortGaps(Circuit $circuit): array
    {
        $warnings = [];
        foreach ($circuit->gapSeconds as $index => $gap) {
            [$here, $next] = [$circuit->stations[$index], $circuit->stations[$index + 1]];
            $change = ChangeOver::between($here, $next);
            if ($gap < $change->seconds) {
                $warnings[] = new Warning(Reason::because(
                    Rule::CircuitChangeOver,
                    "{$gap} s from “{$here->rung->name}” to “{$next->rung->name}” is shorter than the change-over of {$change->seconds} s ({$change->why}).",
                    ['written rest' => "{$gap} s", 'change-over' => "{$change->seconds} s"],
                    "A gap of {$change->seconds} s, or stations in the same position.",
                ), Repair::by("Make the gap {$change->seconds} s", Edit::gapAfter($here->id, $change->seconds)));
            }
        }

        return $warnings;
    }

    /** @return list<Warning> activation that is advised before something of the session, is not done yet and not in it either */
    private function aboutActivation(Session $session): array
    {
        $advised = $names = [];
        foreach ($session->items() as $item) {
            $before = $this->circumstances->rule($item->rung)->advisedBefore;
            if ($before !== null) {
                $advised[$before->slug] = $before;
                $names[$before->slug][] = "“{$item->rung->name}”";
            }
        }
        $warnings = [];
        foreach ($advised as $slug => $before) {
            if (array_filter($session->items(), static fn(Item $item): bool => $item->rung->slug === $slug) === []) {
                $warnings[] = new Warning(Reason::because(
                    Rule::ActivationBefore,
                    "“{$before->name}” is advised before ".Words::all($names[$slug]).', and is not done yet.',
                    ['activation before' => $this->circumstances->method->said(Question::ActivationBefore)],
                    'Activation in the primer, or a place above it on the activation ladder.',
                ), $this->isTrained($before) ? Repair::by("{$before->name} first", Edit::add($before, $before->defaultDose($this->circumstances->method), Part::Primer, true)) : null);
            }
        }

        return $warnings;
    }

    /** Whether a rung may come into a session: open, and of a ladder that was not stopped after pain. */
    private function isTrained(Rung $rung): bool
    {
        return ! ($this->stopped)($rung->ladder) && $this->circumstances->rule($rung)->openOn(Side::Both);
    }

    /** @return list<Warning> stations back to back that load the same joint, or what a limit watches */
    private function competing(Circuit $circuit): array
    {
        $warnings = [];
        $apart = null;
        $isApart = static function (Repair $repair, Item $here, Item $next): bool {
            $place = array_flip($repair->edits[0]->items);

            return abs($place[$here->id] - $place[$next->id]) > 1;
        };
        foreach (array_slice($circuit->stations, 1) as $index => $next) {
            $here = $circuit->stations[$index];
            $shared = FatigueSite::shared($here->rung, $next->rung, $this->circumstances->limits);
            if ($shared === []) {
                continue;
            }
            $apart ??= $this->setApart($circuit);
            $warnings[] = new Warning(Reason::because(
                Rule::Competing,
                "“{$here->rung->name}” and “{$next->rung->name}” follow each other and both load ".Words::all(array_map(static fn(FatigueSite $joint): string => $joint->inWords(), $shared)).'.',
                ['loaded twice running' => implode(', ', array_map(static fn(FatigueSite $joint): string => $joint->value, $shared))],
                'Another station between the two.',
            ), $apart !== null && $isApart($apart, $here, $next) ? $apart : null);
        }

        return $warnings;
    }

    private function setApart(Circuit $circuit): ?Repair
    {
        $order = SetApart::under($circuit, $this->circumstances);

        return $order === null ? null : Repair::by('Put another station between', Edit::order($order));
    }

    /** The highest working rung that meets a demand and is open. */
    private function workingOn(Demand $demand): ?Rung
    {
        $best = null;
        foreach ($this->placed as $ladder) {
            $rung = ($this->working)($ladder);
            if ($rung !== null && $rung->demand === $demand && $this->isTrained($rung) && ($best === null || $rung->height->above($best->height) > 0)) {
                $best = $rung;
            }
        }

        return $best;
    }
}
