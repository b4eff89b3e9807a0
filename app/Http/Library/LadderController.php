<?php

declare(strict_types=1);

namespace App\Http\Library;

use App\Actions\KeepLadder;
use App\Actions\LadderRefused;
use App\Api\Changes;
use App\Api\Reads;
use App\Api\Removes;
use App\Api\Writes;
use App\Http\Problem;
use App\Library\Figures;
use App\Library\LibraryFiles;
use App\Library\PracticeLibrary;
use App\Models\User;
use EvenRungs\Ladder\Rung;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Symfony\Component\Yaml\Exception\ParseException;
use Symfony\Component\Yaml\Yaml;

/** Own ladders of a practice: editing with a live check, files in and out. */
final readonly class LadderController
{
    public function __construct(private PracticeLibrary $library, private Figures $figures, private KeepLadder $keep) {}

    #[Reads('/api/ladders/{ladder}', 'ladder', LadderSourceView::class)]
    public function show(string $ladder): JsonResponse
    {
        return new JsonResponse($this->source($ladder));
    }

    /** Nothing is kept: problems and pictures while a ladder is edited. */
    #[Writes('/api/ladders/check', 'checkLadder', LadderCheckView::class, LadderCheckRequest::class)]
    public function check(LadderCheckRequest $input): JsonResponse
    {
        return new JsonResponse($this->checked($input->document(), $input->by(), $input->string('rung')->toString()));
    }

    /** Reads a ladder file; nothing is kept. */
    #[Writes('/api/ladders/read', 'readLadder', LadderCheckView::class, LadderFileRequest::class)]
    public function read(LadderFileRequest $input): JsonResponse
    {
        try {
            $document = Yaml::parse($input->string('text')->toString(), Yaml::PARSE_EXCEPTION_ON_INVALID_TYPE);
        } catch (ParseException $wrong) {
            return new JsonResponse(new LadderCheckView(problems: ["This is not a YAML or JSON file: {$wrong->getMessage()}"], ladder: null, figures: [], faults: [], document: null));
        }

        return new JsonResponse($this->checked($document, $input->by()));
    }

    #[Changes('/api/ladders/{ladder}', 'keepLadder', LadderSourceView::class, LadderRequest::class)]
    public function update(string $ladder, LadderRequest $input): JsonResponse
    {
        $this->orRefused(fn() => $this->keep->keep($ladder, $input->document(), $input->integer('version'), $input->by()));

        return new JsonResponse($this->source($ladder));
    }

    #[Removes('/api/ladders/{ladder}', 'letGoOfLadder')]
    public function destroy(string $ladder, #[CurrentUser] User $user): Response
    {
        $this->orRefused(fn() => $this->keep->letGo($ladder, $user));

        return new Response(status: 204);
    }

    #[Reads('/api/ladders/{ladder}/file', 'ladderFile', LadderFileView::class)]
    public function file(string $ladder): JsonResponse
    {
        return new JsonResponse(new LadderFileView(name: "{$ladder}.yaml", text: Yaml::dump($this->library->document($ladder), 4, 2, Yaml::DUMP_MULTI_LINE_LITERAL_BLOCK | Yaml::DUMP_EMPTY_ARRAY_AS_SEQUENCE)));
    }

    /** @param \Closure(): void $work */
    private function orRefused(\Closure $work): void
    {
        try {
            $work();
        } catch (LadderRefused $refused) {
            throw $refused->changedMeanwhile ? Problem::conflict('changed-meanwhile', $refused->getMessage()) : Problem::faults('document', $refused->sentences);
        }
    }

    private function source(string $ladder): LadderSourceView
    {
        $row = KeepLadder::row($ladder);

        return new LadderSourceView(
            slug: $ladder,
            version: $row === null || $row->removed_at !== null ? 0 : $row->version,
            shipped: $this->library->shipped($ladder) !== null,
            document: LibraryFiles::withObjects($this->library->document($ladder)),
            inUse: $this->library->inUse($ladder),
        );
    }

    /** Whether a rung is drawn otherwise than it stands in the library, in a way that can be. */
    private function isNew(Rung $rung): bool
    {
        $kept = $this->library->library();

        return $this->figures->amiss($rung->plan()) === [] && (! $kept->has($rung->slug) || $kept->rung($rung->slug)->plan()->fingerprint() !== $rung->plan()->fingerprint());
    }

    private function checked(mixed $document, User $by, string $focus = ''): LadderCheckView
    {
        [$problems, $ladder] = $this->library->check($document);
        $rung = $ladder?->find("{$ladder->slug}/{$focus}");

        return new LadderCheckView(
            problems: $problems,
            ladder: $ladder === null ? null : LibraryPage::ladder($ladder, $by->practice->method(), $this->library->library()->names),
            figures: array_values(array_map(RungFigureView::of(...), array_filter($ladder->rungs ?? [], $this->isNew(...)))),
            faults: $rung === null || $this->figures->amiss($rung->plan()) !== [] ? [] : $rung->drawnFaults(),
            document: $problems === [] && is_array($document) ? LibraryFiles::withObjects(PracticeLibrary::inSpace($document)) : null,
        );
    }
}
