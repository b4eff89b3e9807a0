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
use App\Records\OpenPerson;
use App\Records\ProgramAtHand;
use EvenRungs\Ladder\UnknownRung;
use EvenRungs\Program\WrittenRequest;
use EvenRungs\Program\WrittenWeek;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Programs: made, compared with the one that holds, taken over whole or in part. Closed while a danger sign stands. */
final readonly class ProgramController
{
    public function __construct(private OpenPerson $open, private KeepProgram $keep) {}

    #[Reads('/api/people/{person}/program', 'program', ProgramPageView::class)]
    public function show(Person $person, Request $request): JsonResponse
    {
        return new JsonResponse((new ProgramPage($this->hand($person, $request)))->view());
    }

    #[Writes('/api/people/{person}/program/proposal', 'proposeProgram', ProgramView::class, ProposeProgramRequest::class)]
    public function propose(Person $person, ProposeProgramRequest $input): JsonResponse
    {
        $hand = $this->hand($person, $input);
        $wish = $input->wish();

        return new JsonResponse((new ProgramPage($hand))->proposal($hand->make($wish), $wish));
    }

    #[Writes('/api/people/{person}/programs', 'takeProgram', ProgramPageView::class, TakeProgramRequest::class, 201)]
    public function store(Person $person, TakeProgramRequest $input): JsonResponse
    {
        $hand = $this->hand($person, $input);
        $this->unlessChanged($hand, $input->text('id'), $input->input('replaces'));
        $wish = $input->wish();
        $made = array_map(WrittenWeek::of(...), $hand->make($wish)->weeks);
        $this->keep->keep($hand, $input->text('id'), $hand->taking($made, $input->mondays()), $wish, $input->text('why') === '' ? 'Made' : $input->text('why'), $input->by());

        return new JsonResponse((new ProgramPage($this->hand($person->unsetRelations(), $input)))->view(), 201);
    }

    /** A version compared with the one that holds. */
    #[Reads('/api/people/{person}/programs/{program}', 'programVersion', ProgramView::class)]
    public function version(Person $person, Program $program, Request $request): JsonResponse
    {
        abort_unless($program->person_id === $person->id, 404);
        $hand = $this->hand($person, $request);

        return new JsonResponse((new ProgramPage($hand))->version($this->among($hand, $program)));
    }

    /** An earlier version holds again: its weeks from today on; what is past stays. */
    #[Writes('/api/people/{person}/programs/{program}/again', 'takeProgramAgain', ProgramPageView::class, AgainRequest::class, 201)]
    public function again(Person $person, Program $program, AgainRequest $input): JsonResponse
    {
        abort_unless($program->person_id === $person->id, 404);
        $hand = $this->hand($person, $input);
        $this->unlessChanged($hand, $input->text('id'), $input->input('replaces'));
        if ($hand->ahead($program) === []) {
            throw Problem::conflict('program-past', 'All weeks of that version are past: there is nothing of it to take again.');
        }
        $this->keep->keep($hand, $input->text('id'), $hand->taking($hand->ahead($program), null), WrittenRequest::read($program->wish), "The version of {$program->made_on} again", $input->by());

        return new JsonResponse((new ProgramPage($this->hand($person->unsetRelations(), $input)))->view(), 201);
    }

    /** Writes the sessions of a week and places them. */
    #[Writes('/api/people/{person}/program/weeks/{date}', 'writeProgramWeek', ProgramPageView::class, null, 201)]
    public function write(Person $person, string $date, WriteProgramWeek $writing, Request $request): JsonResponse
    {
        $hand = $this->hand($person, $request);
        $week = null;
        foreach (ProgramAtHand::weeksOf($hand->present()) as $one) {
            $week = $one->monday->iso() === $date ? $one : $week;
        }
        if ($week === null) {
            throw Problem::field('date', 'The program has no such week.');
        }
        if ($week->monday->isBefore($hand->today()->monday())) {
            throw Problem::field('date', 'This week is past. What happened in it stays as it was.');
        }
        foreach ($week->rungs() as $rung) {
            $this->refuse($hand, $rung);
        }
        $writing->write($hand, $week);

        return new JsonResponse((new ProgramPage($this->hand($person->unsetRelations(), $request)))->view(), 201);
    }

    /** @throws Problem when a rung is ruled out by now */
    private function refuse(ProgramAtHand $hand, string $slug): void
    {
        try {
            $rung = $hand->dossier->library->rung($slug);
        } catch (UnknownRung) {
            throw Problem::field('date', 'A rung of this week is not in the library any more. Plan anew from today first.');
        }
        $ruling = $hand->dossier->circumstances()->rule($rung);
        if (! $ruling->openSomewhere() || $hand->dossier->isStopped($rung->ladder)) {
            throw Problem::field('date', ($ruling->reasons[0]->sentence ?? "“{$rung->name}” is on a ladder that was stopped after pain.").' Plan anew from today first.');
        }
    }

    private function hand(Person $person, Request $request): ProgramAtHand
    {
        /** @var User $user */
        $user = $request->user();
        $dossier = $this->open->of($person->load(['trainingSessions', 'plan', 'programs']), $user);
        Problem::whenClosed($dossier->standing());

        return ProgramAtHand::of($dossier);
    }

    /** A second sending of the same is no conflict. */
    private function unlessChanged(ProgramAtHand $hand, string $id, mixed $replaces): void
    {
        $present = $hand->present();
        if ($present?->id !== $id && $present?->id !== $replaces) {
            throw Problem::changedMeanwhile('This program', (new ProgramPage($hand))->view());
        }
    }

    private function among(ProgramAtHand $hand, Program $program): Program
    {
        foreach ($hand->versions as $version) {
            if ($version->id === $program->id) {
                return $version;
            }
        }
        abort(404);
    }
}
