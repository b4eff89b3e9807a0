<?php

declare(strict_types=1);

namespace App\Http\Squad;

use App\Http\Shared\ApiRequest;
use EvenRungs\Week\WeekPlacing;

/** When a squad could meet, at a planned effort of 0 to 10: that of a session nobody has planned yet where none is named. */
final class SquadTimesRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['effort' => ['nullable', 'string', 'regex:/^(10|\d)$/D']];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [...parent::messages(), 'effort.regex' => 'Effort goes from 0 to 10.'];
    }

    public function effort(): int
    {
        return $this->text('effort') === '' ? WeekPlacing::EFFORT : (int) $this->text('effort');
    }
}
