<?php

declare(strict_types=1);

namespace App\Http\Shared;

use App\Api\OneOf;
use EvenRungs\Body\Side;
use EvenRungs\Screening\State;
use OpenApi\Attributes as OA;

/** A limit as it is entered with the person. */
#[OA\Schema]
final readonly class LimitInput
{
    public function __construct(
        #[OneOf(State::class)]
        public string $state,
        #[OneOf(Side::class)]
        public string $side,
        #[OA\Property]
        public string $note,
        #[OA\Property(description: 'first date; today when null', format: 'date', nullable: true)]
        public ?string $since,
        #[OA\Property(description: 'a clinician has cleared what the limit keeps for one')]
        public bool $cleared,
    ) {}

    /** @param array<array-key, mixed> $data validated */
    public static function read(array $data): self
    {
        $text = static fn(string $key): string => is_string($data[$key] ?? null) ? trim($data[$key]) : '';

        return new self($text('state'), $text('side'), $text('note'), $text('since') === '' ? null : $text('since'), (bool) ($data['cleared'] ?? false));
    }
}
