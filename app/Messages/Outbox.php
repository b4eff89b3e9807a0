<?php

declare(strict_types=1);

namespace App\Messages;

use App\Models\HomeContact;
use App\Models\HomeMessage;
use App\Models\Person;
use App\Models\Practice;
use App\Models\User;
use EvenRungs\Home\DecentHours;
use EvenRungs\Home\MessageKind;
use Illuminate\Contracts\Bus\Dispatcher;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Messages on their way: each is said once, in the ways that were agreed to, at decent hours of the practice. */
final class Outbox
{
    /**
     * Nothing is written to who did not agree, or has ended it.
     *
     * @param string $about which of its kind
     *
     * @return int how many were put on their way
     */
    public function put(Person $person, MessageKind $kind, string $about): int
    {
        $ways = HomeContact::query()->where('person_id', $person->id)->first()?->ways() ?? [];

        return array_sum(array_map(fn(string $way): int => $this->one($person, $kind, $about, $way, null), $ways));
    }

    public function toTrainer(User $trainer, Person $person, MessageKind $kind, string $about): void
    {
        $this->one($person, $kind, $about, 'mail', $trainer->id);
    }

    private function one(Person $person, MessageKind $kind, string $about, string $way, ?string $trainer): int
    {
        if ($way === 'text' && ! self::sendsTexts()) {
            return 0;
        }
        $due = $this->due($person->practice_id);
        $id = strtolower((string) Str::ulid());
        $isNew = HomeMessage::query()->insertOrIgnore(['id' => $id, 'practice_id' => $person->practice_id, 'person_id' => $person->id, 'kind' => $kind->value, 'about' => $about, 'way' => $way, 'user_id' => $trainer, 'due_at' => $due, 'created_at' => now(), 'updated_at' => now()]);
        if ($isNew === 1) {
            // What somebody told or wrote is kept whatever becomes of a letter about it: one that fails is told on the bench.
            DB::afterCommit(static fn() => rescue(static function () use ($id, $due): void {
                resolve(Dispatcher::class)->dispatch((new SendMessage($id))->delay($due->isFuture() ? $due : null));
            }));
        }

        return $isNew;
    }

    /** Whether there is anywhere to send a text to. */
    public static function sendsTexts(): bool
    {
        return is_string(config('messages.text.url')) && config('messages.text.url') !== '';
    }

    private function due(string $practice): Carbon
    {
        if (config()->boolean('messages.at_once')) {
            return now();
        }

        return Carbon::instance(DecentHours::next(now()->setTimezone(Practice::query()->findOrFail($practice)->time_zone)->toDateTimeImmutable()))->utc();
    }
}
