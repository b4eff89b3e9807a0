<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Body\Demand;
use EvenRungs\Ladder\WorkKind;

/** The working sets of a session: those of activation and of a primer are none. */
final class WorkingSets
{
    /** @return array<string, int> by kind of work */
    public static function byKind(Session $session): array
    {
        $sets = array_fill_keys(array_column(WorkKind::cases(), 'value'), 0);
        foreach ($session->blocks as $block) {
            foreach ($block->part() === Part::Primer ? [] : $block->items() as $item) {
                $sets[$item->rung->kind->value] += $item->rung->demand === Demand::Activation ? 0 : $item->dose->allSets();
            }
        }

        return $sets;
    }
}
