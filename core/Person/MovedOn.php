<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Balance\Position;
use EvenRungs\Body\Side;
use EvenRungs\Dose\Dose;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\Open;
use EvenRungs\Dose\Timed;
use EvenRungs\Ladder\Rung;
use EvenRungs\Program\Phase;
use EvenRungs\Progress\DoseStep;
use EvenRungs\Progress\LeavingMark;
use EvenRungs\Progress\NextDose;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Refusal;
use EvenRungs\Reason\Rule;
use EvenRungs\Session\Item;
use EvenRungs\Session\WrittenItem;

/** What becomes of one exercise that was written before, on the rungs and doses of today; what was stopped after pain, and what the trainer has fixed, stays as it is. */
final readonly class MovedOn
{
    /**
     * @param list<string> $fixed     ladders that the trainer has fixed
     * @param bool         $isEasier  in an easier week nothing rises, and no rung is new
     * @param bool         $isPlanned nobody has looked at the doses yet: also one that is less than it would be moves on
     */
    public function __construct(private PersonRecord $record, private array $fixed, private bool $isEasier, private bool $isPlanned = false) {}

    /**
     * @param bool $onlyDown as of a circuit and of a primer: only what is above the working rung gives way to it, and a dose to a lighter
     *                       one; what rises there is for the trainer to write
     *
     * @return array{WrittenItem, Reason}|null null where nothing does
     */
    public function of(WrittenItem $item, bool $onlyDown): ?array
    {
        [$written, $dose] = $this->read($item) ?? [null, null];

        return match (true) {
            $written === null || $dose === null => null,
            $onlyDown => $this->comesDown($item, $written, $dose),
            default => $this->change($item, $written, $dose),
        };
    }

    /**
     * Its rung and dose; null where it is not to be read, fixed, or stopped after pain.
     *
     * @return array{Rung, Dose}|null
     */
    public function read(WrittenItem $item): ?array
    {
        $rung = $this->record->library->has($item->rung) ? $this->record->library->rung($item->rung) : null;
        if ($rung === null || in_array($rung->ladder, $this->fixed, true) || $this->record->isStopped($rung->ladder)) {
            return null;
        }
        try {
            return [$rung, DoseLine::parse($item->dose, $rung->sidedness)];
        } catch (Refusal) {
            return null;
        }
    }

    /** Whether one side, where the sides stand apart, works on its own rung. */
    public function standsThere(Rung $written, Dose $dose): bool
    {
        return $dose->only !== null && array_filter($this->record->on($written->ladder), static fn(Position $here): bool => $here->rung->slug === $written->slug && $here->side->meets($dose->only)) !== [];
    }

    /** @return array{WrittenItem, Reason}|null */
    private function change(WrittenItem $item, Rung $written, Dose $dose): ?array
    {
        $rung = $this->rung($item, $written, $dose, $this->isEasier);
        if ($dose->first() instanceof Timed || $dose->first() instanceof Open) {
            return match (true) {
                $rung->height->above($written->height) < 0 => $this->sameSeconds($item, $dose, $rung, $written),
                $dose->first() instanceof Timed => $this->byTheClock($item, $written, $dose),
                default => null,
            };
        }
        $coming = $this->record->doses()->due($rung) ?? ($rung === $written ? null : NextDose::first($this->record->doses()->first($rung)));
        if ($coming === null) {
            return null;
        }
        $now = self::inItsPlace($this->asked($coming, $rung, $dose), $dose, $rung === $written);
        $isUnasked = $this->isPlanned && ! $this->isEasier;
        if ($rung === $written && ! $isUnasked && ! $this->isDue($coming, $rung, $now, $dose)) {
            return self::inNoMoreSets($item, $dose, $coming);
        }
        if ($rung === $written && DoseLine::print($now) === $item->dose) {
            return null;
        }

        return [new WrittenItem($item->id, $rung->slug, DoseLine::print($now)), $rung === $written ? $coming->reason : $this->movedTo($rung, $written, $item->dose, $now)];
    }

    /** @return array{WrittenItem, Reason}|null */
    private function comesDown(WrittenItem $item, Rung $written, Dose $dose): ?array
    {
        $rung = $this->rung($item, $written, $dose, isEasier: true);
        if ($rung === $written) {
            return LighterDose::of($item, $rung, $dose, $this->record, keepsRounds: true);
        }
        $now = $this->record->doses()->carriedOver(new Item($item->id, $written, $dose), $rung);

        return [new WrittenItem($item->id, $rung->slug, DoseLine::print($now)), $this->movedTo($rung, $written, $item->dose, $now)];
    }

    /**
     * What was written stays, also where it is less in each set; of what was too much the last time it is no set more.
     *
     * @return array{WrittenItem, Reason}|null
     */
    private static function inNoMoreSets(WrittenItem $item, Dose $written, NextDose $coming): ?array
    {
        $sets = $coming->dose->sets();
        if (! $coming->isMost || $written->isFalling() || $written->unit() !== $coming->dose->unit() || $written->sets() <= $sets) {
            return null;
        }

        return [new WrittenItem($item->id, $item->rung, DoseLine::print($written->withSets($sets))), $coming->reason->adding('In no more sets than the last time.')];
    }

    /**
     * The seconds that are due by the clock, in as many sets as were written.
     *
     * @return array{WrittenItem, Reason}|null
     */
    private function byTheClock(WrittenItem $item, Rung $rung, Dose $dose): ?array
    {
        $due = $this->record->doses()->like($dose, $rung);
        if ($this->isEasier || $due?->rises !== true || $due->dose->first()->target() <= $dose->first()->target()) {
            return LighterDose::of($item, $rung, $dose, $this->record, keepsRounds: true);
        }

        return [new WrittenItem($item->id, $item->rung, DoseLine::print($dose->withBody($due->dose->first()))), $due->reason];
    }

    /**
     * By the clock, and as many as are clean, the dose is the same on another rung.
     *
     * @return array{WrittenItem, Reason}|null
     */
    private function sameSeconds(WrittenItem $item, Dose $dose, Rung $rung, Rung $written): ?array
    {
        if ($dose->first() instanceof Open && $rung->sidedness !== $written->sidedness) {
            return null;
        }
        $now = ($dose->first() instanceof Timed ? $dose->onlyOn(Side::Both) : $dose)->withRange(null);

        return [new WrittenItem($item->id, $rung->slug, DoseLine::print($now)), $this->movedTo($rung, $written, $item->dose, $now)];
    }

    private function movedTo(Rung $rung, Rung $written, string $line, Dose $now): Reason
    {
        $working = $this->record->workingRung($rung->ladder);

        return Reason::because(
            Rule::UpToDate,
            "“{$rung->name}” in place of “{$written->name}”: ".($working === null || $working->slug === $rung->slug ? 'the working rung by now.' : "it stands in for the working rung, “{$working->name}”, which is ruled out."),
            ['written' => "{$written->name}, {$line}", 'now' => "{$rung->name}, ".DoseLine::print($now)],
            'Placing the person on the rung that was written.',
        );
    }

    /**
     * The next dose in as many sets as were written; not in fewer than the mark asks for where it stands at the mark, since it
     * would not count there; in one more where that is its step; and in no more than the last time where that was too much.
     */
    private function asked(NextDose $coming, Rung $rung, Dose $written): Dose
    {
        $mark = LeavingMark::of($rung, $this->record->method, $coming->dose);
        $sets = $this->isEasier ? $written->sets() : max($written->sets(), $mark->setsFor($rung, $coming->dose) ?? 0);
        $sets = $coming->isMost ? min($sets, $coming->dose->sets()) : $sets;
        $last = $this->record->doses()->last($rung);
        // The sets done last may be those of an easier day: only with no more in each is a set the step itself.
        $isSetMore = $coming->rises && $last !== null && $coming->dose->sets() > $last->sets() && $coming->dose->first()->target() <= $last->first()->target();
        $dose = $coming->rises && $last !== null && ($this->isEasier || ($isSetMore && $written->sets() >= $mark->sets)) ? $last : $coming->dose;

        return $dose->isFalling() || ($isSetMore && $dose === $coming->dose) ? $dose : $dose->withSets($sets);
    }

    /** On the side that works; the rest between sets stays on the same rung. */
    private static function inItsPlace(Dose $dose, Dose $written, bool $isSameRung): Dose
    {
        $dose = $dose->perSide && $written->only !== null ? $dose->onlyOn($written->only) : $dose;

        return $isSameRung ? $dose->withRest($written->restSeconds) : $dose;
    }

    /** A dose that the rules would have by now: a step on, a step back, another range, or less than what was written ahead. */
    private function isDue(NextDose $coming, Rung $rung, Dose $now, Dose $written): bool
    {
        $isElsewhere = $written->range !== null && ! $written->range->is($now->range) && (! $this->isEasier || ! $now->asksForMoreThan($written));

        return ($coming->rises && ! $this->isEasier) || ($coming->isLighter && ! $now->asksForMoreThan($written)) || $isElsewhere || DoseStep::total($rung, $now, $this->record->method) < DoseStep::total($rung, $written, $this->record->method);
    }

    /** The working rung, or what stands in where that is ruled out, where what was written is above it; the working rung where it was left upward since, or mastered in its stead; else what was written. */
    private function rung(WrittenItem $item, Rung $written, Dose $dose, bool $isEasier): Rung
    {
        $working = $this->record->workingRung($written->ladder);
        if ($working === null || $working->slug === $written->slug || $this->standsThere($written, $dose)) {
            // How far each repetition goes is a part of the dose.
            return $written;
        }
        $isAbove = $written->height->above($working->height) > 0;
        $isVariation = $written->height->above($working->height) <= WeekShape::VARIATION_TENTHS && StoodThen::isNow($item, $this->record);
        if ($isAbove && ! $isVariation) {
            return StoodThen::rung($written->ladder, $this->record) ?? $written;
        }
        $isRuledOut = ! $this->record->circumstances()->rule($working)->openOn(Side::Both);
        if ($isEasier || $isRuledOut || StoodThen::isNow($item, $this->record)) {
            return $written;
        }
        if (in_array($written->slug, $this->record->gonePast(), true)) {
            return $working;
        }

        // Another way of working stands in for the working rung on purpose, as held work in the first weeks of a program.
        return Phase::all($written, $dose) === Phase::all($working, $this->record->doses()->first($working)->dose) ? $working : $written;
    }
}
