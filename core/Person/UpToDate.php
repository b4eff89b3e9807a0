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
use EvenRungs\Progress\RungSession;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Refusal;
use EvenRungs\Reason\Rule;
use EvenRungs\Session\CapCheck;
use EvenRungs\Session\Edit;
use EvenRungs\Session\Item;
use EvenRungs\Session\Part;
use EvenRungs\Session\Repair;
use EvenRungs\Session\Warning;
use EvenRungs\Session\WrittenBlock;
use EvenRungs\Session\WrittenItem;

/**
 * A session that was written before on the rungs and doses of today: a rung that was not climbed to yet, or was left since,
 * gives way to the working rung, and a dose that has moved on to the next one. What was stopped after pain stays as it is, and
 * so does what is easier on purpose; a station of a circuit and a primer only come down.
 */
final readonly class UpToDate
{
    /**
     * @param list<WrittenBlock>    $blocks  with everything that moved on
     * @param array<string, Reason> $changes what moved on and why, by exercise
     * @param list<Reason>          $leftOut what is not there any more, and why
     */
    private function __construct(public array $blocks, public array $changes, public array $leftOut = []) {}

    /**
     * @param list<WrittenBlock> $blocks
     * @param bool               $isEasier  in an easier week nothing rises, and no rung is new
     * @param list<string>       $fixed     ladders that the trainer has fixed
     * @param bool               $isPlanned nobody has looked at the doses yet: also one that is less than it would be moves on
     */
    public static function of(array $blocks, PersonRecord $record, bool $isEasier = false, array $fixed = [], bool $isPlanned = false): self
    {
        return self::through($blocks, static fn(WrittenItem $item, bool $onlyDown): ?array => $onlyDown ? self::comesDown($item, $record, $fixed) : self::change($item, $record, $isEasier, $fixed, $isPlanned && ! $isEasier));
    }

    /**
     * As somebody trains it alone: what the trainer wrote stands, except that nobody is asked again for what was too much, or
     * for a rung they came down from: where nothing lower is open, it is left out.
     *
     * @param list<WrittenBlock> $blocks
     * @param list<string>       $fixed ladders that the trainer has fixed: the rung stays
     */
    public static function alone(array $blocks, PersonRecord $record, array $fixed = []): self
    {
        $stays = static fn(Rung $rung): bool => in_array($rung->ladder, $fixed, true) || ! self::cameDown($rung, $record);
        [$blocks, $leftOut] = self::withoutWhatHasNothingLower($blocks, $record, $stays);

        return self::through($blocks, static function (WrittenItem $item, bool $onlyDown) use ($record, $stays): ?array {
            $written = self::written($item, $record, []);
            if ($written === null) {
                return null;
            }
            [$rung, $dose] = $written;
            $down = match (true) {
                $stays($rung) => null,
                $onlyDown => self::comesDown($item, $record, []),
                default => self::change($item, $record, true, [], false),
            };

            $now = $down !== null && $down[0]->rung !== $rung->slug ? $down : LighterDose::of($item, $rung, $dose, $record, keepsRounds: $onlyDown);

            return self::underLimits($now, $item, $record);
        }, $leftOut);
    }

    /**
     * What a limit allows of it, whatever was written before the limit: nobody stands beside a hold to say when it is enough.
     *
     * @param array{WrittenItem, Reason}|null $now what becomes of it, and why
     *
     * @return array{WrittenItem, Reason}|null
     */
    private static function underLimits(?array $now, WrittenItem $written, PersonRecord $record): ?array
    {
        [$rung, $dose] = self::written($now[0] ?? $written, $record, []) ?? [null, null];
        if ($rung === null || $dose === null) {
            return $now;
        }
        [$less, $why] = CapCheck::underLimits(new Item($written->id, $rung, $dose), $record->circumstances()->limits, $dose->first() instanceof Timed ? $dose->first()->target() : null);

        $reasons = $now === null ? $why : [$now[1], ...$why];
        $first = array_shift($reasons);

        return $why === [] || $first === null ? $now : [new WrittenItem($written->id, $rung->slug, DoseLine::print($less)), $first->followedBy(...$reasons)];
    }

    /**
     * @param list<WrittenBlock>   $blocks
     * @param \Closure(Rung): bool $stays  whether a rung stays: it is fixed, or they never came down from it
     *
     * @return array{list<WrittenBlock>, list<Reason>} and what is left out
     */
    private static function withoutWhatHasNothingLower(array $blocks, PersonRecord $record, \Closure $stays): array
    {
        $left = $reasons = [];
        foreach ($blocks as $block) {
            $items = [];
            foreach ($block->items as $item) {
                [$rung, $dose] = self::written($item, $record, []) ?? [null, null];
                if ($rung === null || $dose === null || $stays($rung) || self::standsThere($rung, $dose, $record) || StoodThen::rung($rung->ladder, $record) !== null) {
                    $items[] = $item;
                    continue;
                }
                $reasons[] = Reason::because(Rule::UpToDate, "“{$rung->name}” is left out: they came down from it, and nothing lower of its ladder is open.", ['exercise' => $rung->name, 'working rung' => $record->workingRung($rung->ladder)->name ?? ''], 'A limit lifted, other kit, or another rung decided on.');
            }
            if ($items !== []) {
                $left[] = count($items) === count($block->items) ? $block : new WrittenBlock($block->isCircuit && count($items) > 1, $items, array_slice($block->gapSeconds, 0, count($items) - 1), $block->roundRestSeconds, $block->part);
            }
        }

        return [$left, $reasons];
    }

    /**
     * @param list<WrittenBlock>                                             $blocks
     * @param \Closure(WrittenItem, bool): (array{WrittenItem, Reason}|null) $change what becomes of an exercise, and whether it only comes down in any case; null for nothing
     * @param list<Reason>                                                   $leftOut
     */
    private static function through(array $blocks, \Closure $change, array $leftOut = []): self
    {
        $changes = $moved = [];
        foreach ($blocks as $block) {
            $items = [];
            foreach ($block->items as $written) {
                $now = $change($written, $block->isCircuit || $block->part === Part::Primer);
                $items[] = $now[0] ?? $written;
                $changes = $now === null ? $changes : [...$changes, $written->id => $now[1]];
            }
            $moved[] = new WrittenBlock($block->isCircuit, $items, $block->gapSeconds, $block->roundRestSeconds, $block->part);
        }

        return new self($moved, $changes, $leftOut);
    }

    /** @param list<WrittenBlock> $blocks */
    public static function asWritten(array $blocks): self
    {
        return new self($blocks, []);
    }

    /** All of it in one step; null where nothing has moved on. */
    public function warning(PersonRecord $record): ?Warning
    {
        $edits = $inputs = [];
        foreach ($record->read($this->blocks)->session?->items() ?? [] as $item) {
            if (isset($this->changes[$item->id])) {
                $edits[] = Edit::swap($item->id, $item->rung, $item->dose);
                $inputs[$item->rung->name] = DoseLine::print($item->dose).': '.$this->changes[$item->id]->sentence;
            }
        }
        $count = count($edits);

        return $count === 0 ? null : new Warning(
            Reason::because(Rule::UpToDate, $count === 1 ? 'One exercise has moved on since this was written.' : "{$count} exercises have moved on since this was written.", $inputs, 'Another dose typed, or another decision.'),
            Repair::by($count === 1 ? 'Bring it up to date' : "Bring all {$count} up to date", ...$edits),
        );
    }

    /** Where it would be longer than the minutes, what moved on gives sets away, then whatever has the most; one set always stays. */
    public function within(int $seconds, PersonRecord $record): self
    {
        $here = $this;
        while (($record->read($here->blocks)->session?->timeline()->totals()->total() ?? 0) > $seconds && ($less = $here->withOneSetLess($record)) !== null) {
            $here = $less;
        }

        return $here;
    }

    /** Of the exercise that moved on and has the most sets, else of any; null where each has one. */
    private function withOneSetLess(PersonRecord $record): ?self
    {
        $items = array_filter($record->read($this->blocks)->session?->items() ?? [], static fn(Item $item): bool => ! $item->dose->isFalling() && $item->dose->sets() > 1);
        $moved = array_filter($items, fn(Item $item): bool => isset($this->changes[$item->id]));
        $here = $moved === [] ? $items : $moved;
        if ($here === []) {
            return null;
        }
        usort($here, static fn(Item $a, Item $b): int => $b->dose->sets() <=> $a->dose->sets());
        $most = $here[0];
        $less = new WrittenItem($most->id, $most->rung->slug, DoseLine::print($record->doses()->inFewer($most, $most->dose->sets() - 1)));
        $blocks = array_map(static fn(WrittenBlock $block): WrittenBlock => new WrittenBlock($block->isCircuit, array_map(static fn(WrittenItem $item): WrittenItem => $item->id === $less->id ? $less : $item, $block->items), $block->gapSeconds, $block->roundRestSeconds, $block->part), $this->blocks);

        return new self($blocks, $this->changes, $this->leftOut);
    }

    /**
     * @param list<string> $fixed
     *
     * @return array{WrittenItem, Reason}|null
     */
    private static function change(WrittenItem $item, PersonRecord $record, bool $isEasier, array $fixed, bool $isPlanned): ?array
    {
        $written = self::written($item, $record, $fixed);
        if ($written === null) {
            return null;
        }
        [$written, $dose] = $written;
        $rung = self::rung($item, $written, $dose, $record, $isEasier);
        if ($dose->first() instanceof Timed || $dose->first() instanceof Open) {
            return match (true) {
                $rung->height->above($written->height) < 0 => self::sameSeconds($dose, $rung, $written, $item, $record),
                $dose->first() instanceof Timed => self::byTheClock($item, $written, $dose, $record, $isEasier),
                default => null,
            };
        }
        $coming = $record->doses()->due($rung) ?? ($rung === $written ? null : NextDose::first($record->doses()->first($rung)));
        if ($coming === null) {
            return null;
        }
        $now = self::inItsPlace(self::asked($coming, $rung, $dose, $record, $isEasier), $dose, $rung === $written);
        if ($rung === $written && ! $isPlanned && ! self::hasMovedOn($coming, $rung, $now, $dose, $record, $isEasier)) {
            return self::inNoMoreSets($item, $dose, $coming);
        }
        if ($rung === $written && DoseLine::print($now) === $item->dose) {
            return null;
        }

        return [new WrittenItem($item->id, $rung->slug, DoseLine::print($now)), $rung === $written ? $coming->reason : self::movedTo($rung, $written, $item->dose, $now, $record)];
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
     * Of a circuit and of a primer only what is above the working rung gives way to it, and a dose to a lighter one: what rises there is for the trainer to write.
     *
     * @param list<string> $fixed
     *
     * @return array{WrittenItem, Reason}|null
     */
    private static function comesDown(WrittenItem $item, PersonRecord $record, array $fixed): ?array
    {
        $written = self::written($item, $record, $fixed);
        if ($written === null) {
            return null;
        }
        [$written, $dose] = $written;
        $rung = self::rung($item, $written, $dose, $record, true);
        if ($rung === $written) {
            return LighterDose::of($item, $rung, $dose, $record, keepsRounds: true);
        }
        $now = $record->doses()->carriedOver(new Item($item->id, $written, $dose), $rung);

        return [new WrittenItem($item->id, $rung->slug, DoseLine::print($now)), self::movedTo($rung, $written, $item->dose, $now, $record)];
    }

    /**
     * Its rung and dose; null where it is not to be read, fixed, or stopped after pain.
     *
     * @param list<string> $fixed
     *
     * @return array{Rung, Dose}|null
     */
    private static function written(WrittenItem $item, PersonRecord $record, array $fixed): ?array
    {
        $rung = $record->library->has($item->rung) ? $record->library->rung($item->rung) : null;
        if ($rung === null || in_array($rung->ladder, $fixed, true) || $record->isStopped($rung->ladder)) {
            return null;
        }
        try {
            return [$rung, DoseLine::parse($item->dose, $rung->sidedness)];
        } catch (Refusal) {
            return null;
        }
    }

    /**
     * The seconds that are due by the clock, in as many sets as were written.
     *
     * @return array{WrittenItem, Reason}|null
     */
    private static function byTheClock(WrittenItem $item, Rung $rung, Dose $dose, PersonRecord $record, bool $isEasier): ?array
    {
        $due = $record->doses()->like($dose, $rung);
        if ($isEasier || $due?->rises !== true || $due->dose->first()->target() <= $dose->first()->target()) {
            return LighterDose::of($item, $rung, $dose, $record, keepsRounds: true);
        }

        return [new WrittenItem($item->id, $item->rung, DoseLine::print($dose->withBody($due->dose->first()))), $due->reason];
    }

    /**
     * By the clock, and as many as are clean, the dose is the same on another rung.
     *
     * @return array{WrittenItem, Reason}|null
     */
    private static function sameSeconds(Dose $dose, Rung $rung, Rung $written, WrittenItem $item, PersonRecord $record): ?array
    {
        if ($dose->first() instanceof Open && $rung->sidedness !== $written->sidedness) {
            return null;
        }
        $now = ($dose->first() instanceof Timed ? $dose->onlyOn(Side::Both) : $dose)->withRange(null);

        return [new WrittenItem($item->id, $rung->slug, DoseLine::print($now)), self::movedTo($rung, $written, $item->dose, $now, $record)];
    }

    private static function movedTo(Rung $rung, Rung $written, string $line, Dose $now, PersonRecord $record): Reason
    {
        $working = $record->workingRung($rung->ladder);

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
    private static function asked(NextDose $coming, Rung $rung, Dose $written, PersonRecord $record, bool $isEasier): Dose
    {
        $mark = LeavingMark::of($rung, $record->method, $coming->dose);
        $sets = $isEasier ? $written->sets() : max($written->sets(), $mark->setsFor($rung, $coming->dose) ?? 0);
        $sets = $coming->isMost ? min($sets, $coming->dose->sets()) : $sets;
        $last = $record->doses()->last($rung);
        // The sets done last may be those of an easier day: only with no more in each is a set the step itself.
        $isSetMore = $coming->rises && $last !== null && $coming->dose->sets() > $last->sets() && $coming->dose->first()->target() <= $last->first()->target();
        $dose = $coming->rises && $last !== null && ($isEasier || ($isSetMore && $written->sets() >= $mark->sets)) ? $last : $coming->dose;

        return $dose->isFalling() || ($isSetMore && $dose === $coming->dose) ? $dose : $dose->withSets($sets);
    }

    /** On the side that works; the rest between sets stays on the same rung. */
    private static function inItsPlace(Dose $dose, Dose $written, bool $isSameRung): Dose
    {
        $dose = $dose->perSide && $written->only !== null ? $dose->onlyOn($written->only) : $dose;

        return $isSameRung ? $dose->withRest($written->restSeconds) : $dose;
    }

    /** A dose that the rules would have by now: a step on, a step back, another range, or less than what was written ahead. */
    private static function hasMovedOn(NextDose $coming, Rung $rung, Dose $now, Dose $written, PersonRecord $record, bool $isEasier): bool
    {
        $isElsewhere = $written->range !== null && ! $written->range->is($now->range) && (! $isEasier || ! $now->asksForMoreThan($written));

        return ($coming->rises && ! $isEasier) || $coming->isLighter || $isElsewhere || DoseStep::total($rung, $now, $record->method) < DoseStep::total($rung, $written, $record->method);
    }

    /** The working rung, or what stands in where that is ruled out, where what was written is above it; the working rung where it was left upward since, or mastered in its stead; else what was written. */
    private static function rung(WrittenItem $item, Rung $written, Dose $dose, PersonRecord $record, bool $isEasier): Rung
    {
        $working = $record->workingRung($written->ladder);
        if ($working === null || $working->slug === $written->slug || self::standsThere($written, $dose, $record)) {
            // How far each repetition goes is a part of the dose.
            return $written;
        }
        $isAbove = $written->height->above($working->height) > 0;
        $isVariation = $written->height->above($working->height) <= WeekShape::VARIATION_TENTHS && StoodThen::isNow($item, $record);
        if ($isAbove && ! $isVariation) {
            return StoodThen::rung($written->ladder, $record) ?? $written;
        }
        $isRuledOut = ! $record->circumstances()->rule($working)->openOn(Side::Both);
        if ($isEasier || $isRuledOut) {
            return $written;
        }
        if (StoodThen::isNow($item, $record)) {
            return $written;
        }
        if (in_array($written->slug, $record->gonePast(), true)) {
            return $working;
        }

        // Another way of working stands in for the working rung on purpose, as held work in the first weeks of a program.
        return Phase::all($written, $dose) === Phase::all($working, $record->doses()->first($working)->dose) ? $working : $written;
    }

    /** Whether one side, where the sides stand apart, works on its own rung. */
    private static function standsThere(Rung $written, Dose $dose, PersonRecord $record): bool
    {
        return $dose->only !== null && array_filter($record->on($written->ladder), static fn(Position $here): bool => $here->rung->slug === $written->slug && $here->side->meets($dose->only)) !== [];
    }

    /** Whether the person stood as high before, or trained it before they were placed where they stand, and works lower now. */
    private static function cameDown(Rung $rung, PersonRecord $record): bool
    {
        $working = $record->workingRung($rung->ladder);
        $stoodSoHigh = static fn(Placing $placing): bool => $placing->ladder === $rung->ladder && $record->library->has($placing->rung) && $record->library->rung($placing->rung)->height->above($rung->height) >= 0;

        $placed = max([0, ...array_map(static fn(Position $here): int => $here->sequence, $record->on($rung->ladder))]);
        $wasTrained = static fn(RungSession $session): bool => $session->rung->slug === $rung->slug && $session->sequence < $placed;

        return $working !== null && $rung->height->above($working->height) > 0
            && (array_filter($record->history->placings, $stoodSoHigh) !== [] || array_filter($record->rungSessions(Side::Both), $wasTrained) !== []);
    }
}
