<?php

declare(strict_types=1);

namespace App\Http\Squad;

use App\Actions\KeepSquad;
use App\Http\Shared\ApiRequest;
use App\Library\PracticeLibrary;
use App\Models\Person;
use App\Models\Squad as SquadRow;
use EvenRungs\Body\Kit;
use EvenRungs\Squad\Squad;
use EvenRungs\Squad\SquadClock;
use EvenRungs\Week\Cell;
use EvenRungs\Week\DayPart;
use Illuminate\Validation\Rule;

/**
 * @body int $version version that was read
 * @body string $name
 * @body list<SquadMemberInput> $members in line
 * @body list<string> $stations slugs of ladders, in order
 * @body int $work seconds
 * @body int $change seconds from one station to the next
 * @body int $rounds
 * @body int $roundRest seconds
 * @body list<Kit>|null $kit where they train; null goes by the place of each
 * @body list<SquadMeetingInput> $meets when, in every week
 */
final class SquadRequest extends ApiRequest
{
    /** A squad meets no oftener. */
    private const MEETINGS = 7;

    public const NAME = ['required', 'string', 'max:80', 'regex:/^[^\p{C}]+$/u'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer:strict', 'min:1'],
            'name' => self::NAME,
            'members' => ['present', 'list', 'max:'.Squad::MOST],
            'members.*.person' => ['required', 'string', self::ULID, 'distinct', self::known()],
            'members.*.here' => ['required', 'boolean:strict'],
            'stations' => ['required', 'list', 'min:'.SquadClock::STATIONS[0], 'max:'.SquadClock::STATIONS[1]],
            'stations.*' => ['string', 'distinct', static function (string $field, mixed $slug, \Closure $fail): void {
                if (! is_string($slug) || ! app(PracticeLibrary::class)->library()->hasLadder($slug)) {
                    $fail('There is no such ladder.');
                }
            }],
            'work' => self::between(SquadClock::WORK),
            'change' => self::between(SquadClock::CHANGE),
            'rounds' => self::between(SquadClock::ROUNDS),
            'roundRest' => self::between(SquadClock::ROUND_REST),
            // A page that was open since before a squad had kit says nothing of it.
            'kit' => ['nullable', 'list'],
            'kit.*' => ['string', 'distinct', Rule::enum(Kit::class)],
            // Nor one from before a squad stood in a week.
            'meets' => ['list', 'max:'.self::MEETINGS, self::eachAtItsOwnTime()],
            'meets.*.day' => ['required', 'integer:strict', 'between:1,7'],
            'meets.*.part' => ['required', Rule::enum(DayPart::class)],
            'meets.*.time' => ['present', 'nullable', 'string', self::TIME],
            'meets.*.effort' => ['required', 'integer:strict', 'between:0,10'],
        ];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [...parent::messages(), 'stations.min' => 'A squad goes round at least two stations.', 'members.max' => 'At most '.Squad::MOST.' people train in one squad.', 'meets.max' => 'A squad meets at most seven times a week.', 'meets.*.time.regex' => 'A clock time is written as 17:30.', 'meets.*.effort.between' => 'Effort goes from 0 to 10.'];
    }

    /** @return \Closure(string, mixed, \Closure(string): mixed): void that a person is of this practice, and not put away */
    public static function known(): \Closure
    {
        return static function (string $field, mixed $id, \Closure $fail): void {
            if (! is_string($id) || ! Person::query()->whereKey($id)->whereNull('archived_at')->exists()) {
                $fail('This person is not here any more.');
            }
        };
    }

    /** @return list<string> */
    public function stations(): array
    {
        return $this->texts('stations');
    }

    public function clock(): SquadClock
    {
        return new SquadClock(count($this->stations()), $this->integer('work'), $this->integer('change'), $this->integer('rounds'), $this->integer('roundRest'));
    }

    /** @return array<string, mixed> what is kept of a squad beside its people */
    public function columns(SquadRow $now): array
    {
        return ['name' => $this->text('name'), 'kit' => $this->kit($now->kit), 'meets' => $this->meets($now->meets), ...KeepSquad::columns($this->stations(), $this->clock())];
    }

    /**
     * @param list<array{day: int, part: string, time: string|null, effort: int}>|null $now
     *
     * @return list<array{day: int, part: string, time: string|null, effort: int}>|null in order of time
     */
    private function meets(?array $now): ?array
    {
        if (! $this->has('meets')) {
            return $now;
        }
        $meets = array_map(static function (mixed $at): array {
            $cell = self::cell($at);

            return ['day' => $cell->day, 'part' => $cell->part->value, 'time' => $cell->time(), 'effort' => is_int($effort = data_get($at, 'effort')) ? $effort : 0];
        }, $this->entries('meets'));
        usort($meets, static fn(array $a, array $b): int => Cell::at($a['day'], DayPart::from($a['part']), null)->index() <=> Cell::at($b['day'], DayPart::from($b['part']), null)->index());

        return $meets === [] ? null : $meets;
    }

    /** With a clock time the part of the day follows from it. */
    private static function cell(mixed $at): Cell
    {
        [$day, $part, $time] = [data_get($at, 'day'), data_get($at, 'part'), data_get($at, 'time')];

        return Cell::at(is_int($day) && $day >= 1 && $day <= 7 ? $day : 1, DayPart::tryFrom(is_string($part) ? $part : '') ?? DayPart::Evening, is_string($time) && preg_match('/^\d\d:\d\d$/D', $time) === 1 ? $time : null);
    }

    /** @return \Closure(string, mixed, \Closure(string): mixed): void */
    private static function eachAtItsOwnTime(): \Closure
    {
        return static function (string $field, mixed $meets, \Closure $fail): void {
            $places = array_map(static fn(mixed $at): int => self::cell($at)->index(), is_array($meets) ? $meets : []);
            if (count($places) !== count(array_unique($places))) {
                $fail('A squad meets once in a part of a day.');
            }
        };
    }

    /**
     * @param list<string>|null $now
     *
     * @return list<string>|null in the order of the catalogue
     */
    private function kit(?array $now): ?array
    {
        if (! $this->has('kit')) {
            return $now;
        }
        $kit = $this->input('kit') === null ? null : $this->texts('kit');

        return $kit === null ? null : array_values(array_intersect(array_column(Kit::cases(), 'value'), $kit));
    }

    /** @return list<array{person: string, here: bool}> */
    public function line(): array
    {
        return array_map(static fn(mixed $member): array => ['person' => is_array($member) && is_string($member['person'] ?? null) ? $member['person'] : '', 'here' => is_array($member) && ($member['here'] ?? false) === true], $this->entries('members'));
    }

    /**
     * @param array{int, int} $bounds
     *
     * @return list<string>
     */
    private static function between(array $bounds): array
    {
        return ['required', 'integer:strict', "between:{$bounds[0]},{$bounds[1]}"];
    }
}
