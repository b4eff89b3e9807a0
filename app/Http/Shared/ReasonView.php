<?php

declare(strict_types=1);

namespace App\Http\Shared;

use App\Api\ListOf;
use App\Api\OneOf;
use EvenRungs\Reason\Basis;
use EvenRungs\Reason\Input;
use EvenRungs\Reason\Reason;
use OpenApi\Attributes as OA;

/** Why something is what it is, for the reason pane. */
#[OA\Schema]
final readonly class ReasonView
{
    /** @param list<InputView> $inputs */
    public function __construct(
        #[OA\Property]
        public string $rule,
        #[OneOf(Basis::class)]
        public string $basis,
        #[OA\Property]
        public string $source,
        #[OA\Property]
        public string $sentence,
        #[ListOf(InputView::class)]
        public array $inputs,
        #[OA\Property]
        public ?string $wouldChange,
    ) {}

    public static function of(Reason $reason): self
    {
        return new self(
            $reason->rule->value,
            $reason->rule->basis()->value,
            $reason->rule->source(),
            $reason->sentence,
            array_map(static fn(Input $input): InputView => new InputView($input->name, $input->value), $reason->inputs),
            $reason->wouldChange,
        );
    }

    /**
     * @param list<Reason> $reasons
     *
     * @return list<self>
     */
    public static function all(array $reasons): array
    {
        return array_map(self::of(...), $reasons);
    }
}
