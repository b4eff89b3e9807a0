<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Api\Removes;
use App\Api\Writes;
use App\Http\Problem;
use App\Models\BraceTest;
use App\Models\Person;
use App\Models\User;
use App\Records\OpenPerson;
use App\Records\Tested;
use EvenRungs\Assessment\BraceSample;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The brace check with a pressure cuff, which the browser reads: what its readings come to, and the ones that are kept. */
final readonly class BraceController
{
    public function __construct(private OpenPerson $open) {}

    /** What readings come to; nothing is saved. */
    #[Writes('/api/people/{person}/brace/preview', 'previewBrace', BraceView::class, BraceRequest::class)]
    public function preview(Person $person, BraceRequest $input): JsonResponse
    {
        $this->opened($person, $input);

        return new JsonResponse(BraceView::of($input->check()));
    }

    #[Writes('/api/people/{person}/brace', 'keepBrace', TestedView::class, BraceRequest::class, 201)]
    public function store(Person $person, BraceRequest $input): JsonResponse
    {
        $file = $this->opened($person, $input);
        $check = $input->check();
        BraceTest::query()->firstOrCreate(['id' => $input->text('id')], [
            'seconds' => $input->input('seconds'),
            'held' => $check->held,
            'samples' => array_map(static fn(BraceSample $sample): array => [$sample->ms, (int) round(10 * $sample->mmHg)], $input->samples()),
            ...Tested::now($person, $file->clock, $input->by()),
        ]);

        return new JsonResponse(new TestedView(id: $input->text('id'), sentence: $check->reason->sentence), 201);
    }

    /** Takes a check back; the row stays, marked as taken back. */
    #[Removes('/api/people/{person}/brace/{brace}', 'takeBraceBack')]
    public function takeBack(Person $person, BraceTest $brace): Response
    {
        abort_unless($brace->person_id === $person->id, 404);
        $brace->update(['undone_at' => now()]);

        return new Response(status: 204);
    }

    private function opened(Person $person, Request $request): \App\Records\PersonFile
    {
        /** @var User $user */
        $user = $request->user();
        $file = $this->open->of($person, $user);
        Problem::whenNotToBeTested($file);

        return $file;
    }
}
