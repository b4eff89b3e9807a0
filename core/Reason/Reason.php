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

    /** The same with one more sentence. */
    public function adding(string $sentence): self
    {
        return new self($this->rule, "{$this->sentence} {$sentence}", $this->inputs, $this->wouldChange);
    }

    /** The same with the sentences of others. */
    public function followedBy(self ...$others): self
    {
        return array_reduce($others, static fn(self $reason, self $other): self => $reason->adding($other->sentence), $this);
    }

    /** @return array{rule: string, sentence: string, inputs: array<string, string>, wouldChange: string|null} as it is kept */
    public function toArray(): array
    {
        $inputs = [];
        foreach ($this->inputs as $input) {
            $inputs[$input->name] = $input->value;
        }

        return ['rule' => $this->rule->value, 'sentence' => $this->sentence, 'inputs' => $inputs, 'wouldChange' => $this->wouldChange];
    }

    /** A reason as it was kept; null when it is none, or of a rule there is no more. */
    public static function read(mixed $data): ?self
    {
        if (! is_array($data) || ! is_string($data['rule'] ?? null) || ! is_string($data['sentence'] ?? null)) {
            return null;
        }
        $rule = Rule::tryFrom($data['rule']);
        if ($rule === null) {
            return null;
        }
        $inputs = [];
        foreach (is_array($data['inputs'] ?? null) ? $data['inputs'] : [] as $name => $value) {
            $inputs[(string) $name] = is_scalar($value) ? (string) $value : '';
        }

        return self::because($rule, $data['sentence'], $inputs, is_string($data['wouldChange'] ?? null) ? $data['wouldChange'] : null);
    }
}
