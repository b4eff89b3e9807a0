<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Api\Reads;
use App\Api\Removes;
use App\Api\Writes;
use App\Http\Problem;
use App\Http\Shared\ChoiceView;
use App\Http\Shared\ReasonView;
use App\Models\Climb;
use App\Models\Person;
use App\Models\TimedHold;
use App\Models\User;
use App\Records\OpenPerson;
use App\Records\PersonFile;
use App\Records\Tested;
use EvenRungs\Assessment\ClimbTest;
use EvenRungs\Assessment\ClimbTrial;
use EvenRungs\Assessment\Hold;
use EvenRungs\Assessment\HoldEnd;
use EvenRungs\Assessment\HoldKind;
use EvenRungs\Body\Side;
use EvenRungs\Dose\Unit;
use EvenRungs\Ladder\UnknownRung;
use EvenRungs\Progress\FormQuestion;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** Testing a person: timed holds, climb tests, and where they say to start. Closed while a danger sign stands, and before they were asked for. */
final readonly class ChecksController
{
    public function __construct(private OpenPerson $open) {}

    #[Reads('/api/people/{person}/checks', 'checks', ChecksView::class)]
    public function show(Person $person, #[CurrentUser] User $user): JsonResponse
    {
        $file = $this->opened($person, $user);
        $person->load(['alignments', 'braceTests']);

        return new JsonResponse((new ChecksPage($file))->view());
    }

    #[Writes('/api/people/{person}/holds', 'keepHold', TestedView::class, HoldRequest::class, 201)]
    public function hold(Person $person, HoldRequest $input): JsonResponse
    {
        $file = $this->opened($person, $input->by());
        $kind = HoldKind::from($input->text('kind'));
        $side = Side::from($input->text('side'));
        $hold = Hold::of($kind, $side, $input->integer('seconds'), HoldEnd::from($input->text('end')), $file->record->today, $file->clock->sequence());
        $known = TimedHold::query()->find($input->text('id'));
        if ($known === null) {
            $objection = $kind->ruledOut($file->record->circumstances()->limits, $side);
            if ($objection !== null) {
                throw Problem::field('kind', $objection->sentence);
            }
            TimedHold::query()->create([
                'id' => $input->text('id'),
                'kind' => $kind->value,
                'side' => $side->value,
                'seconds' => $hold->seconds,
                'end' => $hold->end->value,
                'note' => $input->text('note'),
                ...Tested::now($person, $file->clock, $input->by()),
            ]);
        }

        return new JsonResponse(new TestedView(id: $input->text('id'), sentence: "{$kind->label()}".($side === Side::Both ? '' : ", {$side->value}").": {$hold->seconds} s."), 201);
    }

    /** Takes a hold back; the row stays, marked as taken back. */
    #[Removes('/api/people/{person}/holds/{hold}', 'takeHoldBack')]
    public function takeHoldBack(Person $person, TimedHold $hold): Response
    {
        abort_unless($hold->person_id === $person->id, 404);
        $hold->update(['undone_at' => now()]);

        return new Response(status: 204);
    }

    /** What to try next, from the trials so far; nothing is saved. */
    #[Writes('/api/people/{person}/climbs/next', 'nextTrial', ClimbStepView::class, ClimbRequest::class)]
    public function next(Person $person, ClimbRequest $input): JsonResponse
    {
        $file = $this->opened($person, $input->by());
        $test = $this->climbed($file, $input);
        $side = Side::from($input->text('side'));
        $trial = $test->next === null ? null : ClimbTest::trial($test->next);
        $questions = $test->next === null ? [] : ClimbTest::questions($test->next, $side, $file->record->circumstances()->watchDoming());

        return new JsonResponse(new ClimbStepView(
            next: $test->next?->slug,
            doseText: $test->next === null ? null : ClimbTest::trialInWords($test->next, $side),
            holdSeconds: $trial?->unit() === Unit::Seconds ? $trial->first()->target() : null,
            questions: array_map(static fn(FormQuestion $question): ChoiceView => new ChoiceView(value: $question->value, label: $question->question()), $questions),
            clean: array_map(static fn(ClimbTrial $trial): bool => $trial->isClean(), self::tried($file, $input)),
            cleanPain: ClimbTrial::CLEAN_PAIN,
            workingRung: $test->working?->slug,
            reason: $test->reason === null ? null : ReasonView::of($test->reason),
        ));
    }

    #[Writes('/api/people/{person}/climbs', 'keepClimb', TestedView::class, ClimbRequest::class, 201)]
    public function climb(Person $person, ClimbRequest $input): JsonResponse
    {
        $file = $this->opened($person, $input->by());
        $test = $this->climbed($file, $input);
        if ($test->reason === null || $input->trials() === []) {
            throw Problem::field('trials', 'The test is not over yet: try the next rung, or leave it.');
        }
        Climb::query()->firstOrCreate(['id' => $input->text('id')], [
            'ladder' => $input->text('ladder'),
            'side' => $input->text('side'),
            'trials' => array_map(static fn(ClimbTrialInput $trial): array => ['rung' => $trial->rung, 'faults' => $trial->faults, 'pain' => $trial->pain], $input->trials()),
            'working_rung' => $test->working?->slug,
            'gate_question' => $test->gateQuestion()?->value,
            'sentence' => mb_substr($test->reason->sentence, 0, 500),
            'library_version' => $file->record->library->version,
            ...Tested::now($person, $file->clock, $input->by()),
        ]);

        return new JsonResponse(new TestedView(id: $input->text('id'), sentence: $test->reason->sentence), 201);
    }

    /** Takes a climb test back; the row stays, marked as taken back. */
    #[Removes('/api/people/{person}/climbs/{climb}', 'takeClimbBack')]
    public function takeClimbBack(Person $person, Climb $climb): Response
    {
        abort_unless($climb->person_id === $person->id, 404);
        $climb->update(['undone_at' => now()]);

        return new Response(status: 204);
    }

    private function opened(Person $person, User $by): PersonFile
    {
        $file = $this->open->of($person, $by);
        Problem::whenNotToBeTested($file);

        return $file;
    }

    private function climbed(PersonFile $file, ClimbRequest $input): ClimbTest
    {
        try {
            $guess = $input->input('guess');

            return ClimbTest::of(
                $file->record->library->ladder($input->text('ladder')),
                $file->record->circumstances(),
                Side::from($input->text('side')),
                is_string($guess) && $guess !== '' ? $file->record->library->rung($guess) : null,
                self::tried($file, $input),
            );
        } catch (UnknownRung $unknown) {
            throw Problem::field('ladder', $unknown->getMessage());
        }
    }

    /**
     * @return list<ClimbTrial>
     *
     * @throws UnknownRung
     */
    private static function tried(PersonFile $file, ClimbRequest $input): array
    {
        return array_map(static fn(ClimbTrialInput $trial): ClimbTrial => new ClimbTrial($file->record->library->rung($trial->rung), array_map(FormQuestion::from(...), $trial->faults), $trial->pain), $input->trials());
    }
}
