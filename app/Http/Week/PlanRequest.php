<?php

declare(strict_types=1);

namespace App\Http\Week;

use App\Http\Shared\ApiRequest;
use App\Http\Shared\ClockTimes;
use App\Models\Plan;
use EvenRungs\Week\Cell;
use EvenRungs\Week\DayPart;
use EvenRungs\Week\SessionRole;
use EvenRungs\Week\Shape;
use Illuminate\Validation\Rule;

/**
 * @body int $version version that was read; 0 when nothing was placed yet
 * @body list<CoreSlotView> $slots
 * @body list<WeekMoveView> $moves
 * @body list<string> $away dates without training
 * @body Shape|null $shape it was laid out from
 */
final class PlanRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer:strict', 'min:0'],
            'slots' => ['present', 'list', 'max:84', $this->roomInEachWeek(...)],
            'shape' => ['nullable', Rule::enum(Shape::class)],
            'slots.*.id' => ['required', 'string', 'max:40', 'regex:/^[a-z0-9-]+$/', 'distinct'],
            'slots.*.session' => ['required', 'string', self::ULID],
            'slots.*.day' => ['required', 'integer:strict', 'between:1,7'],
            'slots.*.part' => ['required', Rule::enum(DayPart::class)],
            'slots.*.placement' => ['required', Rule::enum(SessionRole::class)],
            'slots.*.effort' => ['required', 'integer:strict', 'between:0,10'],
            'slots.*.time' => ['nullable', 'string', self::TIME],
            'slots.*.only' => ['nullable', ...self::PLANNED_DAY],
            'moves' => ['present', 'list', 'max:400'],
            'moves.*.slot' => ['required', 'string', 'max:40'],
            'moves.*.monday' => ['required', ...self::PLANNED_DAY],
            'moves.*.day' => ['present', 'nullable', 'integer:strict', 'between:1,7'],
            'moves.*.part' => ['present', 'nullable', Rule::enum(DayPart::class)],
            'moves.*.placement' => ['present', 'nullable', Rule::enum(SessionRole::class)],
            'moves.*.effort' => ['present', 'nullable', 'integer:strict', 'between:0,10'],
            'moves.*.time' => ['nullable', 'string', self::TIME],
            'away' => ['present', 'list', 'max:200'],
            'away.*' => [...self::PLANNED_DAY, 'distinct'],
        ];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [
            ...parent::messages(),
            'slots.max' => 'A plan has room for 84 sessions.',
            'slots.*.time.regex' => 'A clock time is written as 17:30.',
            'moves.*.time.regex' => 'A clock time is written as 17:30.',
            'slots.*.effort.between' => 'Effort goes from 0 to 10.',
            'slots.*.day.between' => 'A week has the days 1 to 7.',
        ];
    }

    /** Those of every week and those of one count together. */
    private function roomInEachWeek(string $attribute, mixed $value, \Closure $fail): void
    {
        if (! \EvenRungs\Week\Plan::hasRoomFor(array_map(static fn(mixed $slot): ?string => is_string($only = data_get($slot, 'only')) ? $only : null, is_array($value) ? array_values($value) : []))) {
            $fail('A week has room for '.\EvenRungs\Week\Plan::ROOM.' core sessions, three a day.');
        }
    }

    /**
     * @param Plan|null $stored as it stands
     *
     * @return array{slots: list<array<string, mixed>>, moves: list<array<string, mixed>>, away: list<string>, shape?: string|null}
     */
    public function columns(?Plan $stored): array
    {
        $part = static fn(mixed $at): mixed => ($time = data_get($at, 'time')) === null ? data_get($at, 'part') : Cell::at(1, DayPart::Morning, is_string($time) ? $time : null)->part->value;
        $slots = array_map(static fn(mixed $slot): array => ['id' => data_get($slot, 'id'), 'session' => data_get($slot, 'session'), 'day' => (int) data_get($slot, 'day'), 'part' => $part($slot), 'placement' => data_get($slot, 'placement'), 'effort' => (int) data_get($slot, 'effort'), 'only' => data_get($slot, 'only'), 'time' => ClockTimes::of($slot, $stored->slots ?? [], ['id', 'part'])], $this->entries('slots'));
        $ids = array_column($slots, 'id');
        $moves = array_map(static fn(mixed $move): array => ['slot' => data_get($move, 'slot'), 'monday' => data_get($move, 'monday'), 'day' => data_get($move, 'day'), 'part' => $part($move), 'placement' => data_get($move, 'placement'), 'effort' => data_get($move, 'effort'), 'time' => ClockTimes::of($move, $stored->moves ?? [], ['slot', 'monday', 'part'])], $this->entries('moves'));
        $away = $this->texts('away');
        sort($away);

        // What was different for a session that is gone goes with it.
        return ['slots' => $slots, 'moves' => array_values(array_filter($moves, static fn(array $move): bool => in_array($move['slot'], $ids, true))), 'away' => $away, ...($this->has('shape') ? ['shape' => $this->text('shape') === '' ? null : $this->text('shape')] : [])];
    }
}
