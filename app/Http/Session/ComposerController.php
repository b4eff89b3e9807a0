<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Api\Reads;
use App\Api\Writes;
use App\Http\Method\MethodTrialPage;
use App\Http\Method\MethodTrialView;
use App\Http\Problem;
use App\Http\Shared\ReasonView;
use App\Library\TemplateFile;
use App\Models\Person;
use App\Models\TrainingSession;
use App\Models\User;
use App\Records\Dossier;
use App\Records\OpenPerson;
use App\Records\SessionStart;
use EvenRungs\Dose\DoseLine;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What helps writing a session: starts, templates, text, orders, fit to time, next doses. Nothing here is saved. */
final readonly class ComposerController
{
    public function __construct(private OpenPerson $open, private TemplateFile $templates) {}

    #[Writes('/api/people/{person}/sessions/start', 'startSession', DraftView::class, StartRequest::class)]
    public function start(Person $person, StartRequest $input): JsonResponse
    {
        $dossier = $this->dossier($person, $input);
        $start = match ($input->text('from')) {
            'template' => SessionStart::fromTemplate($this->templates->templates()[$input->text('template')] ?? throw Problem::field('template', 'There is no template of this name.'), $dossier),
            'session' => SessionStart::fromSession(TrainingSession::query()->find($input->text('session')) ?? throw Problem::field('session', 'This session is not there any more.'), $dossier),
            'empty' => SessionStart::empty(),
            default => SessionStart::fromBoard($dossier),
        };

        return new JsonResponse(new DraftView($start->title, (new SessionPage($dossier))->preview($start->blocks), ReasonView::all($start->notes)));
    }

    #[Reads('/api/people/{person}/sessions/templates', 'sessionTemplates', TemplatesView::class)]
    public function templates(Person $person, Request $request): JsonResponse
    {
        return new JsonResponse((new ComposerPage($this->dossier($person, $request)))->templates($this->templates->templates()));
    }

    #[Writes('/api/people/{person}/sessions/text', 'readSessionText', SessionTextView::class, SessionTextRequest::class)]
    public function text(Person $person, SessionTextRequest $input): JsonResponse
    {
        return new JsonResponse((new ComposerPage($this->dossier($person, $input)))->text($input->written()));
    }

    #[Writes('/api/people/{person}/sessions/sums', 'sumSession', SumsView::class, PreviewRequest::class)]
    public function sums(Person $person, PreviewRequest $input): JsonResponse
    {
        return new JsonResponse((new SessionPage($this->dossier($person, $input)))->sums($input->blocks()));
    }

    #[Writes('/api/people/{person}/sessions/orders', 'orderSession', OrdersView::class, PreviewRequest::class)]
    public function orders(Person $person, PreviewRequest $input): JsonResponse
    {
        return new JsonResponse((new ComposerPage($this->dossier($person, $input)))->orders($input->blocks()));
    }

    #[Writes('/api/people/{person}/sessions/fit', 'fitSession', FitView::class, FitRequest::class)]
    public function fit(Person $person, FitRequest $input): JsonResponse
    {
        return new JsonResponse((new ComposerPage($this->dossier($person, $input), $input->minutes()))->fit($input->blocks(), $input->text('id')));
    }

    #[Reads('/api/people/{person}/sessions/next-doses', 'nextDoses', NextDosesView::class)]
    public function nextDoses(Person $person, Request $request): JsonResponse
    {
        $dossier = $this->dossier($person, $request);
        $counting = $dossier->method()->counting();
        $doses = [];
        foreach ($dossier->nextDoses() as $rung => $next) {
            $doses[] = new NextDoseView($rung, DoseLine::print($next->dose, $counting), $next->rises, ReasonView::of($next->reason));
        }

        return new JsonResponse(new NextDosesView($doses));
    }

    #[Reads('/api/people/{person}/method', 'methodTrial', MethodTrialView::class)]
    public function method(Person $person, Request $request): JsonResponse
    {
        return new JsonResponse((new MethodTrialPage($this->dossier($person, $request)))->view());
    }

    private function dossier(Person $person, Request $request): Dossier
    {
        /** @var User $user */
        $user = $request->user();
        $dossier = $this->open->of($person, $user);
        Problem::whenClosed($dossier->standing());

        return $dossier;
    }
}
