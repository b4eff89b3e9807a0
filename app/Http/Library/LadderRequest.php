<?php

declare(strict_types=1);

namespace App\Http\Library;

use App\Http\Shared\ApiRequest;

/**
 * @body int $version of the own version that was read; 0 for none
 * @body array<string, mixed> $document
 */
final class LadderRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer:strict', 'min:0'],
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
