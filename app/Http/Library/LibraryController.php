<?php

declare(strict_types=1);

namespace App\Http\Library;

use App\Api\Changes;
use App\Api\Reads;
use App\Http\Method\MethodPage;
use App\Http\Method\MethodRequest;
use App\Http\Method\MethodView;
use App\Http\Problem;
use App\Models\Practice;
use App\Models\User;
use EvenRungs\Ladder\Library as Ladders;
use EvenRungs\Method\Method;
use EvenRungs\Method\Question;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The ladders, and the method through which a practice reads them. */
final readonly class LibraryController
{
    public function __construct(private Ladders $library) {}

    #[Reads('/api/library', 'library', LibraryView::class)]
    public function show(Request $request): JsonResponse
    {
        return new JsonResponse((new LibraryPage($this->library, $this->practice($request)->method()))->view());
    }

    #[Reads('/api/method', 'method', MethodView::class)]
    public function method(Request $request): JsonResponse
    {
        return new JsonResponse((new MethodPage($this->library, $this->practice($request)))->view());
    }

    #[Changes('/api/method', 'changeMethod', MethodView::class, MethodRequest::class)]
    public function change(MethodRequest $input): JsonResponse
    {
        $practice = $input->by()->practice;
        $question = Question::from($input->text('question'));
        $chosen = [...($practice->method ?? []), $question->value => $input->text('choice')];
        if ($input->text('choice') === Method::default()->choice($question)) {
            unset($chosen[$question->value]);
        }
        $changed = Practice::query()->whereKey($practice->id)->where('method_version', $input->integer('version'))
            ->update(['method' => json_encode((object) $chosen, JSON_THROW_ON_ERROR), 'method_version' => $input->integer('version') + 1]);
        if ($changed !== 1) {
            throw Problem::changedMeanwhile('The method', (new MethodPage($this->library, $practice->refresh()))->view());
        }

        return new JsonResponse((new MethodPage($this->library, $practice->refresh()))->view());
    }

    private function practice(Request $request): Practice
    {
        /** @var User $user */
        $user = $request->user();

        return $user->practice;
    }
}
