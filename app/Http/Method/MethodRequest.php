<?php

declare(strict_types=1);

namespace App\Http\Method;

use App\Http\Shared\ApiRequest;
use EvenRungs\Method\Question;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

/**
 * One answer of the practice's method.
 *
 * @body int $version version that was read
 * @body string $question
 * @body string $choice
 */
#[OA\Schema]
final class MethodRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer', 'min:1'],
            'question' => ['required', Rule::enum(Question::class)],
            'choice' => ['required', 'string', 'max:80', Rule::in(Question::tryFrom($this->text('question'))?->choices() ?? [])],
        ];
    }
}
