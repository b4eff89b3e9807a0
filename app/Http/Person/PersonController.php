<?php

declare(strict_types=1);

namespace App\Http\Person;

use App\Api\Changes;
use App\Api\Reads;
use App\Api\Removes;
use App\Api\Writes;
use App\Http\Problem;
use App\Models\Clearance;
use App\Models\Person;
use App\Models\Screening;
use App\Models\User;
use App\Records\OpenPerson;
use App\Records\OwnWriting;
use App\Records\PersonLines;
use App\Time\PracticeClock;
use Carbon\CarbonInterface;
use EvenRungs\Calendar\Day;
use EvenRungs\Screening\Answers;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;

/** Taking in a person: who, what for, limits, danger signs, clearance. */
final readonly class PersonController
{
    public function __construct(private OpenPerson $open, private PersonLines $lines) {}

    #[Writes('/api/people', 'addPerson', PersonView::class, PersonRequest::class, 201)]
    public function store(PersonRequest $input): JsonResponse
    {
        $person = Person::query()->find($input->text('id'));
        if ($person === null) {
            $person = DB::transaction(function () use ($input): Person {
                $person = Person::query()->create(['id' => $input->text('id'), 'version' => 1, 'trainer_id' => $input->by()->id, ...$input->columns()]);
                PersonLimits::keep($person, $input->limits(), PracticeClock::of($input->by())->today());
                $this->lines->keep($person, $input->by());

                return $person;
            });
        }

        return $this->answer($person, $input->by(), 201);
    }

    #[Reads('/api/people/{person}', 'person', PersonView::class)]
    public function show(Person $person, #[CurrentUser] User $user): JsonResponse
    {
        return $this->answer($person, $user);
    }

    #[Changes('/api/people/{person}', 'changePerson', PersonView::class, PersonRequest::class)]
    public function update(Person $person, PersonRequest $input): JsonResponse
    {
        DB::transaction(function () use ($person, $input): void {
            $changed = Person::query()->whereKey($person->id)->where('version', $input->integer('version'))->update(['version' => $input->integer('version') + 1]);
            if ($changed !== 1) {
                if (OwnWriting::is($person->refresh(), $input->integer('version'), $input->columns($person)) && PersonLimits::areKept($person, $input->limits())) {
                    return;
                }
                throw Problem::changedMeanwhile('This person', (new PersonPage($this->open->of($person->refresh(), $input->by())))->view());
            }
            $person->refresh()->update($input->columns($person));
            PersonLimits::keep($person, $input->limits(), PracticeClock::of($input->by())->today());
        });

        return $this->answer($person->refresh(), $input->by());
    }

    /** Puts a person away, with everything that was kept; nothing is deleted. */
    #[Writes('/api/people/{person}/archive', 'archivePerson', PersonView::class)]
    public function archive(Person $person, #[CurrentUser] User $user): JsonResponse
    {
        return $this->putAway($person, $user, now());
    }

    #[Removes('/api/people/{person}/archive', 'restorePerson', PersonView::class)]
    public function restore(Person $person, #[CurrentUser] User $user): JsonResponse
    {
        if ($person->erase_on !== null && Gate::denies('run-practice')) {
            throw Problem::conflict('to-be-erased', 'This record is to be erased on '.Day::parse($person->erase_on)->inWords().'. The owner of the practice can take that back.');
        }

        return $this->putAway($person->fill(['erase_on' => null, 'erase_asked_by' => null]), $user, null);
    }

    private function putAway(Person $person, User $user, ?CarbonInterface $at): JsonResponse
    {
        $person->update(['archived_at' => $at]);

        return $this->answer($person, $user);
    }

    #[Writes('/api/people/{person}/screenings', 'screen', PersonView::class, ScreeningRequest::class, 201)]
    public function screen(Person $person, ScreeningRequest $input): JsonResponse
    {
        $answers = $input->answers();
        $clock = PracticeClock::of($input->by());
        Screening::query()->firstOrCreate(['id' => $input->text('id')], [
            'person_id' => $person->id,
            'answers' => $input->texts('signs'),
            'denied' => $input->texts('denied'),
            'asked' => $input->text('asked'),
            'urgency' => $answers->urgency()?->value,
            'answered_on' => $clock->today()->iso(),
            'time_zone' => $clock->timeZone(),
            'user_id' => $input->by()->id,
            'sequence' => $clock->sequence(),
        ]);

        return $this->answer($person, $input->by(), 201);
    }

    /** Takes a mistaken yes back: by whoever wrote it, on the same day, with a reason; the row stays. */
    #[Writes('/api/people/{person}/screenings/{screening}/take-back', 'takeScreeningBack', PersonView::class, WithdrawalRequest::class)]
    public function takeScreeningBack(Person $person, Screening $screening, WithdrawalRequest $input): JsonResponse
    {
        abort_unless($screening->person_id === $person->id, 404);
        if (! Answers::mayBeTakenBack($screening->user_id === $input->by()->id, Day::parse($screening->answered_on), PracticeClock::of($input->by())->today())) {
            throw Problem::conflict('not-to-be-taken-back', 'Only whoever wrote the answer takes it back, and only on the same day. From then on a clinician’s clearance opens training.');
        }
        if ($screening->withdrawn_at === null) {
            $screening->update(['withdrawn_at' => now(), 'withdrawn_by' => $input->by()->id, 'withdrawn_because' => $input->text('reason')]);
        }

        return $this->answer($person, $input->by());
    }

    #[Writes('/api/people/{person}/clearances', 'clear', PersonView::class, ClearanceRequest::class, 201)]
    public function clear(Person $person, ClearanceRequest $input): JsonResponse
    {
        $clock = PracticeClock::of($input->by());
        Clearance::query()->firstOrCreate(['id' => $input->text('id')], [
            'person_id' => $person->id,
            'clinician' => $input->text('clinician'),
            'scope' => $input->text('scope'),
            'from' => $input->text('from'),
            'until' => $input->text('until'),
            'recorded_on' => $clock->today()->iso(),
            'time_zone' => $clock->timeZone(),
            'user_id' => $input->by()->id,
            'sequence' => $clock->sequence(),
        ]);

        return $this->answer($person, $input->by(), 201);
    }

    /** Takes a clearance back that was recorded by mistake; the row stays, marked, and what it opened closes again. */
    #[Removes('/api/people/{person}/clearances/{clearance}', 'takeClearanceBack', PersonView::class)]
    public function takeClearanceBack(Person $person, Clearance $clearance, #[CurrentUser] User $user): JsonResponse
    {
        abort_unless($clearance->person_id === $person->id, 404);
        $clearance->update(['undone_at' => now()]);

        return $this->answer($person, $user);
    }

    private function answer(Person $person, User $by, int $status = 200): JsonResponse
    {
        return new JsonResponse((new PersonPage($this->open->of($person, $by)))->view(), $status);
    }
}
