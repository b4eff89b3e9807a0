<?php

declare(strict_types=1);

namespace App\Http\Week;

use App\Api\Changes;
use App\Api\Reads;
use App\Api\Removes;
use App\Api\Writes;
use App\Exchange\Calendar\CalendarFile;
use App\Http\Problem;
use App\Models\Person;
use App\Models\PlanCalendar;
use App\Models\Program;
use App\Models\Scopes\PracticeScope;
use App\Models\User;
use App\Records\OpenPerson;
use App\Records\OwnWriting;
use App\Records\PersonFile;
use App\Time\PracticeClock;
use EvenRungs\Person\PlanAgenda;
use EvenRungs\Week\PartTimes;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/** A person's plan as a calendar file, and as a private address a calendar can subscribe to. */
final readonly class CalendarController
{
    /** Minutes before a session at which a calendar reminds, unless somebody says otherwise. */
    private const ALARM = 30;

    public function __construct(private OpenPerson $open) {}

    #[Reads('/api/people/{person}/calendar', 'calendar', CalendarView::class)]
    public function show(Person $person): JsonResponse
    {
        return new JsonResponse(self::view(self::of($person)));
    }

    #[Changes('/api/people/{person}/calendar', 'setUpCalendar', CalendarView::class, CalendarRequest::class)]
    public function update(Person $person, CalendarRequest $input): JsonResponse
    {
        $times = $input->times();
        $columns = ['times' => ['morning' => $times->morning, 'midday' => $times->midday, 'evening' => $times->evening], 'alarm_minutes' => $input->input('alarmMinutes') === null ? null : $input->integer('alarmMinutes')];
        $row = self::of($person);
        if (($row->version ?? 0) !== $input->integer('version')) {
            if ($row !== null && OwnWriting::is($row, $input->integer('version'), $columns)) {
                return new JsonResponse(self::view($row));
            }
            throw Problem::changedMeanwhile('This calendar', self::view($row));
        }
        $row = $this->kept($person, $input->by(), $columns);

        return new JsonResponse(self::view($row));
    }

    #[Reads('/api/people/{person}/calendar/file', 'calendarFile', media: 'text/calendar')]
    public function file(Person $person, #[CurrentUser] User $user): Response
    {
        $opened = $this->opened($person, $user);
        Problem::whenClosed($opened->record->admission());

        return self::answer($opened, self::of($person))->withHeaders(['Content-Disposition' => 'attachment; filename="core-work.ics"']);
    }

    /** A new private address; the one before it no longer answers. */
    #[Writes('/api/people/{person}/calendar/address', 'makeCalendarAddress', CalendarView::class, null, 201)]
    public function subscribe(Person $person, #[CurrentUser] User $user): JsonResponse
    {
        Problem::whenClosed($this->open->of($person, $user)->record->admission());
        $token = Str::random(40);
        $row = $this->kept($person, $user, ['token_hash' => hash('sha256', $token), 'address_made_on' => PracticeClock::of($user)->today()->iso(), 'read_at' => null, 'user_id' => $user->id]);

        return new JsonResponse(self::view($row, url("/calendar/{$token}.ics")), 201);
    }

    #[Removes('/api/people/{person}/calendar/address', 'revokeCalendarAddress', CalendarView::class)]
    public function revoke(Person $person, #[CurrentUser] User $user): JsonResponse
    {
        return new JsonResponse(self::view(self::of($person) === null ? null : $this->kept($person, $user, ['token_hash' => null, 'address_made_on' => null, 'read_at' => null])));
    }

    /** What a calendar gets that knows the private address. It answers nobody else, and says nothing of why. */
    public function subscribed(string $token): Response
    {
        /** @var PlanCalendar|null $row */
        $row = PlanCalendar::query()->withoutGlobalScopes()->where('token_hash', hash('sha256', $token))->first();
        if ($row === null) {
            abort(404);
        }

        return PracticeScope::actingFor($row->practice_id, function () use ($row): Response {
            /** @var User $by */
            $by = User::query()->where('practice_id', $row->practice_id)->findOrFail($row->user_id);
            /** @var Person $person */
            $person = Person::query()->findOrFail($row->person_id);
            abort_if($person->archived_at !== null, 404);
            PlanCalendar::query()->whereKey($row->id)->toBase()->update(['read_at' => Carbon::now('UTC')->format('Y-m-d H:i:s')]);

            return self::answer($this->opened($person, $by), $row);
        });
    }

    private static function answer(PersonFile $file, ?PlanCalendar $row): Response
    {
        $times = $row === null ? new PartTimes : new PartTimes(...$row->times);
        $program = $file->program();

        return new Response(CalendarFile::of(
            'Core work, '.$file->clock->practice()->name,
            PlanAgenda::of($program, $times),
            $file->person->id,
            new \DateTimeZone($file->clock->timeZone()),
            Carbon::now('UTC')->toDateTimeImmutable(),
            $program->plan->version + Program::query()->where('person_id', $file->person->id)->count() + ($row->version ?? 0),
            $row === null ? self::ALARM : $row->alarm_minutes,
        ), 200, ['Content-Type' => CalendarFile::MEDIA, 'Cache-Control' => 'no-store, private', 'X-Robots-Tag' => 'noindex']);
    }

    private function opened(Person $person, User $by): PersonFile
    {
        return $this->open->of($person, $by);
    }

    private static function of(Person $person): ?PlanCalendar
    {
        /** @var PlanCalendar|null $row */
        $row = PlanCalendar::query()->where('person_id', $person->id)->first();

        return $row;
    }

    /** @param array<string, mixed> $columns */
    private function kept(Person $person, User $by, array $columns): PlanCalendar
    {
        $row = self::of($person);
        if ($row === null) {
            $times = new PartTimes;
            $row = new PlanCalendar(['id' => strtolower((string) Str::ulid()), 'person_id' => $person->id, 'times' => ['morning' => $times->morning, 'midday' => $times->midday, 'evening' => $times->evening], 'alarm_minutes' => self::ALARM, 'user_id' => $by->id, 'version' => 0]);
        }
        $row->fill([...$columns, 'version' => $row->version + 1])->save();

        return $row;
    }

    private static function view(?PlanCalendar $row, ?string $address = null): CalendarView
    {
        $times = $row === null ? new PartTimes : new PartTimes(...$row->times);
        $clock = static fn(int $minute): string => sprintf('%02d:%02d', intdiv($minute, 60), $minute % 60);

        return new CalendarView(
            version: $row->version ?? 0,
            morning: $clock($times->morning),
            midday: $clock($times->midday),
            evening: $clock($times->evening),
            alarmMinutes: $row === null ? self::ALARM : $row->alarm_minutes,
            subscribed: $row?->token_hash !== null,
            address: $address,
            addressMadeOn: $row?->address_made_on,
            lastReadAt: $row?->read_at?->toIso8601ZuluString(),
        );
    }
}
