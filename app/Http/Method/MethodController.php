<?php

declare(strict_types=1);

namespace App\Http\Method;

use App\Api\Changes;
use App\Api\Reads;
use App\Http\Problem;
use App\Models\Person;
use App\Models\Practice;
use App\Models\User;
use App\Records\OpenPerson;
use EvenRungs\Ladder\Library;
use EvenRungs\Method\Answer;
use EvenRungs\Method\Method;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

/** The method of a practice, and what each answer would change for a person. */
final readonly class MethodController
{
    public function __construct(private Library $library) {}

    #[Reads('/api/method', 'method', MethodView::class)]
    public function show(#[CurrentUser] User $user): JsonResponse
    {
        return new JsonResponse((new MethodPage($this->library, $user->practice))->view());
    }

    #[Changes('/api/method', 'changeMethod', MethodView::class, MethodRequest::class)]
    public function change(MethodRequest $input): JsonResponse
    {
        $practice = $input->by()->practice;
        $answer = Answer::from($input->text('answer'));
        $question = $answer->question()->value;
        $chosen = [...($practice->method ?? []), $question => $answer->value];
        if (Method::default()->says($answer)) {
            unset($chosen[$question]);
        }
        $changed = Practice::query()->whereKey($practice->id)->where('method_version', $input->integer('version'))
            ->update(['method' => json_encode((object) $chosen, JSON_THROW_ON_ERROR), 'method_version' => $input->integer('version') + 1]);
        if ($changed !== 1) {
            throw Problem::changedMeanwhile('The method', (new MethodPage($this->library, $practice->refresh()))->view());
        }

        return new JsonResponse((new MethodPage($this->library, $practice->refresh()))->view());
    }

    #[Reads('/api/people/{person}/method', 'methodTrial', MethodTrialView::class)]
    public function trial(Person $person, #[CurrentUser] User $user, OpenPerson $open): JsonResponse
    {
        $file = $open->of($person, $user);
        Problem::whenClosed($file->record->admission());

        return new JsonResponse((new MethodTrialPage($file))->view());
    }
}
