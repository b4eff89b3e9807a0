<?php

declare(strict_types=1);

namespace EvenRungs\Program;

use EvenRungs\Ladder\UnknownRung;

/** Whether what the trainer has fixed can be kept at all. */
final class LockCheck
{
    /** @return list<string> what speaks against it, each as a sentence */
    public static function of(StartingPoint $standing, ProgramRequest $wish): array
    {
        $against = [];
        foreach ($wish->locks->rungs as $week => $rungs) {
            foreach ($rungs as $ladder => $slug) {
                $problem = self::rung($standing, $ladder, $slug);
                if ($problem !== null) {
                    $against[] = "Week {$week}: {$problem}";
                }
                if (in_array($ladder, $wish->locks->without, true)) {
                    $against[] = "Week {$week}: a rung is fixed on a ladder that is left out.";
                }
            }
        }
        $slots = array_map(static fn(ProgramSlot $slot): string => $slot->id, $wish->slots);
        foreach ($wish->locks->sets as $slot => $sets) {
            foreach ($sets as $ladder => $count) {
                if (! in_array($slot, $slots, true)) {
                    continue;
                }
                if ($count > 0 && in_array($ladder, $wish->locks->without, true)) {
                    $against[] = "{$standing->library->ladder($ladder)->name}: sets are fixed on a ladder that is left out.";
                }
            }
        }
        foreach ($wish->locks->doses as $week => $doses) {
            foreach (array_keys($doses) as $ladder) {
                if (in_array($ladder, $wish->locks->without, true)) {
                    $against[] = "Week {$week}: a dose is fixed on a ladder that is left out.";
                }
            }
        }

        return array_values(array_unique($against));
    }

    private static function rung(StartingPoint $standing, string $ladder, string $slug): ?string
    {
        try {
            $rung = $standing->library->rung($slug);
        } catch (UnknownRung) {
            return 'the rung fixed there is not in the library.';
        }
        if ($rung->ladder !== $ladder) {
            return "“{$rung->name}” stands on another ladder than the one it is fixed on.";
        }
        if (in_array($ladder, $standing->stopped, true)) {
            return "“{$rung->name}” is fixed, and its ladder is stopped after pain.";
        }

        return OpeningRungs::isOpen($standing, $rung) ? null : "“{$rung->name}” is fixed, and ruled out. {$standing->circumstances->rule($rung)->reasons[0]->sentence}";
    }
}
