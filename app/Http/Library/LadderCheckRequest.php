<?php

declare(strict_types=1);

namespace App\Http\Library;

use App\Http\Shared\ApiRequest;

/**
 * @body array<string, mixed> $document
 */
final class LadderCheckRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'document' => ['required', 'array'],
        ];
    }

    /** @return array<array-key, mixed> */
    public function document(): array
    {
        $document = $this->input('document');

        return is_array($document) ? $document : [];
    }
}
