<?php

declare(strict_types=1);

namespace App\Http\Sheet;

use App\Http\Shared\ApiRequest;
use Illuminate\Validation\Rule;

/**
 * @body SheetLayout $layout
 * @body string|null $address of a link to the person’s own page that is printed along
 * @body string|null $code    the same as a path of unit squares
 */
final class SheetPdfRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'layout' => ['required', Rule::enum(SheetLayout::class)],
            'address' => ['nullable', 'string', 'max:300', 'starts_with:'.url('/h/'), 'regex:/^[\x21-\x7e]+$/'],
            'code' => ['nullable', 'string', 'max:60000', 'required_with:address', 'regex:/^(?:M\d{1,3} \d{1,3}h1v1h-1z)+$/'],
        ];
    }

    public function layout(): SheetLayout
    {
        return SheetLayout::from($this->text('layout'));
    }
}
