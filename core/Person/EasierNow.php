<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Body\Side;
use EvenRungs\Dose\Dose;
use EvenRungs\Dose\Open;
use EvenRungs\Dose\Timed;
use EvenRungs\Ladder\Rung;
use EvenRungs\Progress\DoseStep;
use EvenRungs\Progress\NextDose;
use EvenRungs\Session\EasierVersion;
use EvenRungs\Session\Item;
use EvenRungs\Session\Permitted;

/**
 * The versions that may take the rest of an exercise's sets when form is lost, the smallest change first: the smaller dose
 * that was clean last, a smaller range, what the rung itself falls back to, the rung below. Only what is open to the person
 * (our own choice).
 */
final readonly class EasierNow
{
    /** @return list<EasierVersion> each rung and range once */
    public static function of(PersonRecord $record, Item $item): array
    {
        $circumstances = $record->circumstances();
        $ladder = $record->library->ladder($item->rung->ladder);
        $versions = self::asItWasClean($record, $item);
        $range = DoseStep::narrower($item->rung, $item->dose);
        if ($range !== null) {
            $versions[] = new EasierVersion(new Item($item->id, $item->rung, $range->dose, $item->firstSide), ucfirst($range->words));
        }
        $own = self::own($record, $item->rung);
        $rungs = array_filter([
            $own !== null && self::mayDo($record, $own, $item->rung) && ($own->ladder === $item->rung->ladder || $record->withheld()->waitsOn($own->ladder) === null) ? $own : null,
            $circumstances->lower($ladder, $item->rung),
        ]);
        foreach (array_column($rungs, null, 'slug') as $rung) {
            $version = $circumstances->rule($rung)->openSomewhere() ? Permitted::item(new Item($item->id, $rung, $record->doses()->carriedOver($item, $rung), $item->firstSide), $circumstances) : null;
            if ($version !== null) {
                $versions[] = new EasierVersion($version, $rung->name);
            }
        }

        return $versions;
    }

    /** What is said of the easier version, within what is open to the person. */
    public static function inWords(PersonRecord $record, Rung $rung): string
    {
        $own = self::own($record, $rung);

        return $record->circumstances()->easierInWords($record->library->ladder($rung->ladder), $rung, $own, $own === null || self::mayDo($record, $own, $rung));
    }

    /** On another ladder nothing above where they stand on it, and nothing where it was stopped. */
    private static function mayDo(PersonRecord $record, Rung $easier, Rung $rung): bool
    {
        $working = $record->workingRung($easier->ladder);

        return $easier->ladder === $rung->ladder
            || (! $record->isStopped($easier->ladder) && ($working === null || $easier->height->above($working->height) <= 0));
    }

    /** The rung that a rung falls back to; null where that is none. */
    private static function own(PersonRecord $record, Rung $rung): ?Rung
    {
        $own = $rung->coaching()->fallbackRung;

        return $own !== null && $record->library->has($own) ? $record->library->rung($own) : null;
    }

    /** @return list<EasierVersion> the smaller dose that was clean last, in the sets that are written */
    private static function asItWasClean(PersonRecord $record, Item $item): array
    {
        $clean = NextDose::lastCleanBelow(NextDose::onRung($item->rung, $record->rungSessions(Side::Both)), $item->dose);
        if ($clean === null || $item->dose->first() instanceof Timed || $item->dose->first() instanceof Open || $item->dose->isFalling() || $clean->dose->isFalling() || $clean->dose->unit() !== $item->dose->unit()) {
            return [];
        }
        $dose = $item->dose->withBody($clean->dose->first())->withLoad($clean->dose->loadGrams)->withPull($clean->dose->pull);

        return [new EasierVersion(new Item($item->id, $item->rung, $dose, $item->firstSide), "As it was clean on {$clean->date->inWords()}")];
    }
}
