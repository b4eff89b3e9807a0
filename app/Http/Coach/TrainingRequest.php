<?php

declare(strict_types=1);

namespace App\Http\Coach;

use App\Http\Shared\ApiRequest;
use EvenRungs\Log\EndReason;
use EvenRungs\Log\EventKind;
use EvenRungs\Log\ReportedSet;
use Illuminate\Support\Facades\Validator;
use Illuminate\Validation\Rule;

/**
 * What a device tells of a training since it last could. Each thing is looked at by itself: one that cannot be read
 * keeps nothing else back.
 *
 * @body string $session
 * @body string $device
 * @body string $on local date of the device at the start, or as set by hand
 * @body bool $byHand
 * @body int $startedAt by the clock of the device, in milliseconds since 1970
 * @body int $sentAt by the clock of the device, in milliseconds since 1970
 * @body list<EventInput> $events
 */
final class TrainingRequest extends ApiRequest
{
    private const SINCE_1970 = ['required', 'integer:strict', 'between:0,4102444800000'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'session' => ['required', 'string', self::ULID],
            'device' => ['required', 'string', self::ULID],
            'on' => ['required', ...self::DAY],
            'byHand' => ['required', 'boolean:strict'],
            'startedAt' => self::SINCE_1970,
            'sentAt' => self::SINCE_1970,
            'events' => ['present', 'list', 'max:200'],
        ];
    }

    /** @return array{list<array<string, mixed>>, list<RefusedEventView>} what can be read, and why the rest cannot */
    public function told(): array
    {
        $told = $refused = [];
        $seen = [];
        foreach ($this->entries('events') as $at => $event) {
            $event = is_array($event) ? $event : [];
            $id = is_string($event['id'] ?? null) ? $event['id'] : "#{$at}";
            $check = Validator::make($event, self::ofEvent($event), $this->messages());
            if ($check->fails()) {
                $refused[] = new RefusedEventView($id, (string) $check->errors()->first());
            } elseif (! isset($seen[$id])) {
                $seen[$id] = true;
                $told[] = self::known($event, EventInput::class);
            }
        }

        /** @var list<array<string, mixed>> $told */
        return [$told, $refused];
    }

    /**
     * What was said and has a name here; the rest is let go of.
     *
     * @param array<array-key, mixed>                        $said
     * @param class-string<EventInput>|class-string<ReportedSet> $shape
     *
     * @return array<array-key, mixed>
     */
    private static function known(array $said, string $shape): array
    {
        $known = array_intersect_key($said, array_flip(array_map(static fn(\ReflectionProperty $named): string => $named->name, (new \ReflectionClass($shape))->getProperties())));

        return is_array($known['set'] ?? null) ? [...$known, 'set' => self::known($known['set'], ReportedSet::class)] : $known;
    }

    /**
     * @param array<array-key, mixed> $event
     *
     * @return array<string, list<mixed>>
     */
    private static function ofEvent(array $event): array
    {
        $kind = is_string($event['kind'] ?? null) ? EventKind::tryFrom($event['kind']) : null;
        $ofASet = $kind?->isOfASet() === true;

        return [
            'id' => ['required', 'string', self::ULID],
            'kind' => ['required', Rule::enum(EventKind::class)],
            'instead' => ['present', 'list', 'max:50'],
            'instead.*' => ['string', self::ULID],
            'moments' => ['present', 'list', 'max:2000'],
            'moments.*' => ['integer:strict', 'between:0,604800'],
            'item' => $ofASet ? ['required', 'string', 'max:40'] : ['prohibited'],
            'number' => $ofASet ? ['required', 'integer:strict', 'between:1,25'] : ['prohibited'],
            ...($kind === EventKind::Set ? ['set' => ['required', 'array'], ...ReportedRules::set('set'), 'set.item' => ['required', 'same:item'], 'set.set' => ['required', 'same:number']] : ['set' => ['prohibited']]),
            ...($kind === EventKind::Before ? ReportedRules::before('before') : ['before' => ['prohibited']]),
            'seconds' => $kind === EventKind::Time ? ['required', 'integer:strict', 'between:1,86400'] : ['prohibited'],
            'why' => $kind === EventKind::Ended ? ['nullable', Rule::enum(EndReason::class)] : ['prohibited'],
            ...($kind === EventKind::Morning ? ReportedRules::morning('pains') : ['pains' => ['prohibited']]),
            'other' => in_array($kind, [EventKind::Joined, EventKind::Apart, EventKind::Morning], true) ? ['required', 'string', self::ULID] : ['prohibited'],
        ];
    }
}
