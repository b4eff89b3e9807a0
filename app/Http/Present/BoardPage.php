<?php

declare(strict_types=1);

namespace App\Http\Present;

use App\Actions\Dossier;
use App\Actions\Standpoint;
use App\Http\Views\BoardView;
use App\Http\Views\DemandView;
use App\Http\Views\FaultView;
use App\Http\Views\GateView;
use App\Http\Views\LadderView;
use App\Http\Views\ReasonView;
use App\Http\Views\RungView;
use App\Http\Views\StandView;
use App\Http\Views\SubstituteView;
use EvenRungs\Body\Demand;
use EvenRungs\Body\Height;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Side;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Ladder\Fault;
use EvenRungs\Ladder\Ladder;
use EvenRungs\Ladder\Rung;
use EvenRungs\Ladder\Substitution;

/** A dossier as the board shows it. */
final readonly class BoardPage
{
    public function __construct(private Dossier $dossier) {}

    public function view(): BoardView
    {
        $evenness = $this->dossier->evenness();
        $demands = [];
        $ruledOut = 0;
        foreach (Demand::cases() as $demand) {
            $ladders = array_values(array_filter($this->dossier->library->ladders, static fn(Ladder $ladder): bool => $ladder->demand === $demand));
            if ($ladders === []) {
                continue;
            }
            $shown = array_map($this->ladder(...), $ladders);
            $closed = $all = 0;
            foreach ($shown as $ladder) {
                foreach ($ladder->rungs as $rung) {
                    $all++;
                    $closed += (int) ($rung->ruledOut !== []);
                }
            }
            $ruledOut += $closed;
            $height = $evenness->heights[$demand->value] ?? null;
            $demands[] = new DemandView(
                $demand->value,
                $demand->shortName(),
                $height?->tenths,
                $height?->label(),
                in_array($demand, $evenness->toppedOut, true),
                $evenness->weakest === $demand,
                $closed === $all,
                $shown,
            );
        }

        return new BoardView(
            $demands,
            $evenness->spreadTenths,
            $evenness->spreadTenths === null ? null : Height::tenthsLabel($evenness->spreadTenths),
            ReasonView::of($evenness->reason),
            $ruledOut,
        );
    }

    private function ladder(Ladder $ladder): LadderView
    {
        return new LadderView(
            $ladder->slug,
            $ladder->name,
            $ladder->shortName,
            $ladder->demand->value,
            array_map($this->rung(...), $ladder->rungs),
            array_map(fn(Standpoint $here): StandView => new StandView(
                $here->placement->id,
                $here->side->value,
                $here->rung->slug,
                $here->placement->placed_on,
                $here->placement->reason,
                $here->placement->stopped,
                GateView::of($this->dossier->gate($here)),
            ), $this->dossier->on($ladder->slug)),
        );
    }

    private function rung(Rung $rung): RungView
    {
        $ruling = $this->dossier->circumstances()->rule($rung);
        $substitution = $ruling->openOn(Side::Both) ? null : Substitution::for($rung, $this->dossier->library, $this->dossier->circumstances());
        $loads = $rung->loads->toArray();

        return new RungView(
            $rung->slug,
            $rung->name,
            $rung->shortName,
            $rung->height->tenths,
            $rung->height->label(),
            $rung->height->level()->value,
            $rung->position->inWords(),
            $rung->dynamic,
            $rung->sidedness->value,
            array_map(static fn(Kit $kit): string => $kit->label(), $rung->kit),
            $rung->lever->inWords(),
            $rung->leverText,
            $rung->cues,
            array_map(static fn(Fault $fault): FaultView => new FaultView($fault->seen, $fault->fix), $rung->faults),
            $rung->fallback,
            $loads === [] ? new \stdClass : $loads,
            DoseLine::print($rung->defaultDose($this->dossier->method())),
            array_map(static fn(Demand $demand): string => $demand->shortName(), $rung->secondary),
            $rung->branch,
            $ruling->openOn(Side::Left),
            $ruling->openOn(Side::Right),
            ReasonView::all($ruling->reasons),
            $substitution === null ? null : new SubstituteView($substitution->instead->slug, $substitution->instead->name, ReasonView::of($substitution->reason)),
        );
    }
}
