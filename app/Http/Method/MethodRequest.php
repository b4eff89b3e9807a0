<?php

declare(strict_types=1);

namespace App\Http\Method;

use App\Http\Shared\ApiRequest;
use EvenRungs\Method\Answer;
use EvenRungs\Method\Question;
use Illuminate\Validation\Rule;

/**
 * One answer of a method.
 *
 * @body int $version version that was read; 0 where nothing was answered at this level
 * @body string|null $question what is inherited again where no answer is given
 * @body Answer|null $answer null to take the answer back
 */
final class MethodRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer:strict', 'min:0'],
            'question' => ['nullable', Rule::enum(Question::class), 'required_without:answer'],
            'answer' => ['nullable', Rule::enum(Answer::class)],
        ];
    }

    /**
     * @param array<string, string> $answers by question
     *
     * @return array<string, string> with the answer, or without one to the question
     */
    public function onto(array $answers): array
    {
        $answer = Answer::tryFrom($this->text('answer'));
        if ($answer === null) {
            unset($answers[$this->text('question')]);

            return $answers;
        }

        return [...$answers, $answer->question()->value => $answer->value];
    }
}
