<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Balance\Position;
use EvenRungs\Body\Side;
use EvenRungs\Ladder\Rung;
use EvenRungs\Ladder\Sketch;
use EvenRungs\Progress\Decision;
use EvenRungs\Progress\Pain;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/** Another ladder of the same demand where a rung is too much and nothing lower of its own ladder is open. */
final readonly class OtherWay
{
    /** So much lower, in tenths, a rung has to be on a ladder nobody tested: heights of two ladders are no closer than that (our own choice). */
    private const LOWER_TENTHS = 5;

    private function __construct(public Rung $rung, private bool $standsThere, private string $ladder) {}

    /**
     * Where they stand in the demand as it is, the highest that is not above the rung; else the nearest open rung that is
     * clearly lower. Null where there is neither, where a lower rung is proposed, and where it hurt: what else loads the
     * place that hurts is for the trainer to see.
     */
    public static function than(PendingDecision $pending, PersonRecord $record): ?self
    {
        if ($pending->proposal->choice !== Decision::StepDown || $pending->proposal->to !== null || Pain::acts($pending->session->pain() ?? 0)) {
            return null;
        }
        $rung = self::whereTheyStand($pending->rung, $pending->side, $record);
        $standsThere = $rung !== null;
        $rung ??= self::nearest($pending->rung, $pending->side, $record);

        return $rung === null ? null : new self($rung, $standsThere, $record->library->ladder($rung->ladder)->name);
    }

    public function reason(): Reason
    {
        $rung = "“{$this->rung->name}” ({$this->rung->height->label()})";

        return Reason::because(
            Rule::NoLowerRung,
            $this->standsThere
                ? "{$rung}, where they stand, trains the same demand: this ladder can wait."
                : "{$rung} of another ladder trains the same demand, lower and open: this ladder can wait.",
            ['ladder' => $this->ladder, 'height' => $this->rung->height->label()],
            'A lower rung of this ladder that is open: more kit, or a limit lifted.',
        );
    }

    private static function whereTheyStand(Rung $tooMuch, Side $side, PersonRecord $record): ?Rung
    {
        $here = array_filter($record->positions(), static fn(Position $one): bool => $one->rung->demand === $tooMuch->demand
            && $one->rung->ladder !== $tooMuch->ladder
            && $one->rung->height->above($tooMuch->height) <= 0
            && $one->side->meets($side)
            && ! self::isHeld($one->rung->ladder, $record)
            && $record->circumstances()->rule($one->rung)->openOn($side));
        usort($here, static fn(Position $a, Position $b): int => [$b->rung->height->above($a->rung->height), $a->rung->slug] <=> [0, $b->rung->slug]);

        return $here === [] ? null : $here[0]->rung;
    }

    private static function nearest(Rung $tooMuch, Side $side, PersonRecord $record): ?Rung
    {
        $lower = array_filter($record->library->sketches($tooMuch->demand), static fn(Sketch $one): bool => $one->ladder !== $tooMuch->ladder
            && $one->height->above($tooMuch->height) <= -self::LOWER_TENTHS
            && $record->on($one->ladder) === []
            && ! self::isHeld($one->ladder, $record));
        usort($lower, static fn(Sketch $a, Sketch $b): int => [$b->height->above($a->height), $a->kit, $a->slug] <=> [0, $b->kit, $b->slug]);
        foreach ($lower as $one) {
            $rung = $record->library->rung($one->slug);
            if ($record->circumstances()->rule($rung)->openOn($side)) {
                return $rung;
            }
        }

        return null;
    }

    private static function isHeld(string $ladder, PersonRecord $record): bool
    {
        return $record->isStopped($ladder) || $record->withheld()->waitsOn($ladder) !== null;
    }
}
