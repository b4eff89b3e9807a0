<?php

declare(strict_types=1);

namespace App\Http\Board;

use App\Models\Decision;
use App\Models\Placement;
use App\Models\User;
use App\Records\PersonFile;
use EvenRungs\Balance\Position;
use EvenRungs\Body\Height;
use EvenRungs\Body\Side;
use EvenRungs\Progress\Decision as ProgressDecision;

/** Every move of a person, those taken back among them. */
final readonly class PathPage
{
    /** Moves of a page. */
    private const MOVES = 30;

    public function __construct(private PersonFile $file) {}

    /** @param string|null $after where the page before ended */
    public function view(?string $after): PathView
    {
        $page = Placement::query()->where('person_id', $this->file->person->id)->orderByDesc('sequence')->orderByDesc('id')->cursorPaginate(self::MOVES, ['*'], 'after', $after);
        $moves = array_reverse(array_values($page->items()));
        $names = User::query()->where('practice_id', $this->file->person->practice_id)->pluck('name', 'id');
        $choices = Decision::query()->whereKey(array_filter(array_map(static fn(Placement $move): ?string => $move->decision_id, $moves)))->pluck('choice', 'id');
        /** @var array<string, int> $before height by ladder and side, where the page begins */
        $before = [];
        foreach ($moves === [] ? [] : $this->file->record->positionsAfter($moves[0]->sequence - 1) as $here) {
            foreach ($here->side === Side::Both ? [Side::Left, Side::Right] : [$here->side] as $side) {
                $before[$here->rung->ladder.$side->value] = $here->rung->height->tenths;
            }
        }
        $views = [];
        foreach ($moves as $move) {
            $name = $names->get($move->user_id);
            $choice = $move->decision_id === null ? null : $choices->get($move->decision_id);
            $views[] = $this->move($move, is_string($name) ? $name : '', is_string($choice) ? $choice : null, $before);
        }

        return new PathView($views, $page->nextCursor()?->encode());
    }

    /** @param array<string, int> $before */
    private function move(Placement $move, string $by, ?string $decision, array &$before): MoveView
    {
        // Read once: at each look it is decoded anew.
        $rung = $move->rung_snapshot;
        $height = is_int($rung['height'] ?? null) ? $rung['height'] : 0;
        $name = is_string($rung['name'] ?? null) ? $rung['name'] : $move->rung;
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
        $stands = $takenBack ? [] : $this->file->record->positionsAfter($move->sequence);
        $evenness = $this->file->record->evennessOf($stands);

        return new MoveView(
            placement: $move->id,
            on: $move->placed_on,
            by: $by,
            ladder: $move->ladder,
            side: Side::from($move->side),
            sentence: "{$way} “{$name}” (".Height::tenthsLabel($height).')'.($move->side === Side::Both->value ? '' : ", {$move->side}"),
            reason: $move->reason,
            decision: $decision === null ? null : ProgressDecision::from($decision),
            takenBack: $takenBack,
            spreadText: $evenness->spreadTenths === null ? null : Height::tenthsLabel($evenness->spreadTenths),
            stands: array_map(static fn(Position $here): StoodView => new StoodView(ladder: $here->rung->ladder, side: $here->side, rung: $here->rung->slug), $stands),
            heights: $evenness->heights === [] ? new \stdClass : array_map(static fn(Height $one): int => $one->tenths, $evenness->heights),
        );
    }
}
