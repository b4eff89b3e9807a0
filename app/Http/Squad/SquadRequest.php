<?php

declare(strict_types=1);

namespace App\Http\Squad;

use App\Http\Shared\ApiRequest;
use App\Library\PracticeLibrary;
use App\Models\Person;
use EvenRungs\Body\Kit;
use EvenRungs\Squad\Squad;
use EvenRungs\Squad\SquadClock;
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
 */
final class SquadRequest extends ApiRequest
{
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
        ];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [...parent::messages(), 'stations.min' => 'A squad goes round at least two stations.', 'members.max' => 'At most '.Squad::MOST.' people train in one squad.'];
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

    /**
     * @param list<string>|null $now
     *
     * @return list<string>|null in the order of the catalogue
     */
    public function kit(?array $now): ?array
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
