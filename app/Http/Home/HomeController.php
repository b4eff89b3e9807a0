<?php

declare(strict_types=1);

namespace App\Http\Home;

use App\Actions\GrowSheets;
use App\Api\Reads;
use App\Api\Writes;
use App\Http\Coach\CoachPage;
use App\Http\Coach\CueSheetView;
use App\Http\Coach\TakenView;
use App\Http\Coach\TrainingController;
use App\Http\Coach\TrainingRequest;
use App\Http\Coach\TrainingView;
use App\Http\Problem;
use App\Http\Shared\ApiRequest;
use App\Http\Shared\WordsRequest;
use App\Messages\Outbox;
use App\Messages\SendMessage;
use App\Models\HomeContact;
use App\Models\HomeDevice;
use App\Models\HomeNote;
use App\Models\Person;
use App\Models\Screening;
use App\Models\SessionLog;
use App\Models\Training;
use App\Models\TrainingSession;
use App\Models\User;
use App\Records\OpenPerson;
use App\Time\PracticeClock;
use EvenRungs\Home\MessageKind;
use EvenRungs\Home\NoteKind;
use EvenRungs\Home\NotToday;
use EvenRungs\Log\EventKind;
use EvenRungs\Screening\Answers;
use EvenRungs\Screening\DangerSign;
use EvenRungs\Screening\Respondent;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** A person's own page: what to do, what was done, and what is wrong. Nothing told here changes plan, limits or rungs. */
final readonly class HomeController
{
    public function __construct(private OpenPerson $open, private GrowSheets $sheets, private Outbox $outbox) {}

    #[Reads('/api/home', 'home', HomeView::class)]
    public function show(Request $request, #[CurrentUser] User $by): JsonResponse
    {
        $person = $this->person($request);
        // What has come due since the last round is there when the person looks.
        $this->sheets->of($person, $by, PracticeClock::of($by)->today());
        $answer = $this->page($person, $by);
        HomeNote::query()->where('person_id', $person->id)->where('kind', NoteKind::Answer->value)->whereNull('seen_at')->update(['seen_at' => now()]);

        return HomeDoor::renewed($request, $answer);
    }

    /** Asks for another day: the trainer finds one, or asks how the person is. */
    #[Writes('/api/home/not-today', 'notToday', HomeView::class, NotTodayRequest::class)]
    public function notToday(NotTodayRequest $input, #[CurrentUser] User $by): JsonResponse
    {
        $session = $this->session($input, $input->text('session'));
        $again = HomeNote::query()->where('person_id', $session->person_id)->where('kind', NoteKind::NotToday->value)->where('training_session_id', $session->id)->where('on_day', $input->text('on'))->whereNull('settled_at');
        // Said again it is the same request, with another reason.
        $again->whereKeyNot($input->text('id'))->update(['settled_at' => now()]);
        $this->note($input, $by, NoteKind::NotToday, ['reason' => $input->text('reason'), 'training_session_id' => $session->id, 'on_day' => $input->text('on')]);
        if (NotToday::from($input->text('reason'))->isAskedAbout()) {
            $this->alert($this->person($input), $by, [$input->text('id')]);
        }

        return $this->page($this->person($input), $by);
    }

    /** The person's own words. */
    #[Writes('/api/home/words', 'tellWords', HomeView::class, WordsRequest::class)]
    public function words(WordsRequest $input, #[CurrentUser] User $by): JsonResponse
    {
        $this->note($input, $by, NoteKind::Words, ['on_day' => PracticeClock::of($by)->today()->iso()]);

        return $this->page($this->person($input), $by);
    }

    /** One press ends all messages. */
    #[Writes('/api/home/no-messages', 'endMessagesHere', HomeView::class)]
    public function noMessages(Request $request, #[CurrentUser] User $by): JsonResponse
    {
        ContactController::end(HomeContact::query()->where('person_id', $this->person($request)->id)->first());

        return $this->page($this->person($request), $by);
    }

    /** @param array<string, string> $about */
    private function note(ApiRequest $input, User $by, NoteKind $kind, array $about): void
    {
        $clock = PracticeClock::of($by);
        HomeNote::query()->firstOrCreate(['id' => $input->text('id')], ['person_id' => $this->person($input)->id, 'kind' => $kind, 'text' => $input->text('text') === '' ? null : $input->text('text'), ...$about, 'user_id' => $by->id, 'time_zone' => $clock->timeZone(), 'sequence' => $clock->sequence()]);
    }

    private function page(Person $person, User $by): JsonResponse
    {
        return new JsonResponse((new HomePage($this->open->of($person->unsetRelations(), $by), $by->practice->name))->view());
    }

    /** Lets a second device in, by the code its trainer sees. */
    #[Writes('/api/home/code', 'homeCode', takes: CodeRequest::class)]
    public function code(CodeRequest $input): Response
    {
        $device = HomeDoor::device($input) ?? throw Problem::notAtHome();
        if ($device->admitted_at !== null) {
            return new Response(status: 204);
        }
        // Counted before it is compared: tries at once win nothing.
        $counted = HomeDevice::query()->withoutGlobalScopes()->whereKey($device->id)->where('tries', '<', HomeDevice::TRIES)->where('created_at', '>', now()->subMinutes(HomeDevice::MINUTES))->increment('tries');
        if ($counted === 0) {
            throw Problem::notAtHome();
        }
        if (! hash_equals($device->code ?? '', $input->code())) {
            throw Problem::field('code', 'This is not the code. Ask your trainer for it once more.');
        }
        $device->update(['admitted_at' => now(), 'code' => null]);

        return new Response(status: 204);
    }

    #[Reads('/api/home/sessions/{session}/cues', 'homeCues', CueSheetView::class, queries: ['done'])]
    public function cues(string $session, Request $request, #[CurrentUser] User $by): JsonResponse
    {
        $file = $this->open->of($this->person($request), $by);
        Problem::whenClosed($file->record->admission());

        try {
            return new JsonResponse(CoachPage::atHome($file, $this->session($request, $session), $request->query('done') === 'yes'));
        } catch (Problem $problem) {
            // Why is between the person and their trainer, and no word for a page that lies open on a table.
            throw $problem->problem === 'nothing-left' ? Problem::conflict('not-today', 'This session is not for you at the moment. Ask your trainer.') : $problem;
        }
    }

    /** A training as it is told so far, for another device of the person. */
    #[Reads('/api/home/trainings/{training}', 'homeTraining', TrainingView::class)]
    public function training(string $training, Request $request, TrainingController $trainings): JsonResponse
    {
        return $trainings->show($this->person($request), Training::query()->findOrFail($training));
    }

    #[Writes('/api/home/trainings/{training}', 'tellFromHome', TakenView::class, TrainingRequest::class)]
    public function tell(string $training, Request $request, TrainingRequest $input, TrainingController $trainings): JsonResponse
    {
        $person = $this->person($request);
        $beganAtTheDesk = Training::query()->whereKey($training)->where('at_home', false)->exists();
        $answer = $trainings->telling($person, $training, $input);
        if (! $beganAtTheDesk) {
            Training::query()->whereKey($training)->update(['at_home' => true]);
            SessionLog::query()->whereKey($training)->update(['at_home' => true]);
        }
        // Done all the same: nobody needs to find another day.
        $done = SessionLog::query()->whereKey($training)->first();
        if ($done !== null) {
            HomeNote::query()->where('person_id', $person->id)->where('kind', NoteKind::NotToday->value)->where('training_session_id', $done->training_session_id)->where('on_day', $done->done_on)->whereNull('settled_at')->update(['settled_at' => now()]);
        }
        $of = static fn(EventKind $kind): array => array_filter($input->told()[0], static fn(array $one): bool => ($one['kind'] ?? null) === $kind->value);
        $mornings = $of(EventKind::Morning);
        if ($done !== null || $mornings !== [] || $of(EventKind::Ended) !== []) {
            $waits = $this->open->of($person->unsetRelations(), $input->by())->record->withheld()->logs;
            $this->alert($person, $input->by(), array_values(array_intersect($waits, [$training, ...array_column($mornings, 'other')])));
        }

        return $answer;
    }

    /**
     * What stops something is no reading for whenever somebody looks at the bench: the trainer is written to, once.
     *
     * @param list<string> $about
     */
    private function alert(Person $person, User $by, array $about): void
    {
        foreach ($about as $one) {
            $this->outbox->toTrainer(SendMessage::trainerOf($person) ?? $by, $person, MessageKind::Urgent, $one);
        }
    }

    /** A danger sign ticked at home closes training on every path until the trainer has asked. */
    #[Writes('/api/home/signs', 'tellSigns', HomeView::class, SignsRequest::class)]
    public function signs(Request $request, SignsRequest $input, #[CurrentUser] User $by): JsonResponse
    {
        $person = $this->person($request);
        $clock = PracticeClock::of($by);
        $answers = new Answers(array_map(DangerSign::from(...), $input->texts('signs')), []);
        Screening::query()->firstOrCreate(['id' => $input->text('id')], [
            'person_id' => $person->id, 'answers' => $input->texts('signs'), 'denied' => [], 'asked' => Respondent::Person->value, 'urgency' => $answers->urgency()?->value,
            'answered_on' => $clock->today()->iso(), 'time_zone' => $clock->timeZone(), 'user_id' => $by->id, 'sequence' => $clock->sequence(),
        ]);
        $this->alert($person, $by, [$input->text('id')]);

        return $this->page($person, $by);
    }

    private function person(Request $request): Person
    {
        $person = $request->route('person');

        return $person instanceof Person ? $person : throw Problem::notAtHome();
    }

    private function session(Request $request, string $id): TrainingSession
    {
        return TrainingSession::query()->where('person_id', $this->person($request)->id)->findOrFail($id);
    }
}
