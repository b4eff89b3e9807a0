<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Body\Height;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/** A session in the order of a school, and what that does to it. */
final readonly class Ordering
{
    private function __construct(public OrderSchool $school, public Session $session, public int $savedSeconds, public bool $isPresent, public Reason $reason) {}

    /** @param array<string, Height> $heights by demand, where the person stands */
    public static function of(Session $session, OrderSchool $school, array $heights): self
    {
        $arranged = $school->arrange($session, $heights);
        [$before, $after] = [$session->timeline()->totals(), $arranged->timeline()->totals()];
        $saved = $before->total() - $after->total();
        $same = self::ids($session) === self::ids($arranged);
        $change = match (true) {
            $same => 'That is the order it has.',
            $saved > 0 => "Saves {$saved} s of change-over.",
            $saved < 0 => 'Costs '.(-$saved).' s more change-over.',
            default => 'The change-overs take as long as now.',
        };

        return new self($school, $arranged, $saved, $same, Reason::because(
            Rule::Order,
            $school->inWords().' '.$change,
            [
                'begins with' => $arranged->items()[0]->rung->name,
                'change-over now' => Totals::clock($before->changeOver),
                'change-over then' => Totals::clock($after->changeOver),
                'changes of position' => self::moves($session).' now, '.self::moves($arranged).' then',
            ],
        ));
    }

    /** @return list<string> */
    private static function ids(Session $session): array
    {
        return array_map(static fn(Item $item): string => $item->id, $session->items());
    }

    /** How often the next exercise is in another position than the one before. */
    public static function moves(Session $session): int
    {
        $moves = 0;
        $last = null;
        foreach ($session->items() as $item) {
            $moves += (int) ($last !== null && $last !== $item->rung->position);
            $last = $item->rung->position;
        }

        return $moves;
    }
}
