<?php

declare(strict_types=1);

namespace App\Http\Library;

use App\Http\Shared\FaultView;
use App\Http\Shared\FigureView;
use App\Http\Shared\TempoPartView;
use EvenRungs\Body\Demand;
use EvenRungs\Body\Need;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Ladder\Fault;
use EvenRungs\Ladder\Ladder;
use EvenRungs\Ladder\Library;
use EvenRungs\Ladder\Rung;
use EvenRungs\Method\Method;

/** The library as a practice reads it: the same for all its people. */
final readonly class LibraryPage
{
    public function __construct(private Library $library, private Method $method) {}

    public function view(): LibraryView
    {
        return new LibraryView($this->library->version, array_map(fn(Ladder $ladder): LibraryLadderView => self::ladder($ladder, $this->method), $this->library->ladders()));
    }

    public static function ladder(Ladder $ladder, Method $method): LibraryLadderView
    {
        return new LibraryLadderView(
            $ladder->slug,
            $ladder->name,
            $ladder->shortName,
            $ladder->demand->value,
            $ladder->demand->shortName(),
            array_map(static fn(Rung $rung): RungView => self::rung($rung, $method), $ladder->rungs),
            $ladder->signposts,
        );
    }

    private static function rung(Rung $rung, Method $method): RungView
    {
        $loads = $rung->loads->toArray();
        $dose = $rung->defaultDose($method);
        $says = $rung->coaching();

        return new RungView(
            $rung->slug,
            $rung->name,
            $rung->shortName,
            $rung->height->tenths,
            $rung->height->label(),
            $rung->height->level()->value,
            $says->purpose,
            $rung->position->inWords(),
            $rung->dynamic,
            $rung->sidedness->value,
            array_map(static fn(Need $need): string => $need->label(), $rung->kit),
            $rung->lever->inWords(),
            $rung->leverText,
            $says->cues($method),
            $says->check,
            array_map(static fn(Fault $fault): FaultView => new FaultView($fault->seen, $fault->fix), $says->faults),
            $says->breathing,
            $says->felt,
            $says->notFelt,
            $says->fallback,
            $says->fallbackRung,
            $says->wayOut,
            $says->relief,
            $loads === [] ? new \stdClass : $loads,
            DoseLine::print($dose),
            TempoPartView::of($rung, $dose),
            array_map(static fn(Demand $demand): string => $demand->shortName(), $rung->secondary),
            ! $rung->inTrunk($method),
            FigureView::of($rung->figure()),
        );
    }
}
