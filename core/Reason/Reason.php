<?php

declare(strict_types=1);

namespace EvenRungs\Reason;

/** Why a number, a warning or a proposal is what it is. */
final readonly class Reason
{
    /** @param list<Input> $inputs what the rule looked at */
    private function __construct(
        public Rule $rule,
        public string $sentence,
        public array $inputs,
        public ?string $wouldChange,
    ) {}

    /** @param array<string, string|int> $inputs what the rule looked at, by name */
    public static function because(Rule $rule, string $sentence, array $inputs = [], ?string $wouldChange = null): self
    {
        $list = [];
        foreach ($inputs as $name => $value) {
            $list[] = new Input($name, (string) $value);
        }

        return new self($rule, $sentence, $list, $wouldChange);
    }
}
