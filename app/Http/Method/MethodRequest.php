<?php

declare(strict_types=1);

namespace App\Http\Method;

use App\Http\Shared\ApiRequest;
use EvenRungs\Method\Answer;
use Illuminate\Validation\Rule;

/**
 * One answer of the practice's method.
 *
 * @body int $version version that was read
 * @body Answer $answer
 */
final class MethodRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer', 'min:1'],
            'answer' => ['required', Rule::enum(Answer::class)],
        ];
    }
}
