<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Dossier;
use App\Actions\OpenDossier;
use App\Actions\SessionStart;
use App\Api\Reads;
use App\Api\Writes;
use App\Http\Present\ComposerPage;
use App\Http\Present\MethodTrialPage;
use App\Http\Present\SessionPage;
use App\Http\Problem;
use App\Http\Requests\FitInput;
use App\Http\Requests\PreviewInput;
use App\Http\Requests\SessionTextInput;
use App\Http\Requests\StartInput;
use App\Http\Views\DraftView;
use App\Http\Views\FitView;
use App\Http\Views\MethodTrialView;
use App\Http\Views\NextDosesView;
use App\Http\Views\NextDoseView;
use App\Http\Views\OrdersView;
use App\Http\Views\ReasonView;
use App\Http\Views\SessionTextView;
use App\Http\Views\SumsView;
use App\Http\Views\TemplatesView;
use App\Library\TemplateFile;
use App\Models\Person;
use App\Models\TrainingSession;
use App\Models\User;
use EvenRungs\Dose\DoseLine;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What helps writing a session: starts, templates, text, orders, fit to time, next doses. Nothing here is saved. */
final readonly class Composing
{
    public function __construct(private OpenDossier $open, private TemplateFile $templates) {}

    #[Writes('/api/people/{person}/sessions/start', 'startSession', DraftView::class, StartInput::class)]
    public function start(Person $person, StartInput $input): JsonResponse
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

    #[Writes('/api/people/{person}/sessions/text', 'readSessionText', SessionTextView::class, SessionTextInput::class)]
    public function text(Person $person, SessionTextInput $input): JsonResponse
    {
        return new JsonResponse((new ComposerPage($this->dossier($person, $input)))->text($input->written()));
    }

    #[Writes('/api/people/{person}/sessions/sums', 'sumSession', SumsView::class, PreviewInput::class)]
    public function sums(Person $person, PreviewInput $input): JsonResponse
    {
        return new JsonResponse((new SessionPage($this->dossier($person, $input)))->sums($input->blocks()));
    }

    #[Writes('/api/people/{person}/sessions/orders', 'orderSession', OrdersView::class, PreviewInput::class)]
    public function orders(Person $person, PreviewInput $input): JsonResponse
    {
        return new JsonResponse((new ComposerPage($this->dossier($person, $input)))->orders($input->blocks()));
    }

    #[Writes('/api/people/{person}/sessions/fit', 'fitSession', FitView::class, FitInput::class)]
    public function fit(Person $person, FitInput $input): JsonResponse
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
