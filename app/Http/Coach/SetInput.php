<?php

declare(strict_types=1);

namespace App\Http\Coach;

use App\Records\LoggedSet;
use OpenApi\Attributes as OA;

/** One set as it was done; null means not asked or not told. */
#[OA\Schema]
final readonly class SetInput
{
    /** @param array<string, bool> $form answers by form question */
    public function __construct(
        #[OA\Property]
        public string $item,
        #[OA\Property]
        public int $set,
        #[OA\Property]
        public ?int $both,
        #[OA\Property]
        public ?int $left,
        #[OA\Property]
        public ?int $right,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'boolean'))]
        public array $form,
        #[OA\Property]
        public ?int $pain,
        #[OA\Property]
        public ?int $effort,
        #[OA\Property]
        public bool $travellingPain,
        #[OA\Property]
        public bool $feltWrong,
        #[OA\Property]
        public string $painNote,
        #[OA\Property(description: 'what was coached, by the cue sheet; as the session says when null')]
        public ?string $rung,
        #[OA\Property]
        public ?string $dose,
    ) {}

    /** @param array<array-key, mixed> $data validated */
    public static function read(array $data): LoggedSet
    {
        $whole = static fn(string $key): ?int => is_numeric($data[$key] ?? null) ? (int) $data[$key] : null;
        $form = [];
        foreach (is_array($data['form'] ?? null) ? $data['form'] : [] as $question => $answer) {
            $form[(string) $question] = (bool) $answer;
        }

        return new LoggedSet(
            is_string($data['item'] ?? null) ? $data['item'] : '',
            $whole('set') ?? 0,
            $whole('both'),
            $whole('left'),
            $whole('right'),
            $form,
            $whole('pain'),
            $whole('effort'),
            (bool) ($data['travellingPain'] ?? false),
            (bool) ($data['feltWrong'] ?? false),
            is_string($data['painNote'] ?? null) ? trim($data['painNote']) : '',
            is_string($data['rung'] ?? null) ? $data['rung'] : null,
            is_string($data['dose'] ?? null) ? $data['dose'] : null,
        );
    }
}
