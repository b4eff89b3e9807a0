<?php

declare(strict_types=1);

namespace App\Http\Weeks;

use App\Actions\KeepProgram;
use App\Actions\WriteProgramWeek;
use App\Api\Reads;
use App\Api\Writes;
use App\Http\Problem;
use App\Models\Person;
use App\Models\Program;
use App\Models\User;
use App\Models\WeekWriting;
use App\Records\OpenPerson;
use App\Records\PersonFile;
use EvenRungs\Calendar\Day;
use EvenRungs\Person\ProgramAtHand;
use EvenRungs\Program\WrittenWeek;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

/** Programs: made, compared with the one that holds, taken over whole or in part. Closed while a danger sign stands. */
final readonly class ProgramController
{
    public function __construct(private OpenPerson $open, private KeepProgram $keep) {}

    #[Reads('/api/people/{person}/program', 'program', ProgramPageView::class)]
    public function show(Person $person, #[CurrentUser] User $user): JsonResponse
    {
        return new JsonResponse((new ProgramPage($this->opened($person, $user)->program(), $person->id))->view());
    }

    #[Reads('/api/people/{person}/program/why/{ladder}', 'programWhy', StaveWhyView::class)]
    public function why(Person $person, string $ladder, #[CurrentUser] User $user): JsonResponse
    {
        return new JsonResponse((new ProgramPage($this->opened($person, $user)->program(), $person->id))->why($ladder));
    }

    #[Writes('/api/people/{person}/program/proposal', 'proposeProgram', ProgramView::class, ProposeProgramRequest::class)]
    public function propose(Person $person, ProposeProgramRequest $input): JsonResponse
    {
        $hand = $this->opened($person, $input->by())->program();
        $wish = $hand->wishes()->asRest($input->wish());

        return new JsonResponse((new ProgramPage($hand, $person->id))->proposal($hand->make($wish), $wish));
    }

    #[Writes('/api/people/{person}/programs', 'takeProgram', ProgramPageView::class, TakeProgramRequest::class, 201)]
    public function store(Person $person, TakeProgramRequest $input): JsonResponse
    {
        $file = $this->opened($person, $input->by());
        $hand = $file->program();
        $this->unlessChanged($person, $hand, $input->text('id'), $input->input('replaces'));
        $wish = $hand->wishes()->asRest($input->wish());
        $made = array_map(WrittenWeek::of(...), $hand->make($wish)->weeks);
        $this->keep->keep($file, $hand, $input->text('id'), $hand->taking($made, $input->mondays()), $wish, $input->text('why') === '' ? 'Made' : $input->text('why'), $input->by());

        return $this->kept($person, $input->by());
    }

    /** A version compared with the one that holds. */
    #[Reads('/api/people/{person}/programs/{program}', 'programVersion', ProgramView::class)]
    public function version(Person $person, Program $program, #[CurrentUser] User $user): JsonResponse
    {
        abort_unless($program->person_id === $person->id, 404);
        $hand = $this->opened($person, $user, $program->begins_on === null ? null : Day::parse($program->begins_on)->plusDays(-7))->program();

        return new JsonResponse((new ProgramPage($hand, $person->id))->version($program->inCore()));
    }

    /** An earlier version holds again: its weeks from today on; what is past stays. */
    #[Writes('/api/people/{person}/programs/{program}/again', 'takeProgramAgain', ProgramPageView::class, AgainRequest::class, 201)]
    public function again(Person $person, Program $program, AgainRequest $input): JsonResponse
    {
        abort_unless($program->person_id === $person->id, 404);
        $file = $this->opened($person, $input->by());
        $hand = $file->program();
        $this->unlessChanged($person, $hand, $input->text('id'), $input->input('replaces'));
        $version = $program->inCore();
        if ($hand->ahead($version) === []) {
            throw Problem::conflict('program-past', 'All weeks of that version are past: there is nothing of it to take again.');
        }
        $this->keep->keep($file, $hand, $input->text('id'), $hand->taking($hand->ahead($version), null), $version->request(), "The version of {$version->madeOn} again", $input->by());

        return $this->kept($person, $input->by());
    }

    /** Writes the sessions of a week and places them. */
    #[Writes('/api/people/{person}/program/weeks/{date}', 'writeProgramWeek', ProgramPageView::class, null, 201)]
    public function write(Person $person, string $date, WriteProgramWeek $writing, #[CurrentUser] User $user): JsonResponse
    {
        $file = $this->opened($person, $user);
        $hand = $file->program();
        $week = array_values(array_filter($hand->weeks(), static fn(WrittenWeek $one): bool => $one->monday->iso() === $date))[0] ?? throw Problem::field('date', 'The program has no such week.');
        $objection = $hand->objectionToWriting($week);
        if ($objection !== null) {
            throw Problem::field('date', $objection);
        }
        $writing->write($file, $hand, $week, $user);

        return $this->kept($person, $user);
    }

    /** Takes what was last written into a week out of it again. */
    #[Writes('/api/people/{person}/program/weeks/{date}/take-out', 'takeOutProgramWeek', TakenOutView::class)]
    public function takeOut(Person $person, string $date, WriteProgramWeek $writing, #[CurrentUser] User $user): JsonResponse
    {
        $hand = $this->opened($person, $user)->program();
        $written = WeekWriting::query()->where('person_id', $person->id)->where('monday', $date)->whereNull('taken_back_at')->orderByDesc('sequence')->orderByDesc('id')->first();
        if ($written === null || ! $hand->canTakeOut(Day::parse($written->monday))) {
            throw Problem::conflict('nothing-to-take-out', 'Nothing that was written into this week can be taken out of it: it is past, or it was taken out before.');
        }

        return new JsonResponse(TakenOutView::of($writing->takeOut($written, $user)));
    }

    /** The program that holds is taken back: the version before it holds again, or none. */
    #[Writes('/api/people/{person}/programs/{program}/take-back', 'takeProgramBack', ProgramPageView::class)]
    public function takeBack(Person $person, Program $program, #[CurrentUser] User $user): JsonResponse
    {
        abort_unless($program->person_id === $person->id, 404);
        $isPresent = $this->opened($person, $user)->program()->present()?->id === $program->id;
        if (! $isPresent && $program->taken_back_at === null) {
            throw Problem::conflict('not-to-be-taken-back', 'Only the version that holds can be taken back; an earlier one can be taken again.');
        }
        if ($isPresent) {
            $program->update(['taken_back_at' => now(), 'taken_back_by' => $user->id]);
        }

        return new JsonResponse((new ProgramPage($this->opened($person->unsetRelations(), $user)->program(), $person->id))->view());
    }

    private function kept(Person $person, User $by): JsonResponse
    {
        return new JsonResponse((new ProgramPage($this->opened($person->unsetRelations(), $by)->program(), $person->id))->view(), 201);
    }

    private function opened(Person $person, User $by, ?Day $since = null): PersonFile
    {
        $file = $this->open->of($person, $by, $since);
        Problem::whenClosed($file->record->admission());

        return $file;
    }

    /** A second sending of the same is no conflict. */
    private function unlessChanged(Person $person, ProgramAtHand $hand, string $id, mixed $replaces): void
    {
        $present = $hand->present();
        if ($present?->id !== $id && $present?->id !== $replaces) {
            throw Problem::changedMeanwhile('This program', (new ProgramPage($hand, $person->id))->view());
        }
    }
}
