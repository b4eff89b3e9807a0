<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Assessment\Start;
use EvenRungs\Assessment\Starts;
use EvenRungs\Balance\Position;
use EvenRungs\Body\Side;
use EvenRungs\Reason\Reason;

/** Where the tests lead, beside where the person stands. */
final readonly class FromTests
{
    /**
     * @param list<Start>  $starts  weakest first; what has been placed since is left out
     * @param list<Reason> $stays   rungs that are higher than a newer test can say: the person stays on them
     * @param list<Reason> $waiting ladders nobody placed the person on, which begin above all that was tested
     */
    private function __construct(public array $starts, public array $stays, public array $waiting) {}

    public static function of(PersonRecord $record): self
    {
        $tested = [$record->library, $record->circumstances(), $record->history->holds(), $record->history->climbs(), $record->history->brace()];
        $starts = $stays = [];
        foreach (Starts::propose(...$tested) as $start) {
            $here = array_values(array_filter($record->on($start->rung->ladder), static fn(Position $one): bool => $one->side->meets($start->side)));
            if ($start->hasLapsed($here === [] ? null : max(array_map(static fn(Position $one): int => $one->sequence, $here)))) {
                continue;
            }
            $higher = array_values(array_filter($here, static fn(Position $one): bool => $start->stays($one->rung) !== null));
            $stays = [...$stays, ...array_values(array_filter(array_map(static fn(Position $one): ?Reason => $start->stays($one->rung), $higher)))];
            if ($higher === []) {
                $starts[] = $start;
            } elseif (count($higher) < count($here)) {
                // Of two sides only the one that stands no higher is moved.
                $starts[] = $start->only($higher[0]->side === Side::Left ? Side::Right : Side::Left);
            }
        }
        $waiting = array_filter(Starts::waiting(...$tested), static fn(string $ladder): bool => $record->on($ladder) === [], ARRAY_FILTER_USE_KEY);

        return new self($starts, $stays, array_values($waiting));
    }
}
