<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Training;
use App\Models\TrainingSession;
use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Log\EndReason;
use EvenRungs\Log\Event;
use EvenRungs\Log\EventKind;
use EvenRungs\Log\ReportedSet;
use EvenRungs\Log\Told;
use EvenRungs\Person\OpenTraining;
use EvenRungs\Progress\MorningPain;
use EvenRungs\Progress\PainPlace;
use EvenRungs\Progress\StartPain;
use EvenRungs\Session\WrittenItem;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;

/** What devices told of trainings: kept encrypted, as it came, and read into the terms of the core. */
final readonly class TrainingEvents
{
    /**
     * @param list<string> $trainings
     *
     * @return array<string, list<array<string, mixed>>> as they came, by training
     */
    public static function told(array $trainings): array
    {
        $told = [];
        /** @var object{training_id: string, told: string} $row */
        foreach (DB::table('training_events')->whereIn('training_id', $trainings)->orderBy('id')->get(['training_id', 'told']) as $row) {
            $told[$row->training_id][] = self::decrypted($row->told);
        }

        return $told;
    }

    /**
     * Everything told of a training, by the devices that told of the same one; moments as seconds after its own start.
     *
     * @return list<Event>
     */
    public static function of(Training $root): array
    {
        $same = Training::query()->where('same_as', $root->id)->get()->prepend($root)->keyBy('id');
        $events = [];
        foreach (self::told(array_values(array_map(static fn(Training $one): string => $one->id, $same->all()))) as $id => $told) {
            $later = intdiv(($same[$id]->started_at ?? $root->started_at) - $root->started_at, 1000);
            array_push($events, ...array_map(static fn(array $one): Event => self::read($one, $later), $told));
        }

        return $events;
    }

    /**
     * Trainings of a session that devices tell of today and that have not ended. The day is a device's own: behind the
     * practice's zone it may still be yesterday.
     *
     * @return list<Training>
     */
    public static function underWay(TrainingSession $session, Day $today): array
    {
        $found = Training::query()->where('person_id', $session->person_id)->where('training_session_id', $session->id)->whereIn('done_on', [$today->plusDays(-1)->iso(), $today->iso()])->where('started_at', '>=', now()->subHours(OpenTraining::UNDER_WAY_HOURS)->getTimestampMs())->whereNull('same_as')->where('sets', '>', 0)->where('ended', false)->orderBy('sequence')->get();

        return array_values($found->all());
    }

    /** The training of another device that one is asked about; null where it is not. */
    public static function askedOf(Training $training): ?Training
    {
        return $training->asked_of === null ? null : Training::query()->find($training->asked_of);
    }

    /** @return list<OpenTraining> trainings of a person of which something has to be said first, by date */
    public static function open(string $person): array
    {
        $open = [];
        foreach (Training::query()->where('person_id', $person)->whereNotNull('waits')->orderBy('done_on')->orderBy('sequence')->get() as $row) {
            $session = TrainingSession::withTrashed()->findOrFail($row->training_session_id);
            $hurt = OpenTraining::hurtIn(Told::of(self::of($row)), array_map(static fn(WrittenItem $item): string => $item->rung, $session->exercises()));
            $open[] = new OpenTraining($row->id, $session->id, $session->title, Day::parse($row->done_on), $row->sets, $row->waits ?? OpenTraining::NOT_ENDED, $hurt);
        }

        return $open;
    }

    /** @param list<array<string, mixed>> $told validated */
    public static function keep(Training $training, array $told, string $user, int $sequence): void
    {
        DB::table('training_events')->insert(array_map(static fn(array $one): array => [
            'id' => $one['id'], 'practice_id' => $training->practice_id, 'training_id' => $training->id,
            'told' => Crypt::encryptString(json_encode($one, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)), 'user_id' => $user, 'sequence' => $sequence,
        ], $told));
    }

    /**
     * What was taken under these ids, whoever told it.
     *
     * @param list<string> $ids
     *
     * @return array<string, array{training: string, told: array<string, mixed>}> by id
     */
    public static function known(array $ids): array
    {
        $known = [];
        /** @var object{id: string, training_id: string, told: string} $row */
        foreach (DB::table('training_events')->whereIn('id', $ids)->get(['id', 'training_id', 'told']) as $row) {
            $known[$row->id] = ['training' => $row->training_id, 'told' => self::decrypted($row->told)];
        }

        return $known;
    }

    /**
     * The same things in another order of names are the same; nothing told is not none.
     *
     * @param array<array-key, mixed> $one
     * @param array<array-key, mixed> $other
     */
    public static function isSame(array $one, array $other): bool
    {
        $inOrder = static function (array $told) use (&$inOrder): array {
            if (! array_is_list($told)) {
                ksort($told);
            }

            return array_map(static fn(mixed $part): mixed => is_array($part) ? $inOrder($part) : $part, $told);
        };

        return $inOrder($one) === $inOrder($other);
    }

    /**
     * @param array<string, mixed> $told  validated
     * @param int                  $later seconds its training began after the one it is read into
     */
    public static function read(array $told, int $later = 0): Event
    {
        $text = static fn(string $key): ?string => is_string($told[$key] ?? null) ? $told[$key] : null;
        $list = static fn(string $key): array => is_array($told[$key] ?? null) ? array_values($told[$key]) : [];

        return new Event(
            (string) $text('id'),
            EventKind::from((string) $text('kind')),
            array_values(array_filter($list('instead'), is_string(...))),
            array_map(static fn(mixed $moment): int => (is_numeric($moment) ? (int) $moment : 0) + $later, $list('moments')),
            $text('item'),
            is_int($told['number'] ?? null) ? $told['number'] : null,
            is_array($told['set'] ?? null) ? ReportedSet::read($told['set']) : null,
            is_array($told['before'] ?? null) ? self::pains(array_values($told['before'])) : null,
            is_int($told['seconds'] ?? null) ? $told['seconds'] : null,
            $text('other'),
            EndReason::tryFrom($text('why') ?? ''),
            is_array($told['pains'] ?? null) ? self::mornings(array_values($told['pains'])) : null,
        );
    }

    /**
     * @param list<mixed> $pains validated
     *
     * @return list<StartPain>
     */
    public static function pains(array $pains): array
    {
        return array_map(static function (mixed $pain): StartPain {
            $pain = is_array($pain) ? $pain : [];
            $text = static fn(string $key): string => is_string($pain[$key] ?? null) ? $pain[$key] : '';

            return new StartPain(PainPlace::from($text('place')), Side::tryFrom($text('side')), is_numeric($pain['pain'] ?? null) ? (int) $pain['pain'] : 0);
        }, $pains);
    }

    /**
     * @param list<mixed> $pains validated
     *
     * @return list<MorningPain>
     */
    private static function mornings(array $pains): array
    {
        $worse = array_map(static fn(mixed $pain): bool => is_array($pain) && ($pain['worse'] ?? null) === true, $pains);

        return array_map(static fn(StartPain $pain, bool $isWorse): MorningPain => new MorningPain($pain->place, $pain->side, $pain->pain, $isWorse), self::pains($pains), $worse);
    }

    /** @return array<string, mixed> */
    private static function decrypted(string $told): array
    {
        /** @var array<string, mixed> $kept */
        $kept = json_decode(Crypt::decryptString($told), true, flags: JSON_THROW_ON_ERROR);

        return $kept;
    }
}
