<?php

declare(strict_types=1);

namespace EvenRungs\Progress;

use EvenRungs\Dose\Range;
use EvenRungs\Ladder\Rung;
use EvenRungs\Method\Answer;
use EvenRungs\Method\Method;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/**
 * What a wrong place of feeling is answered with: one thing a session running, the first that was not tried yet (common
 * practice): the cue for that place, a lighter dose, more support, a rung down. The method may step down at once, or
 * rest and go on.
 */
final readonly class FeltAnswer
{
    private const STEPS = 4;

    private function __construct(private Felt $felt, private int $running, public bool $stepsDown, public bool $isLighter, private bool $rests, public bool $asksForSupport) {}

    /**
     * Null when the last session was not felt in a wrong place.
     *
     * @param list<RungSession> $sessions on the rung, by date; where nobody asked neither counts nor begins anew
     */
    public static function to(array $sessions, Method $method): ?self
    {
        $felt = null;
        $running = 0;
        foreach (array_reverse($sessions) as $index => $session) {
            $told = $session->felt();
            if ($told === null && $index > 0) {
                continue;
            }
            if ($told === null || ! $told->isWrong()) {
                break;
            }
            $felt ??= $told;
            $running++;
        }
        if ($felt === null) {
            return null;
        }
        $rests = $method->says(Answer::RestAndGoOn);
        $step = $method->says(Answer::StepDownAtOnce) ? self::STEPS : $running;

        return new self($felt, $running, ! $rests && $step >= self::STEPS, ! $rests && $step === 2, $rests, ! $rests && $step === 3);
    }

    /**
     * @param Range|null  $smaller the range that is taken where the answer is one
     * @param string|null $easier  what is said of the easier version of the rung, where that goes by the person's limits
     */
    public function reason(Rung $rung, ?Range $smaller = null, ?string $easier = null): Reason
    {
        $where = "Felt {$this->felt->inWords()}";
        $cue = rtrim($rung->coaching()->cueFor($this->felt->value) ?? $this->felt->cue(), '.');
        $means = $rung->coaching()->meaningOf($this->felt->value);
        $support = lcfirst(rtrim($easier ?? $rung->coaching()->fallback, '.'));

        return Reason::because(
            $this->stepsDown ? Rule::StepDownFelt : Rule::Felt,
            match (true) {
                $this->rests => "{$where}: rest and go on; such a session is never clean.",
                $this->stepsDown && $this->running < self::STEPS => "{$where}: this method steps down at once.",
                $this->stepsDown => "{$where} at {$this->running} sessions running, after the cue, a lighter dose and more support: a rung down.",
                $this->running === 1 => "{$where}: say the cue for it first: “{$cue}”.",
                $this->isLighter => "{$where} again after the cue: lighter.",
                $smaller !== null => "{$where} after the cue and a lighter dose: a smaller range, {$smaller->inWords()}.",
                default => "{$where} after the cue and a lighter dose: more support, {$support}.",
            },
            ['felt' => $this->felt->inWords(), 'sessions running' => $this->running, 'cue' => $cue, ...($means === null ? [] : ['what it means here' => $means])],
            'Felt where the rung asks for it: then the count begins anew.',
        );
    }
}
