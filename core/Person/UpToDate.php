<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Dose\DoseLine;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
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
        return self::through($blocks, (new MovedOn($record, $fixed, $isEasier, $isPlanned))->of(...));
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
        $alone = new AtHome($record, $fixed);
        [$blocks, $leftOut] = $alone->withoutWhatHasNothingLower($blocks);

        return self::through($blocks, $alone->of(...), $leftOut);
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
            $moved[] = $block->withItems($items);
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
        $blocks = array_map(static fn(WrittenBlock $block): WrittenBlock => $block->withItems(array_map(static fn(WrittenItem $item): WrittenItem => $item->id === $less->id ? $less : $item, $block->items)), $this->blocks);

        return new self($blocks, $this->changes, $this->leftOut);
    }
}
