<?php

declare(strict_types=1);

namespace App\Http\Review;

use App\Http\Shared\ApiRequest;
use EvenRungs\Body\Side;
use EvenRungs\Progress\Decision;
use Illuminate\Validation\Rule;

/**
 * @body string $id
 * @body string $log
 * @body string $ladder
 * @body 'left'|'right'|'both' $side
 * @body 'climb'|'stay'|'step-down'|'stop-ladder'|'refer' $choice
 * @body string $reason
 */
final class DecisionRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'string', self::ULID],
            'log' => ['required', 'string', self::ULID],
            'ladder' => ['required', 'string', 'max:60'],
            'side' => ['required', Rule::enum(Side::class)],
            'choice' => ['required', Rule::enum(Decision::class)],
            'reason' => ['present', 'nullable', 'string', 'max:300'],
        ];
    }
}
