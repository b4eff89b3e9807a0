<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Api\Reads;
use App\Api\Removes;
use App\Api\Writes;
use App\Http\Problem;
use App\Models\BraceTest;
use App\Models\Person;
use App\Models\User;
use App\Records\OpenPerson;
use App\Records\Tested;
use EvenRungs\Assessment\BraceSample;
use EvenRungs\Assessment\CuffLine;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The brace check with a pressure cuff: its readings as they come, what they come to, and the ones that are kept. */
final readonly class BraceController
{
    /** Longer than a check, shorter than a forgotten page. */
    private const STREAM_SECONDS = 90;

    public function __construct(private OpenPerson $open) {}

    /** The cuff's readings as server-sent events, each a JSON object with ms and mmHg. */
    #[Reads('/api/people/{person}/brace/readings', 'cuffReadings', media: 'text/event-stream')]
    public function readings(Person $person, Request $request): StreamedResponse
    {
        $this->opened($person, $request);
        $address = (string) config('cuff.stream');
        $cuff = @stream_socket_client($address, $code, $error, 2);
        if ($cuff === false) {
            throw Problem::unreachable('cuff', 'No cuff answers. Start the simulated one with bin/cuff, or connect a real one, and try again.');
        }

        return new StreamedResponse(static function () use ($cuff): void {
            stream_set_timeout($cuff, 3);
            $end = microtime(true) + self::STREAM_SECONDS;
            while (microtime(true) < $end && connection_aborted() === 0 && ($line = fgets($cuff)) !== false) {
                $sample = CuffLine::read($line);
                if ($sample !== null) {
                    echo 'data: '.json_encode(['ms' => $sample->ms, 'mmHg' => $sample->mmHg])."\n\n";
                    if (ob_get_level() > 0) {
                        ob_flush();
                    }
                    flush();
                }
            }
            fclose($cuff);
            echo "event: end\ndata: {}\n\n";
        }, 200, ['Content-Type' => 'text/event-stream', 'X-Accel-Buffering' => 'no']);
    }

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
