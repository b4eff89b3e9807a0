<?php

declare(strict_types=1);

namespace App\Http\Library;

use App\Http\Shared\ApiRequest;

/**
 * @body array<string, mixed> $document
 * @body string|null $rung in focus, whose faults are drawn
 */
final class LadderCheckRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'document' => ['required', 'array'],
            'rung' => ['sometimes', 'nullable', 'string', 'max:80'],
        ];
    }

    /** @return array<array-key, mixed> */
    public function document(): array
    {
        $document = $this->input('document');

        return is_array($document) ? $document : [];
    }
}
