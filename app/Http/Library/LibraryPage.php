<?php

declare(strict_types=1);

namespace App\Http\Library;

use EvenRungs\Body\Demand;
use EvenRungs\Body\Need;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\Range;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Ladder\Ladder;
use EvenRungs\Ladder\Library;
use EvenRungs\Ladder\Names;
use EvenRungs\Ladder\Rung;
use EvenRungs\Method\Method;
use EvenRungs\Progress\FirstDose;
use EvenRungs\Session\CuePhase;

/** The library as a practice reads it: the same for all its people. */
final readonly class LibraryPage
{
    public function __construct(private Library $library, private Method $method) {}

    public function view(): LibraryView
    {
        return new LibraryView(version: $this->library->version, ladders: array_map(fn(Ladder $ladder): LibraryLadderView => self::ladder($ladder, $this->method, $this->library->names), $this->library->ladders()));
    }

    public static function ladder(Ladder $ladder, Method $method, Names $names): LibraryLadderView
    {
        return new LibraryLadderView(
            slug: $ladder->slug,
            name: $ladder->name,
            shortName: $ladder->shortName,
            demand: $ladder->demand->value,
            demandName: $ladder->demand->shortName(),
            rungs: array_map(static fn(Rung $rung): RungView => self::rung($rung, $method, $names), $ladder->rungs),
            signposts: $ladder->signposts,
        );
    }

    private static function rung(Rung $rung, Method $method, Names $names): RungView
    {
        $loads = $rung->loads->toArray();
        $dose = FirstDose::half($rung, $method)->dose;
        $says = $rung->coaching();

        return new RungView(
            slug: $rung->slug,
            name: $rung->name,
            shortName: $rung->shortName,
            alsoCalled: $names->alsoCalled($rung),
            height: $rung->height->tenths,
            heightText: $rung->height->label(),
            level: $rung->height->level()->value,
            purpose: $says->purpose,
            position: $rung->position->inWords(),
            dynamic: $rung->dynamic,
            sidedness: $rung->sidedness->value,
            kit: array_map(static fn(Need $need): string => $need->label(), $rung->kit),
            lever: $rung->lever->inWords(),
            leverText: $rung->leverText,
            cues: $rung->cues(new Circumstances([], [], $method)),
            check: $says->check,
            faults: $says->faults,
            felt: $says->felt,
            notFelt: $says->notFelt,
            fallback: $says->fallback,
            fallbackRung: $says->fallbackRung,
            wayOut: $says->wayOut->words,
            relief: $says->relief->words,
            loads: $loads === [] ? new \stdClass : $loads,
            dose: DoseLine::print($dose),
            tempo: CuePhase::of($rung, $dose),
            secondary: array_map(static fn(Demand $demand): string => $demand->shortName(), $rung->secondary),
            branch: ! $rung->inTrunk($method),
            ranges: array_map(static fn(Range $range): string => $range->print(), $rung->range->steps ?? []),
            rangesText: $rung->range?->inWords() ?? '',
        );
    }
}
