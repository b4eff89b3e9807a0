<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Api\Reads;
use App\Api\Writes;
use App\Http\Problem;
use App\Http\Shared\ReasonView;
use App\Library\TemplateFile;
use App\Models\Person;
use App\Models\TrainingSession;
use App\Models\User;
use App\Records\OpenPerson;
use App\Records\PersonFile;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Person\SessionStart;
use EvenRungs\Session\WrittenSession;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What helps writing a session: starts, templates, text, orders, fit to time, next doses. Nothing here is saved. */
final readonly class ComposerController
{
    public function __construct(private OpenPerson $open, private TemplateFile $templates) {}

    #[Writes('/api/people/{person}/sessions/start', 'startSession', DraftView::class, StartRequest::class)]
    public function start(Person $person, StartRequest $input): JsonResponse
    {
        $file = $this->file($person, $input);
        $start = match ($input->text('from')) {
            'template' => SessionStart::fromTemplate($this->templates->templates()[$input->text('template')] ?? throw Problem::field('template', 'There is no template of this name.'), $file->record),
            'session' => self::fromSession(TrainingSession::query()->find($input->text('session')) ?? throw Problem::field('session', 'This session is not there any more.'), $file),
            'empty' => SessionStart::empty(),
            default => SessionStart::fromBoard($file->record, (new ComposerPage($file))->laddersElsewhere('')),
        };
        $start = $start->beside(array_values(array_map(static fn(WrittenSession $one): string => $one->title, $file->week($file->record->today)->sessions)));

        return new JsonResponse(new DraftView(title: $start->title, preview: (new SessionPage($file))->preview($start->blocks), notes: ReasonView::all($start->notes), origin: $this->origin($input)));
    }

    private function origin(StartRequest $input): string
    {
        $earlier = $input->text('from') === 'session' ? TrainingSession::query()->find($input->text('session'))?->title : null;

        return mb_strimwidth(match ($input->text('from')) {
            'template' => 'from the template “'.($this->templates->templates()[$input->text('template')]->name ?? '').'”',
            'session' => "after “{$earlier}”",
            'empty' => 'written by hand',
            default => 'from the board',
        }, 0, 160, '…');
    }

    #[Reads('/api/people/{person}/sessions/templates', 'sessionTemplates', TemplatesView::class)]
    public function templates(Person $person, Request $request): JsonResponse
    {
        return new JsonResponse((new ComposerPage($this->file($person, $request)))->templates($this->templates->templates()));
    }

    #[Writes('/api/people/{person}/sessions/text', 'readSessionText', SessionTextView::class, SessionTextRequest::class)]
    public function text(Person $person, SessionTextRequest $input): JsonResponse
    {
        return new JsonResponse((new ComposerPage($this->file($person, $input)))->text($input->written()));
    }

    #[Writes('/api/people/{person}/sessions/sums', 'sumSession', SumsView::class, PreviewRequest::class)]
    public function sums(Person $person, PreviewRequest $input): JsonResponse
    {
        return new JsonResponse((new SessionPage($this->file($person, $input)))->sums($input->blocks()));
    }

    #[Writes('/api/people/{person}/sessions/orders', 'orderSession', OrdersView::class, PreviewRequest::class)]
    public function orders(Person $person, PreviewRequest $input): JsonResponse
    {
        return new JsonResponse((new ComposerPage($this->file($person, $input)))->orders($input->blocks()));
    }

    #[Writes('/api/people/{person}/sessions/fit', 'fitSession', FitView::class, FitRequest::class)]
    public function fit(Person $person, FitRequest $input): JsonResponse
    {
        return new JsonResponse((new ComposerPage($this->file($person, $input), $input->minutes(), $input->picks()))->fit($input->blocks(), $input->text('id')));
    }

    #[Reads('/api/people/{person}/sessions/next-doses', 'nextDoses', NextDosesView::class)]
    public function nextDoses(Person $person, Request $request): JsonResponse
    {
        $file = $this->file($person, $request);
        $counting = $file->record->method->counting();
        $doses = [];
        foreach ($file->record->doses()->next() as $rung => $next) {
            $doses[] = new NextDoseView(rung: $rung, dose: DoseLine::print($next->dose, $counting), rises: $next->rises, lighter: $next->isLighter, reason: ReasonView::of($next->reason));
        }

        return new JsonResponse(new NextDosesView($doses));
    }

    private static function fromSession(TrainingSession $row, PersonFile $file): SessionStart
    {
        return $row->person_id === $file->person->id ? SessionStart::fromOwn($row->inCore()) : SessionStart::fromAnother($row->inCore(), $file->record);
    }

    private function file(Person $person, Request $request): PersonFile
    {
        /** @var User $user */
        $user = $request->user();
        $file = $this->open->of($person, $user);
        Problem::whenClosed($file->record->admission());

        return $file;
    }
}
