<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

use EvenRungs\Body\Kit;
use EvenRungs\Body\Need;
use EvenRungs\Body\Side;
use EvenRungs\Body\Sidedness;
use EvenRungs\Method\Answer;
use EvenRungs\Method\Question;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Reason\Words;

/** Whether a rung is open to a person, on which sides, and if not, why. */
final readonly class Ruling
{
    /** @var list<Reason> why the rung, or a side of it, is ruled out */
    public array $reasons;

    /**
     * @param list<Objection> $objections that stand
     * @param list<Reason>    $allowed    what the trainer allowed in spite of a limit or missing kit
     * @param Rung|null       $advisedBefore the activation rung that is advised before it and not done yet
     * @param bool            $putAway    the method does not use this rung, so the board need not show it
     */
    private function __construct(public Rung $rung, public array $objections, public array $allowed, public bool $putAway, public ?Rung $advisedBefore = null)
    {
        $this->reasons = array_map(static fn(Objection $objection): Reason => $objection->reason, $objections);
    }

    public static function of(Rung $rung, Circumstances $circumstances): self
    {
        $standing = $allowed = [];
        foreach ([...self::ofLimits($rung, $circumstances), ...self::ofKit($rung, $circumstances)] as $objection) {
            $allowance = $circumstances->allowance($rung, $objection);
            if ($allowance === null) {
                $standing[] = $objection;
            } else {
                $allowed[] = Reason::because(
                    Rule::Allowed,
                    "{$objection->reason->sentence} The trainer allowed it on {$allowance->on->inWords()}: “{$allowance->reason}”.",
                    [...$objection->reason->inputs === [] ? [] : ['rung' => $rung->name], 'allowed on' => $allowance->on->inWords(), 'reason' => $allowance->reason],
                    'The allowance is taken back on the board; a limit noted later closes the rung again.',
                );
            }
        }
        $wanted = $rung->offeredWith;
        $putAway = $wanted !== null && ! $wanted->include($circumstances->method);
        if ($wanted !== null && $putAway) {
            $chosen = $circumstances->method->answer($wanted->question)->label();
            $whose = $circumstances->method->levelOf($wanted->question)?->whose() ?? 'the default';
            $standing[] = new Objection(Reason::because(
                Rule::MethodPutsAway,
                "“{$rung->name}” is put away by the method: {$wanted->question->label()}, “{$chosen}”.",
                ['question' => $wanted->question->label(), 'chosen' => $chosen, 'whose answer' => $whose],
                "The rung is offered when the method says {$wanted->inWords()}.",
            ), Side::Both);
        }
        if ($rung->hidden) {
            $standing[] = new Objection(Reason::because(Rule::PracticeHides, "“{$rung->name}” is hidden by the practice.", [], 'The rung is offered again when it is shown in the library.'), Side::Both);
        }

        $before = $circumstances->missingBefore($rung);
        $closes = $circumstances->method->says(Answer::ClosedUntilActivated);
        if ($before !== null && $closes) {
            $standing[] = new Objection(Reason::because(
                Rule::ActivationBefore,
                "“{$rung->name}” opens once “{$before->name}” is done: activation comes first.",
                ['comes before' => $before->name, 'activation before' => $circumstances->method->said(Question::ActivationBefore)],
                "Standing above “{$before->name}” on the activation ladder, or the method saying “advised”.",
            ), Side::Both);
        }

        return new self($rung, $standing, $allowed, $rung->hidden || $putAway, $closes ? null : $before);
    }

    /** Open on the side asked for; for `both`, open on both. */
    public function openOn(Side $side): bool
    {
        return ! $this->isClosedOn($side, $this->objections);
    }

    public function openSomewhere(): bool
    {
        return $this->openOn(Side::Left) || $this->openOn(Side::Right);
    }

    /** The one side that is open while a limit rests the other; null where both are open, or none. */
    public function onlySide(): ?Side
    {
        return match ([$this->openOn(Side::Left), $this->openOn(Side::Right)]) {
            [true, false] => Side::Left,
            [false, true] => Side::Right,
            default => null,
        };
    }

    /** Whether a limit or missing kit keeps it from being trained on a side; for `both`, on any of them. */
    public function isKeptFrom(Side $side): bool
    {
        return $this->isClosedOn($side, array_filter($this->objections, static fn(Objection $objection): bool => $objection->isLimitOrKit()));
    }

    /** Whether the trainer may allow it for this person, with a reason. */
    public function mayBeAllowed(): bool
    {
        return $this->objections !== [] && array_filter($this->objections, static fn(Objection $objection): bool => ! $objection->mayBeAllowed()) === [];
    }

    /** @param array<Objection> $objections */
    private function isClosedOn(Side $side, array $objections): bool
    {
        return array_filter($objections, static fn(Objection $objection): bool => $objection->side->meets($side)) !== [];
    }

    /** @return list<Objection> */
    private static function ofLimits(Rung $rung, Circumstances $circumstances): array
    {
        $objections = [];
        foreach ($circumstances->limits as $limit) {
            $why = $limit->objectsTo($rung->loads, $rung->position, $rung->kit);
            if ($why === null) {
                continue;
            }
            // A sided limit spares the other side only where the load falls on the working side alone.
            $side = $rung->sidedness === Sidedness::OneSided && $rung->loadsOn === LoadsOn::WorkingSide ? $limit->side : Side::Both;
            $objections[] = new Objection(Reason::because(
                Rule::LimitRulesOut,
                "“{$rung->name}” is ruled out".($side === Side::Both ? '' : " on the {$side->value} side")." by {$limit->name}: it {$why}.",
                ['limit' => $limit->name, ...($limit->origin === '' ? [] : ['where from' => $limit->origin]), 'rung' => $rung->name, 'why' => $why],
                "The rung opens when “{$limit->name}” is lifted.",
            ), $side, 'limit:'.($limit->noted === '' ? $limit->name : $limit->noted), $limit->asksClinician);
        }

        return $objections;
    }

    /** @return list<Objection> one for all that is missing, or none */
    private static function ofKit(Rung $rung, Circumstances $circumstances): array
    {
        $missing = array_values(array_filter($rung->kit, static fn(Need $need): bool => ! $need->metBy($circumstances->kit)));
        if ($missing === []) {
            return [];
        }
        $names = Words::all(array_map(static fn(Need $need): string => $need->label(), $missing));
        $key = implode('+', array_map(static fn(Need $need): string => implode('|', array_map(static fn(Kit $kit): string => $kit->value, $need->anyOf)), $missing));

        return [new Objection(Reason::because(
            Rule::KitMissing,
            "“{$rung->name}” needs {$names}: none at hand.",
            ['kit needed' => $names],
            "The rung opens with {$names} in the kit.",
        ), Side::Both, "kit:{$key}")];
    }
}
