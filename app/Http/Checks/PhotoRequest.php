<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Http\Shared\ApiRequest;
use Illuminate\Http\UploadedFile;

/** A picture as it is sent: one file named photo. */
final class PhotoRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'string', self::ULID],
            'photo' => ['required', 'file', 'max:8192'],
        ];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [
            ...parent::messages(),
            'photo.required' => 'Choose a picture.',
            'photo.file' => 'Choose a picture.',
            'photo.max' => 'This picture is larger than 8 MB.',
            'photo.uploaded' => 'This picture is larger than 8 MB, or was cut off on its way.',
        ];
    }

    public function bytes(): string
    {
        $file = $this->file('photo');

        return $file instanceof UploadedFile ? $file->getContent() : '';
    }
}
