<?php

declare(strict_types=1);

namespace App\Http\Board;

use App\Models\Decision;
use App\Models\Placement;
use App\Models\User;
use App\Records\Dossier;
use App\Records\Standpoint;
use EvenRungs\Body\Height;
use EvenRungs\Body\Side;

/** Every move of a person, those taken back among them. */
final readonly class PathPage
{
    public function __construct(private Dossier $dossier) {}

    public function view(): PathView
    {
        $moves = Placement::query()->where('person_id', $this->dossier->person->id)->get()->sortBy('sequence');
        $names = User::query()->where('practice_id', $this->dossier->person->practice_id)->pluck('name', 'id');
        $choices = $this->dossier->person->decisions->mapWithKeys(static fn(Decision $decision): array => [$decision->id => $decision->choice]);
        /** @var array<string, int> $before height by ladder and side */
        $before = [];
        $views = [];
        foreach ($moves as $move) {
            $name = $names->get($move->user_id);
            $choice = $move->decision_id === null ? null : $choices->get($move->decision_id);
            $views[] = $this->move($move, is_string($name) ? $name : '', is_string($choice) ? $choice : null, $before);
        }

        return new PathView($views);
    }

    /** @param array<string, int> $before */
    private function move(Placement $move, string $by, ?string $decision, array &$before): MoveView
    {
        $height = is_int($move->rung_snapshot['height'] ?? null) ? $move->rung_snapshot['height'] : 0;
        $name = is_string($move->rung_snapshot['name'] ?? null) ? $move->rung_snapshot['name'] : $move->rung;
        $sides = $move->side === Side::Both->value ? [Side::Left->value, Side::Right->value] : [$move->side];
        $from = $before[$move->ladder.$sides[0]] ?? null;
        $way = match (true) {
            $move->stopped => 'Stopped on',
            $from === null => 'Placed on',
            $height > $from => 'Up to',
            $height < $from => 'Down to',
            default => 'Moved to',
        };
        $takenBack = $move->undone_at !== null;
        if (! $takenBack) {
            foreach ($sides as $side) {
                $before[$move->ladder.$side] = $height;
            }
        }
        $stands = $takenBack ? [] : $this->dossier->standpointsAfter($move->sequence);
        $evenness = $this->dossier->evennessOf($stands);

        return new MoveView(
            $move->id,
            $move->placed_on,
            $by,
            $move->ladder,
            $move->side,
            "{$way} “{$name}” (".Height::tenthsLabel($height).')'.($move->side === Side::Both->value ? '' : ", {$move->side}"),
            $move->reason,
            $decision,
            $takenBack,
            $evenness->spreadTenths === null ? null : Height::tenthsLabel($evenness->spreadTenths),
            array_map(static fn(Standpoint $here): StoodView => new StoodView($here->rung->ladder, $here->side->value, $here->rung->slug), $stands),
            $evenness->heights === [] ? new \stdClass : array_map(static fn(Height $one): int => $one->tenths, $evenness->heights),
        );
    }
}
