<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Body\Demand;
use EvenRungs\Body\Height;
use EvenRungs\Body\Limit;
use EvenRungs\Body\Position;
use EvenRungs\Dose\DoseKind;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Ladder\Rung;
use EvenRungs\Ladder\WorksFrom;
use EvenRungs\Method\Answer;
use EvenRungs\Method\Method;
use EvenRungs\Method\Question;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/** Schools of ordering a session (common practice): the answers to Question::Order. */
enum OrderSchool: string
{
    case BaseFirst = 'base-first';
    case CarryFirst = 'carry-first';
    case BottomUp = 'bottom-up';
    case FewestMoves = 'fewest-moves';
    case WeakestFirst = 'weakest-first';

    /** More than all change-overs of a session are. */
    private const MOVE = 10_000;

    public static function of(Method $method): self
    {
        return self::from(substr((string) strrchr($method->answer(Question::Order)->value, '/'), 1));
    }

    /** The school by which a person's sessions are written: where a limit asks for few changes of position, by those. */
    public static function for(Circumstances $circumstances): self
    {
        return $circumstances->forFewPositions() === [] ? self::of($circumstances->method) : self::FewestMoves;
    }

    /** Why it is another than the method's; null where it is that. */
    public static function instead(Circumstances $circumstances): ?Reason
    {
        $method = self::of($circumstances->method);
        $asking = $circumstances->forFewPositions();

        return $asking === [] || $method === self::FewestMoves ? null : Reason::because(
            Rule::Order,
            ucfirst(implode(', ', array_map(static fn(Limit $limit): string => $limit->name, $asking))).": grouped by position, in place of “{$method->label()}”.",
            [],
            'The limit lifted.',
        );
    }

    public function label(): string
    {
        return Answer::from(Question::Order->value."/{$this->value}")->label();
    }

    public function inWords(): string
    {
        return match ($this) {
            self::BaseFirst => 'Brace and breathe, then still work on the floor, then moving work, then standing.',
            self::CarryFirst => 'Carries and whole-body work, then rotation, then direct floor work.',
            self::BottomUp => 'Legs raised, legs raised with turning, both ends, the trunk curled, curled with turning or chops, the shoulder blades last.',
            self::FewestMoves => 'Grouped by position, then by kit.',
            self::WeakestFirst => 'The demand that stands lowest comes while the person is fresh.',
        };
    }

    /**
     * The main part put into this order, inside its circuits as between its blocks; primer and finisher stay, and a circuit
     * stays together, by its first station. The rests of a circuit stay where they are. What this order does not tell apart
     * stays as the trainer wrote it.
     *
     * @param array<string, Height> $heights by demand, where the person stands
     */
    public function arrange(Session $session, array $heights): Session
    {
        return $this->arranged($session, $heights, $this === self::FewestMoves);
    }

    /**
     * The same where nobody wrote it yet: what this order does not tell apart has the least change-over.
     *
     * @param array<string, Height> $heights by demand, where the person stands
     */
    public function write(Session $session, array $heights): Session
    {
        return $this->arranged($session, $heights, true);
    }

    /** @param array<string, Height> $heights */
    private function arranged(Session $session, array $heights, bool $least): Session
    {
        $before = $session->of(Part::Primer);
        $stations = static fn(Item $item): Item => $item;
        $main = $this->ordered(
            array_map(fn(Block $block): Block => $block instanceof Circuit ? $block->withItems($this->ordered($block->stations, null, $stations, $stations, $heights, $least)) : $block, $session->of(Part::Main)),
            $before === [] ? null : $before[count($before) - 1],
            static fn(Block $block): Item => $block->items()[0],
            static fn(Block $block): Item => $block->lastDone(),
            $heights,
            $least,
        );

        return new Session([...$before, ...$main, ...$session->of(Part::Finisher)]);
    }

    /**
     * @template T of object
     * @template L of list<T>
     *
     * @param L                     $all
     * @param T|null                $before
     * @param \Closure(T): Item     $first  what it begins with
     * @param \Closure(T): Item     $last   what it ends with
     * @param array<string, Height> $heights
     *
     * @return (L is non-empty-list<T> ? non-empty-list<T> : list<T>)
     */
    private function ordered(array $all, ?object $before, \Closure $first, \Closure $last, array $heights, bool $least): array
    {
        $groups = [];
        foreach ($all as $one) {
            $groups[$this->place($first($one)->rung, $heights)][] = $one;
        }
        ksort($groups);

        return $least
            ? LeastWay::through(array_values($groups), $before, fn(object $from, object $to): int => $this->cost($last($from), $first($to)))
            : array_merge(...array_values($groups));
    }

    /** Seconds of change-over; of fewest moves each change of position outweighs them. */
    private function cost(Item $from, Item $to): int
    {
        return ChangeOver::between($from, $to)->seconds + ($this === self::FewestMoves && $from->rung->position !== $to->rung->position ? self::MOVE : 0);
    }

    /** @param array<string, Height> $heights */
    private function place(Rung $rung, array $heights): int
    {
        $standing = in_array($rung->position, [Position::Standing, Position::Walking, Position::Hanging], true);
        $wholeBody = $rung->position === Position::Walking || $rung->demand === Demand::IntegratedLift;

        return match ($this) {
            self::BaseFirst => match (true) {
                $rung->demand === Demand::Activation, $rung->doseKind === DoseKind::ActivationHold => 0,
                $standing => 3,
                $rung->dynamic => 2,
                default => 1,
            },
            self::CarryFirst => match (true) {
                $wholeBody => 0,
                $rung->demand === Demand::AntiRotation => 1,
                default => 2,
            },
            // What the school has no place for stands in the middle.
            self::BottomUp => (int) array_search($rung->worksFrom ?? WorksFrom::BothEnds, WorksFrom::cases(), true),
            self::WeakestFirst => isset($heights[$rung->demand->value]) ? $heights[$rung->demand->value]->tenths : 1000,
            self::FewestMoves => 0,
        };
    }
}
