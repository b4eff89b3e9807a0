<?php

declare(strict_types=1);

namespace EvenRungs\Balance;

use EvenRungs\Ladder\WorkKind;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Session\Session;
use EvenRungs\Session\WorkingSets;

/** How working sets fall on the kinds of work, beside what an aim asks for. */
final readonly class KindMix
{
    /** @param array<string, int> $sets by kind */
    private function __construct(public array $sets) {}

    /** @param array<string, int> $sets working sets, by kind */
    public static function of(array $sets): self
    {
        return new self($sets);
    }

    public static function in(Session $session): self
    {
        return new self(WorkingSets::byKind($session));
    }

    /**
     * Half bracing practice, 35 in a hundred integrated lifts, 15 isolated work for strength sport (common practice); no
     * other aim has such a target.
     *
     * @return array<string, int>|null parts of a hundred, by kind
     */
    public static function target(Aim $aim): ?array
    {
        return $aim === Aim::Strength ? [WorkKind::Bracing->value => 50, WorkKind::Integrated->value => 35, WorkKind::Isolated->value => 15] : null;
    }

    /** Per cent of the sets, whole; 0 where nothing was worked. */
    public function percent(WorkKind $kind): int
    {
        $all = array_sum($this->sets);

        return $all === 0 ? 0 : intdiv(200 * ($this->sets[$kind->value] ?? 0) + $all, 2 * $all);
    }

    /**
     * 1 − ½ Σ|p − t|, in tenths of a per cent; null where nothing was worked.
     *
     * @param array<string, int> $target parts, by kind
     */
    public function agreementPerMille(array $target): ?int
    {
        [$sets, $parts] = [array_sum($this->sets), max(1, array_sum($target))];
        if ($sets === 0) {
            return null;
        }
        $apart = 0;
        foreach (WorkKind::cases() as $kind) {
            $apart += abs(($this->sets[$kind->value] ?? 0) * $parts - ($target[$kind->value] ?? 0) * $sets);
        }
        $whole = 2 * $sets * $parts;

        return intdiv(2 * 1000 * ($whole - $apart) + $whole, 2 * $whole);
    }

    /** @param array<string, int> $target parts of a hundred, by kind */
    public function reason(array $target): Reason
    {
        $inputs = [];
        foreach (WorkKind::cases() as $kind) {
            $sets = $this->sets[$kind->value] ?? 0;
            $inputs[$kind->inWords()] = ($sets === 1 ? '1 set' : "{$sets} sets").", {$this->percent($kind)} % of "."{$target[$kind->value]} %";
        }
        $agreement = $this->agreementPerMille($target);

        return Reason::because(
            Rule::KindMix,
            $agreement === null ? 'No working set yet.' : 'The kinds of work are '.intdiv($agreement + 5, 10).' % in line with the aim.',
            $inputs,
            'Sets of the kind that has too few, in place of the one that has too many.',
        );
    }
}
