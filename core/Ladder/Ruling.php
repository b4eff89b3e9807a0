<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

use EvenRungs\Body\Need;
use EvenRungs\Body\Side;
use EvenRungs\Body\Sidedness;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/** Whether a rung is open to a person, on which sides, and if not, why. */
final readonly class Ruling
{
    /**
     * @param list<Reason> $reasons    why the rung, or a side of it, is ruled out
     * @param list<Side>   $ruledOut   sides ruled out; `both` when the whole rung is
     * @param bool         $putAway    the method does not use this rung, so the board need not show it
     */
    private function __construct(public Rung $rung, public array $reasons, private array $ruledOut, public bool $putAway) {}

    public static function of(Rung $rung, Circumstances $circumstances): self
    {
        $reasons = $ruledOut = [];
        foreach ($circumstances->limits as $limit) {
            $objection = $limit->objectsTo($rung->loads, $rung->position, $rung->kit);
            if ($objection === null) {
                continue;
            }
            // A sided limit spares the other side only where the load falls on the working side alone.
            $side = $rung->sidedness === Sidedness::OneSided && $rung->loadsOn === LoadsOn::WorkingSide ? $limit->side : Side::Both;
            $ruledOut[] = $side;
            $reasons[] = Reason::because(
                Rule::LimitRulesOut,
                "“{$rung->name}” is ruled out".($side === Side::Both ? '' : " on the {$side->value} side")." by {$limit->name}: it {$objection}.",
                ['limit' => $limit->name, ...($limit->origin === '' ? [] : ['where from' => $limit->origin]), 'rung' => $rung->name, 'why' => $objection],
                "The rung opens when “{$limit->name}” is lifted.",
            );
        }
        $missing = array_values(array_filter($rung->kit, static fn(Need $need): bool => ! $need->metBy($circumstances->kit)));
        if ($missing !== []) {
            $names = implode(' and ', array_map(static fn(Need $need): string => $need->label(), $missing));
            $ruledOut[] = Side::Both;
            $reasons[] = Reason::because(
                Rule::KitMissing,
                "“{$rung->name}” needs {$names}, which is not at hand.",
                ['kit needed' => $names],
                "The rung opens when {$names} is added to the kit.",
            );
        }
        $wanted = $rung->offeredWith;
        if ($wanted !== null && ! $wanted->include($circumstances->method)) {
            $chosen = $circumstances->method->answer($wanted->question)->label();
            $ruledOut[] = Side::Both;
            $reasons[] = Reason::because(
                Rule::MethodPutsAway,
                "“{$rung->name}” is put away by the method: {$wanted->question->label()}, “{$chosen}”.",
                ['question' => $wanted->question->label(), 'chosen' => $chosen],
                "The rung is offered when the method says {$wanted->inWords()}.",
            );
        }

        if ($rung->hidden) {
            $ruledOut[] = Side::Both;
            $reasons[] = Reason::because(Rule::PracticeHides, "“{$rung->name}” is hidden by the practice.", [], 'The rung is offered again when it is shown in the library.');
        }

        return new self($rung, $reasons, $ruledOut, $rung->hidden || ($wanted !== null && ! $wanted->include($circumstances->method)));
    }

    /** Open on the side asked for; for `both`, open on both. */
    public function openOn(Side $side): bool
    {
        foreach ($this->ruledOut as $closed) {
            if ($closed->meets($side)) {
                return false;
            }
        }

        return true;
    }

    public function openSomewhere(): bool
    {
        return $this->openOn(Side::Left) || $this->openOn(Side::Right);
    }
}
