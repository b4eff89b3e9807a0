<?php

declare(strict_types=1);

namespace App\Http\Board;

use App\Http\Shared\GateView;
use App\Http\Shared\ReasonView;
use App\Models\SetUp;
use App\Records\Dossier;
use App\Records\Standpoint;
use EvenRungs\Body\Demand;
use EvenRungs\Body\Height;
use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Ladder\Ladder;
use EvenRungs\Ladder\Ruling;
use EvenRungs\Ladder\Rung;
use EvenRungs\Ladder\Substitution;

/** A dossier as the board shows it: what the library itself says of the rungs is LibraryPage. */
final class BoardPage
{
    private const GHOST_DAYS = 28;

    private const SUBSTITUTES = 3;

    /** @var array<string, Ruling> by rung */
    private array $rulings = [];

    /** @var list<Rung> open on both sides */
    private array $open = [];

    public function __construct(private readonly Dossier $dossier)
    {
        foreach ($dossier->library->ladders() as $ladder) {
            foreach ($ladder->rungs as $rung) {
                $ruling = $dossier->circumstances()->rule($rung);
                $this->rulings[$rung->slug] = $ruling;
                if ($ruling->openOn(Side::Both)) {
                    $this->open[] = $rung;
                }
            }
        }
    }

    public function view(): BoardView
    {
        $evenness = $this->dossier->evenness();
        $before = $this->dossier->evennessOf($this->dossier->standpointsOn($this->fourWeeksAgo()));
        $demands = [];
        foreach (Demand::cases() as $demand) {
            $ladders = array_values(array_filter($this->dossier->library->ladders(), static fn(Ladder $ladder): bool => $ladder->demand === $demand));
            if ($ladders === []) {
                continue;
            }
            $height = $evenness->heights[$demand->value] ?? null;
            $open = array_filter($this->dossier->library->meeting($demand), fn(Rung $rung): bool => $this->rulings[$rung->slug]->openSomewhere());
            $demands[] = new DemandView(
                $demand->value,
                $demand->shortName(),
                $height?->tenths,
                $height?->label(),
                in_array($demand, $evenness->toppedOut, true),
                $evenness->weakest === $demand,
                $open === [],
                array_map(fn(Ladder $ladder): LadderView => $this->ladder($ladder, $height), $ladders),
            );
        }
        $putAway = count(array_filter($this->rulings, static fn(Ruling $ruling): bool => $ruling->putAway));

        return new BoardView(
            $demands,
            $evenness->spreadTenths,
            $evenness->spreadTenths === null ? null : Height::tenthsLabel($evenness->spreadTenths),
            ReasonView::of($evenness->reason),
            count($this->rulings) - count($this->open) - $putAway,
            $putAway,
            $before->spreadTenths === null ? null : Height::tenthsLabel($before->spreadTenths),
            array_values($this->dossier->person->setUps->map(static fn(SetUp $row): SetUpView => new SetUpView($row->rung, $row->text, $row->version))->all()),
        );
    }

    private function ladder(Ladder $ladder, ?Height $personHeight): LadderView
    {
        $closed = [];
        foreach ($ladder->rungs as $rung) {
            $ruling = $this->rulings[$rung->slug];
            if (! $ruling->openOn(Side::Both)) {
                $closed[] = new ClosedRungView(
                    $rung->slug,
                    $ruling->openOn(Side::Left),
                    $ruling->openOn(Side::Right),
                    $ruling->putAway,
                    ReasonView::all($ruling->reasons),
                    array_map(
                        SubstituteView::of(...),
                        Substitution::among($rung, $this->open, $personHeight, self::SUBSTITUTES),
                    ),
                );
            }
        }
        $here = $this->dossier->on($ladder->slug);

        return new LadderView(
            $ladder->slug,
            $closed,
            array_map(fn(Standpoint $stand): PositionView => new PositionView(
                $stand->placement->id,
                $stand->side->value,
                $stand->rung->slug,
                $stand->placement->placedOn,
                $stand->placement->reason,
                $stand->placement->stopped,
                GateView::of($this->dossier->gate($stand)),
                $this->dossier->circumstances()->nextOpen($ladder, $stand->rung, up: true)?->slug,
            ), $here),
            $this->ghosts($ladder->slug, $here),
            array_filter($ladder->rungs, fn(Rung $rung): bool => ! $this->rulings[$rung->slug]->putAway) === [],
        );
    }

    /**
     * @param list<Standpoint> $here
     *
     * @return list<StoodView>
     */
    private function ghosts(string $ladder, array $here): array
    {
        $today = array_map(static fn(Standpoint $stand): string => $stand->side->value.$stand->rung->slug, $here);
        $ghosts = [];
        foreach ($this->dossier->standpointsOn($this->fourWeeksAgo()) as $stand) {
            if ($stand->rung->ladder === $ladder && ! in_array($stand->side->value.$stand->rung->slug, $today, true)) {
                $ghosts[] = new StoodView($ladder, $stand->side->value, $stand->rung->slug);
            }
        }

        return $ghosts;
    }

    private function fourWeeksAgo(): Day
    {
        return $this->dossier->today()->plusDays(-self::GHOST_DAYS);
    }
}
