<?php

declare(strict_types=1);

namespace App\Models;

use EvenRungs\Calendar\Day;
use EvenRungs\Week\Cell;
use EvenRungs\Week\DayPart;
use EvenRungs\Week\PlanMove;
use EvenRungs\Week\PlannedSlot;
use EvenRungs\Week\SessionRole;
use EvenRungs\Week\Shape;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * The week of a person's core sessions, and what is different in single weeks.
 *
 * @property string $id
 * @property string $person_id
 * @property list<array{id: string, session: string, day: int, part: string, time?: string|null, placement: string, effort: int, only: string|null, since: string}> $slots only: Monday of the one week it is for; since: the date it was placed; time: 17:30, where it has one
 * @property list<array{slot: string, monday: string, day: int|null, part: string|null, time?: string|null, placement: string|null, effort: int|null}> $moves day null: left out that week
 * @property list<string> $away    dates without training
 * @property int          $version
 * @property string|null  $shape   it was laid out from
 */
final class Plan extends Model
{
    use BelongsToPractice;
    use HasUlids;

    public $timestamps = true;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['slots' => 'array', 'moves' => 'array', 'away' => 'array', 'version' => 'integer'];
    }

    public function inCore(): \EvenRungs\Week\Plan
    {
        $cell = static fn(array $at): ?Cell => $at['day'] === null || $at['part'] === null ? null : Cell::at($at['day'], DayPart::from($at['part']), $at['time'] ?? null);

        return new \EvenRungs\Week\Plan(
            array_map(static fn(array $slot): PlannedSlot => new PlannedSlot($slot['id'], $slot['session'], Cell::at($slot['day'], DayPart::from($slot['part']), $slot['time'] ?? null), SessionRole::from($slot['placement']), $slot['effort'], $slot['only'] === null ? null : Day::parse($slot['only']), Day::parse($slot['since'])), $this->slots),
            array_map(static fn(array $move): PlanMove => new PlanMove($move['slot'], $move['monday'], $cell($move), SessionRole::tryFrom($move['placement'] ?? ''), $move['effort']), $this->moves),
            $this->away,
            $this->version,
            Shape::tryFrom($this->shape ?? ''),
        );
    }
}
