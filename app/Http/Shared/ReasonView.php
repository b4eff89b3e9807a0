<?php

declare(strict_types=1);

namespace App\Http\Shared;

use EvenRungs\Reason\Input;
use EvenRungs\Reason\Reason;

/** Why something is what it is, for the reason pane. */
final readonly class ReasonView
{
    /** @param list<InputView> $inputs */
    public function __construct(
        public string $rule,
        public string $source,
        public string $sentence,
        public array $inputs,
        public ?string $wouldChange,
    ) {}

    public static function of(Reason $reason): self
    {
        return new self(
            rule: $reason->rule->value,
            source: $reason->rule->source(),
            sentence: $reason->sentence,
            inputs: array_map(static fn(Input $input): InputView => new InputView(name: $input->name, value: $input->value), $reason->inputs),
            wouldChange: $reason->wouldChange,
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
