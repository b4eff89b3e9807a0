<?php

declare(strict_types=1);

namespace App\Http\Weeks;

/**
 * @body string $id
 * @body string|null $replaces the version it was compared with; null for the first
 * @body list<string>|null $mondays weeks taken over; all of them when null
 * @body string $why
 * @body ProgramRequestView $wish
 */
final class TakeProgramRequest extends ProposeProgramRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'id' => ['required', 'string', self::ULID],
            'replaces' => ['present', 'nullable', 'string', self::ULID],
            'mondays' => ['present', 'nullable', 'list', 'min:1', 'max:60'],
            'mondays.*' => [...self::PLANNED_DAY, 'distinct'],
            'why' => ['present', 'nullable', 'string', 'max:200'],
        ];
    }

    /** @return list<string>|null */
    public function mondays(): ?array
    {
        return $this->input('mondays') === null ? null : $this->texts('mondays');
    }
}
