<?php

declare(strict_types=1);

namespace App\Http\Reading;

use App\Http\Shared\ApiRequest;

/** @body bool $read */
final class MarkNoteRequest extends ApiRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['read' => ['required', 'boolean:strict']];
    }
}
