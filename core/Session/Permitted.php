<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Body\Side;
use EvenRungs\Dose\Timed;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Ladder\Rung;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/**
 * What of a session may be trained: without the rungs, or the sides of them, that a limit or missing kit rules out, and
 * without ladders that are withheld for now.
 */
final readonly class Permitted
{
    /**
     * @param Session|null $session null when nothing is left
     * @param list<Reason> $leftOut what was, and why
     */
    private function __construct(public ?Session $session, public array $leftOut) {}

    /** @param (\Closure(Rung): ?Reason)|null $withheld why nothing of the ladder of a rung is trained for now; null where something is */
    public static function of(Session $session, Circumstances $circumstances, ?\Closure $withheld = null): self
    {
        $leftOut = [];
        $permitted = $session;
        foreach ($session->items() as $item) {
            $reason = $withheld === null ? null : $withheld($item->rung);
            $narrowed = $reason === null ? self::item($item, $circumstances) : null;
            if ($narrowed === $item) {
                continue;
            }
            $leftOut[] = $reason ?? self::because($item, $narrowed, $circumstances);
            $permitted = match (true) {
                $permitted === null => null,
                $narrowed === null => Edit::remove($item->id)->appliedTo($permitted),
                default => Edit::dose($item->id, $narrowed->dose)->appliedTo($permitted),
            };
        }

        return new self($permitted, $leftOut);
    }

    /** The exercise as far as it may be trained: the same, or for the side that is open, or null. */
    public static function item(Item $item, Circumstances $circumstances): ?Item
    {
        $ruling = $circumstances->rule($item->rung);
        $closed = static fn(Side $side): bool => ($item->dose->only === null || $item->dose->only === $side) && $ruling->isKeptFrom($side);
        if (! $closed(Side::Left) && ! $closed(Side::Right)) {
            return $item;
        }
        $open = array_values(array_filter(
            $item->isOneSided() ? [Side::Left, Side::Right] : [],
            static fn(Side $side): bool => ($item->dose->only ?? $side) === $side && ! $ruling->isKeptFrom($side),
        ));
        if ($open === []) {
            return null;
        }
        // Of a station by the clock the open side keeps its half, and no more; of the shortest, what the clock can ask for at the least.
        $body = $item->dose->first();
        $dose = $body instanceof Timed ? $item->dose->withBody(Timed::of(max(Timed::LEAST, SetClock::eachSide($body->seconds)))) : $item->dose;

        return new Item($item->id, $item->rung, $dose->onlyOn($open[0]), $open[0]);
    }

    /** The side of an exercise that is left out; both where all of it is, null where nothing is. */
    public static function leftOutOf(Item $item, Circumstances $circumstances): ?Side
    {
        $narrowed = self::item($item, $circumstances);

        return match (true) {
            $narrowed === null => Side::Both,
            $narrowed === $item => null,
            default => $narrowed->firstSide->other(),
        };
    }

    private static function because(Item $item, ?Item $narrowed, Circumstances $circumstances): Reason
    {
        $why = $circumstances->rule($item->rung)->reasons[0];

        return Reason::because(
            Rule::LeftOut,
            ($narrowed === null ? 'Left out' : ucfirst($narrowed->firstSide->value).' side only').": {$why->sentence}",
            ['exercise' => $item->rung->name, 'why' => $why->sentence],
            'The limit lifted, the kit at hand, or the trainer’s allowance on the board, with a reason.',
        );
    }
}
