<?php

declare(strict_types=1);

namespace App\Http\Squad;

use App\Http\Shared\ApiRequest;
use EvenRungs\Squad\Squad;

/**
 * @body string $id ULID made by the caller
 * @body string $name
 * @body list<string> $people in line
 */
final class NewSquadRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'string', self::ULID],
            'name' => SquadRequest::NAME,
            'people' => ['required', 'list', 'min:1', 'max:'.Squad::MOST],
            'people.*' => ['string', self::ULID, 'distinct', SquadRequest::known()],
        ];
    }

    /** @return list<string> */
    public function people(): array
    {
        return $this->texts('people');
    }
}
