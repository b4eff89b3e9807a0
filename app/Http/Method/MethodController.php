<?php

declare(strict_types=1);

namespace App\Http\Method;

use App\Api\Changes;
use App\Api\Reads;
use App\Http\Problem;
use App\Models\MethodChange;
use App\Models\OwnMethod;
use App\Models\Person;
use App\Models\Practice;
use App\Models\Program;
use App\Models\User;
use App\Records\KindsKept;
use App\Records\MethodAtHand;
use App\Records\OpenPerson;
use App\Records\OwnWriting;
use App\Time\PracticeClock;
use EvenRungs\Ladder\Library;
use EvenRungs\Method\Answer;
use EvenRungs\Method\Method;
use EvenRungs\Method\MethodLevel;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;

/** The method of the practice, of the trainer who is signed in, of a person and of their program; and what each answer would change. */
final readonly class MethodController
{
    public function __construct(private Library $library) {}

    #[Reads('/api/method', 'method', MethodView::class)]
    public function show(#[CurrentUser] User $user): JsonResponse
    {
        return $this->page($this->ofPractice($user));
    }

    #[Changes('/api/method', 'changeMethod', MethodView::class, MethodRequest::class)]
    public function change(MethodRequest $input): JsonResponse
    {
        $practice = $input->by()->practice;
        // The practice keeps what differs from the default; nearer levels keep each answer that was given.
        $onto = static fn(Practice $practice): array => array_filter($input->onto($practice->method ?? []), static fn(string $choice): bool => ! Method::default()->says(Answer::from($choice)));
        $chosen = $onto($practice);
        $changed = Practice::query()->whereKey($practice->id)->where('method_version', $input->integer('version'))
            ->update(['method' => json_encode((object) $chosen, JSON_THROW_ON_ERROR), 'method_version' => $input->integer('version') + 1]);
        $practice->refresh();
        if ($changed !== 1) {
            $isOwn = $practice->method_version === $input->integer('version') + 1 && $onto($practice) == ($practice->method ?? []);

            return $isOwn ? $this->page($this->ofPractice($input->by())) : throw Problem::changedMeanwhile('The method', $this->ofPractice($input->by())->view());
        }

        self::tell($input, MethodLevel::Practice, $practice->id);

        return $this->page($this->ofPractice($input->by()));
    }

    #[Reads('/api/method/mine', 'ownMethod', MethodView::class)]
    public function mine(#[CurrentUser] User $user): JsonResponse
    {
        return $this->page($this->ofTrainer($user));
    }

    #[Changes('/api/method/mine', 'changeOwnMethod', MethodView::class, MethodRequest::class)]
    public function changeMine(MethodRequest $input): JsonResponse
    {
        return $this->keep($input, MethodLevel::Trainer, $input->by()->id, fn(): MethodPage => $this->ofTrainer($input->by()));
    }

    #[Reads('/api/people/{person}/method/own', 'methodOfPerson', MethodView::class)]
    public function ofOne(Person $person, #[CurrentUser] User $user): JsonResponse
    {
        return $this->page($this->ofPerson($person, $user, MethodLevel::Person));
    }

    #[Changes('/api/people/{person}/method/own', 'changeMethodOfPerson', MethodView::class, MethodRequest::class)]
    public function changeOfOne(Person $person, MethodRequest $input): JsonResponse
    {
        return $this->keep($input, MethodLevel::Person, $person->id, fn(): MethodPage => $this->ofPerson($person, $input->by(), MethodLevel::Person));
    }

    #[Reads('/api/people/{person}/method/program', 'methodOfProgram', MethodView::class)]
    public function ofProgram(Person $person, #[CurrentUser] User $user): JsonResponse
    {
        return $this->page($this->ofPerson($person, $user, MethodLevel::Program));
    }

    #[Changes('/api/people/{person}/method/program', 'changeMethodOfProgram', MethodView::class, MethodRequest::class)]
    public function changeOfProgram(Person $person, MethodRequest $input): JsonResponse
    {
        $closed = self::withoutProgram($person, PracticeClock::of($input->by()));
        if ($closed !== null) {
            throw Problem::conflict('no-program', $closed);
        }

        return $this->keep($input, MethodLevel::Program, $person->id, fn(): MethodPage => $this->ofPerson($person, $input->by(), MethodLevel::Program));
    }

    #[Reads('/api/people/{person}/method', 'methodTrial', MethodTrialView::class)]
    public function trial(Person $person, #[CurrentUser] User $user, OpenPerson $open): JsonResponse
    {
        $file = $open->of($person, $user);
        Problem::whenClosed($file->record->admission());

        return new JsonResponse((new MethodTrialPage($file))->view());
    }

    /** @param \Closure(): MethodPage $page as it is after the change, or as somebody else left it */
    private function keep(MethodRequest $input, MethodLevel $level, string $owner, \Closure $page): JsonResponse
    {
        try {
            $kept = DB::transaction(static function () use ($input, $level, $owner): bool {
                $row = OwnMethod::query()->where('owner_id', $owner)->where('level', $level->value)->lockForUpdate()->first();
                if (($row->version ?? 0) !== $input->integer('version')) {
                    return $row !== null && OwnWriting::is($row, $input->integer('version'), ['answers' => $input->onto($row->answers ?? [])]);
                }
                $row ??= new OwnMethod(['owner_id' => $owner, 'level' => $level->value]);

                self::tell($input, $level, $owner);

                return $row->fill(['answers' => $input->onto($row->answers ?? []), 'version' => $input->integer('version') + 1])->save();
            });
        } catch (UniqueConstraintViolationException) {
            $kept = false;
        }
        if (! $kept) {
            throw Problem::changedMeanwhile('The method', $page()->view());
        }

        return $this->page($page());
    }

    /** Each change is kept: what was trained before it is judged by it, and says so. */
    private static function tell(MethodRequest $input, MethodLevel $level, string $owner): void
    {
        $clock = PracticeClock::of($input->by());
        $answer = Answer::tryFrom($input->text('answer'));
        MethodChange::query()->create([
            'level' => $level->value, 'owner_id' => $owner, 'question' => $answer?->question()->value ?? $input->text('question'), 'answer' => $answer?->value,
            'changed_on' => $clock->today()->iso(), 'time_zone' => $clock->timeZone(), 'user_id' => $input->by()->id, 'sequence' => $clock->sequence(),
        ]);
    }

    private function page(MethodPage $page): JsonResponse
    {
        return new JsonResponse($page->view());
    }

    private function ofPractice(User $user): MethodPage
    {
        return new MethodPage($this->library, MethodLevel::Practice, $user->practice->name, $user->practice->method_version, Method::default(), $user->practice->method ?? []);
    }

    private function ofTrainer(User $user): MethodPage
    {
        return $this->own(MethodLevel::Trainer, $user->id, $user->name, $user->practice->method());
    }

    private function ofPerson(Person $person, User $user, MethodLevel $level): MethodPage
    {
        $clock = PracticeClock::of($user);
        $farther = $level === MethodLevel::Program ? MethodLevel::Person : MethodLevel::Trainer;

        $inherited = MethodAtHand::of($person, $clock->method(), $clock->today(), KindsKept::of($person))->method($farther);

        return $this->own($level, $person->id, $person->name, $inherited, $level === MethodLevel::Program ? self::withoutProgram($person, $clock) : null);
    }

    /** @return string|null why a program has no method of its own; null where there is one that holds */
    private static function withoutProgram(Person $person, PracticeClock $clock): ?string
    {
        $holds = Program::query()->where('person_id', $person->id)->whereNull('taken_back_at')->where('ends_on', '>=', $clock->today()->iso())->exists();

        return $holds ? null : 'There is no program that holds, so it cannot have a method of its own.';
    }

    private function own(MethodLevel $level, string $owner, string $name, Method $inherited, ?string $closed = null): MethodPage
    {
        $row = OwnMethod::query()->where('owner_id', $owner)->where('level', $level->value)->first();

        return new MethodPage($this->library, $level, $name, $row->version ?? 0, $inherited, $row->answers ?? [], $closed);
    }
}
