<?php

declare(strict_types=1);

namespace App\Http\Shared;

use EvenRungs\Body\Side;
use EvenRungs\Screening\State;

/** A limit as it is entered with the person. */
final readonly class LimitInput
{
    /**
     * @param string|null $since   first date; today when null
     * @param bool        $cleared a clinician has cleared what the limit keeps for one
     */
    public function __construct(
        public State $state,
        public Side $side,
        public string $note,
        public ?string $since,
        public bool $cleared,
    ) {}

    /** @param array<array-key, mixed> $data validated */
    public static function read(array $data): self
    {
        $text = static fn(string $key): string => is_string($data[$key] ?? null) ? trim($data[$key]) : '';

        return new self(State::from($text('state')), Side::from($text('side')), $text('note'), $text('since') === '' ? null : $text('since'), (bool) ($data['cleared'] ?? false));
    }
}
