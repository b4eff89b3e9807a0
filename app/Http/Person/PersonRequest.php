<?php

declare(strict_types=1);

namespace App\Http\Person;

use App\Http\Shared\ApiRequest;
use App\Http\Shared\ClockTimes;
use App\Http\Shared\LimitInput;
use App\Models\Person;
use App\Models\User;
use App\Time\PracticeClock;
use EvenRungs\Balance\Aim;
use EvenRungs\Body\Demand;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Sex;
use EvenRungs\Body\Side;
use EvenRungs\Screening\State;
use EvenRungs\Week\Cell;
use EvenRungs\Week\DayPart;
use EvenRungs\Week\TrainingKind;
use Illuminate\Validation\Rule;

/**
 * @body string $id ULID made by the caller
 * @body int $version version that was read; 0 for a new person
 * @body string $name
 * @body string $about
 * @body string|null $trainer whose method holds; who is signed in where nobody is named for a new person
 * @body string $aim
 * @body list<int> $trainingDays
 * @body int $minutes
 * @body int|null $birthYear
 * @body int|null $stature cm
 * @body int|null $mass kg
 * @body Sex|null $sex
 * @body Side|null $hand
 * @body Side|null $injuredSide
 * @body array<string, int>|null $shares own parts of work by demand; null for those of the aim
 * @body list<PlaceView> $places
 * @body int $place
 * @body list<OtherTrainingView> $week
 * @body string $notes
 * @body string|null $consentedOn date on which the person agreed that health details are kept
 * @body list<LimitInput> $limits
 */
final class PersonRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $now = PracticeClock::of($this->by())->today();
        $today = $now->iso();
        [$oldest, $youngest] = [$now->year() - 110, $now->year() - 5];

        return [
            'id' => ['required', 'string', self::ULID],
            'version' => ['required', 'integer:strict', 'min:0'],
            'name' => ['required', 'string', 'max:120', 'regex:/^[^\p{C}]+$/u'],
            'about' => ['present', 'nullable', 'string', 'max:160'],
            'trainer' => ['nullable', 'string', self::ULID, Rule::exists('users', 'id')->where('practice_id', $this->by()->practice_id)->whereNot('role', User::READER)],
            'aim' => ['required', Rule::enum(Aim::class)],
            'trainingDays' => ['required', 'list', 'min:1', 'max:7'],
            'trainingDays.*' => ['integer:strict', 'between:1,7', 'distinct'],
            'minutes' => ['required', 'integer:strict', 'between:3,180'],
            'birthYear' => ['present', 'nullable', 'integer:strict', "between:{$oldest},{$youngest}"],
            // A device that was away when these came does not send them, and must not take them away.
            'stature' => ['nullable', 'integer:strict', 'between:80,230'],
            'mass' => ['nullable', 'integer:strict', 'between:15,300'],
            'sex' => ['present', 'nullable', Rule::enum(Sex::class)],
            'hand' => ['present', 'nullable', Rule::enum(Side::class)],
            'injuredSide' => ['present', 'nullable', Rule::enum(Side::class)],
            'shares' => ['present', 'nullable', 'array:'.implode(',', array_map(static fn(Demand $demand): string => $demand->value, Demand::withShare()))],
            'shares.*' => ['integer:strict', 'between:0,100'],
            'places' => ['required', 'list', 'min:1', 'max:6'],
            'places.*.name' => ['required', 'string', 'max:60', $this->onlyOnce(...)],
            'places.*.kit' => ['present', 'list', 'max:40'],
            'places.*.kit.*' => ['string', Rule::enum(Kit::class)],
            'places.*.weights' => ['present', 'nullable', 'string', 'max:120', 'regex:/^(?:\s*(?:0\.5|[1-9]\d{0,2}(?:\.\d{1,2})?)\s*(?:kg)?\s*(?:[,;]|$))*$/'],
            'place' => ['required', 'integer:strict', 'min:0', 'max:'.max(0, count($this->entries('places')) - 1)],
            'week' => ['present', 'list', 'max:42'],
            'week.*.what' => ['required', Rule::enum(TrainingKind::class)],
            'week.*.heavy' => ['required', 'boolean:strict'],
            'week.*.day' => ['required', 'integer:strict', 'between:1,7'],
            'week.*.part' => ['required', Rule::enum(DayPart::class)],
            'week.*.every' => ['integer:strict', 'between:1,4'],
            'week.*.from' => ['nullable', ...self::DAY],
            'week.*.time' => ['bail', 'nullable', 'string', self::TIME, $this->insideItsPart(...)],
            'notes' => ['present', 'nullable', 'string', 'max:2000'],
            'consentedOn' => ['present', 'nullable', ...self::DAY, "before_or_equal:{$today}"],
            'limits' => ['present', 'list', 'max:20'],
            'limits.*.state' => ['required', Rule::enum(State::class)->except(array_filter(State::cases(), static fn(State $state): bool => $state->isByAge()))],
            'limits.*.side' => ['required', Rule::enum(Side::class)],
            'limits.*.cleared' => ['boolean:strict'],
            'limits.*.since' => ['nullable', ...self::DAY, "before_or_equal:{$today}"],
            'limits.*.note' => ['present', 'nullable', 'string', 'max:500'],
        ];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [
            ...parent::messages(),
            'name.required' => 'A person needs a name.',
            'consentedOn.before_or_equal' => 'This cannot be in the future.',
            'week.*.time.regex' => 'A clock time is written as 17:30.',
            'limits.*.state.required' => 'Choose what the limit is.',
            'limits.*.since.before_or_equal' => 'This cannot be in the future.',
            'trainer.exists' => 'This practice has no such trainer.',
            'name.max' => 'A name has at most 120 characters.',
            'name.regex' => 'A name is one line of text.',
            'trainingDays.required' => 'Choose at least one training day.',
            'trainingDays.min' => 'Choose at least one training day.',
            'minutes.required' => 'Say how many minutes there are.',
            'minutes.between' => 'From 3 to 180 minutes.',
            'stature.between' => 'A height from 80 to 230 cm.',
            'mass.between' => 'A weight from 15 to 300 kg.',
            'birthYear.between' => 'A year of birth from :min to :max.',
            'places.required' => 'Name at least one place to train.',
            'places.min' => 'Name at least one place to train.',
            'places.*.name.required' => 'A place needs a name, such as “home”.',
            'places.*.weights.regex' => 'Write the weights in kilograms with commas between, such as 4, 8, 12.5.',
            'place.max' => 'There is no such place.',
        ];
    }

    /** @return array<string, string|null> */
    private function size(): array
    {
        $size = [];
        foreach (['stature', 'mass'] as $field) {
            if ($this->has($field)) {
                $size[$field] = $this->input($field) === null ? null : (string) $this->integer($field);
            }
        }

        return $size;
    }

    /** A clock time lies in the part of the day its training stands in. */
    private function insideItsPart(string $attribute, mixed $value, \Closure $fail): void
    {
        $stands = DayPart::tryFrom($this->text((string) preg_replace('/time$/', 'part', $attribute)));
        $falls = Cell::at(1, DayPart::Morning, is_string($value) ? $value : null)->part;
        if ($stands !== null && $falls !== $stands) {
            $fail("{$value} lies in the ".($falls->value)." here, not in the {$stands->value}: move the training there.");
        }
    }

    /** Two places are told apart by their names, whatever the letters' size. */
    private function onlyOnce(string $attribute, mixed $value, \Closure $fail): void
    {
        $names = array_filter(array_map(static fn(mixed $place): mixed => data_get($place, 'name'), $this->entries('places')), is_string(...));
        if (is_string($value) && count(array_keys(array_map(mb_strtolower(...), $names), mb_strtolower($value), true)) > 1) {
            $fail('Two places have this name.');
        }
    }

    /**
     * @param Person|null $stored as they stand
     *
     * @return array<string, mixed> the columns of the person
     */
    public function columns(?Person $stored = null): array
    {
        $days = array_map(intval(...), array_filter($this->entries('trainingDays'), is_numeric(...)));
        sort($days);

        return [
            'name' => $this->text('name'),
            'about' => $this->text('about'),
            ...($this->text('trainer') === '' ? [] : ['trainer_id' => $this->text('trainer')]),
            'aim' => $this->text('aim'),
            'training_days' => $days,
            'minutes' => $this->integer('minutes'),
            'birth_year' => $this->input('birthYear'),
            ...$this->size(),
            'sex' => $this->input('sex'),
            'hand' => $this->input('hand'),
            'injured_side' => $this->input('injuredSide'),
            'shares' => $this->shares(),
            'places' => array_map(static fn(mixed $place): array => ['name' => trim((string) data_get($place, 'name')), 'kit' => array_values(array_unique((array) data_get($place, 'kit'))), 'weights' => self::grams((string) data_get($place, 'weights'))], $this->entries('places')),
            'place' => $this->integer('place'),
            'week' => array_map(static fn(mixed $other): array => ['what' => data_get($other, 'what'), 'heavy' => (bool) data_get($other, 'heavy'), 'day' => (int) data_get($other, 'day'), 'part' => data_get($other, 'part'), 'every' => (int) data_get($other, 'every', 1), 'from' => data_get($other, 'from'), 'time' => ClockTimes::of($other, $stored->week ?? [], ['what', 'day', 'part'])], $this->entries('week')),
            'notes' => $this->text('notes'),
            'consented_on' => $this->input('consentedOn'),
        ];
    }

    /** @return array<string, int>|null null when they are those of the aim, or all nothing */
    private function shares(): ?array
    {
        $shares = array_map(intval(...), array_filter((array) $this->input('shares'), is_numeric(...)));

        return array_sum($shares) === 0 || $shares == Aim::from($this->text('aim'))->targets()->toArray() ? null : $shares;
    }

    /** @return list<LimitInput> */
    public function limits(): array
    {
        return array_map(static fn(mixed $limit): LimitInput => LimitInput::read(is_array($limit) ? $limit : []), $this->entries('limits'));
    }

    /** @return list<int> grams, lightest first */
    private static function grams(string $weights): array
    {
        preg_match_all('/\d+(?:\.\d+)?/', $weights, $found);
        $grams = array_values(array_unique(array_map(static fn(string $kilograms): int => (int) round(1000 * (float) $kilograms), $found[0])));
        sort($grams);

        return $grams;
    }
}
