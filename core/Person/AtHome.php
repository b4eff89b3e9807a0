<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\Timed;
use EvenRungs\Ladder\Rung;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Session\CapCheck;
use EvenRungs\Session\Item;
use EvenRungs\Session\WrittenBlock;
use EvenRungs\Session\WrittenItem;

/**
 * What somebody trains alone of a session that was written before: what the trainer wrote stands, except that nobody is asked
 * again for what was too much, or for a rung they came down from, and that a limit cuts up what was written before it.
 */
final readonly class AtHome
{
    private MovedOn $down;

    /** @param list<string> $fixed ladders that the trainer has fixed: the rung stays */
    public function __construct(private PersonRecord $record, private array $fixed)
    {
        $this->down = new MovedOn($record, [], isEasier: true);
    }

    /** @return array{WrittenItem, Reason}|null */
    public function of(WrittenItem $item, bool $onlyDown): ?array
    {
        [$rung, $dose] = $this->down->read($item) ?? [null, null];
        if ($rung === null || $dose === null) {
            return null;
        }
        $down = $this->stays($rung, $item) ? null : $this->down->of($item, $onlyDown);
        $now = $down !== null && $down[0]->rung !== $rung->slug ? $down : LighterDose::of($item, $rung, $dose, $this->record, keepsRounds: $onlyDown);

        return $this->underLimits($now, $item);
    }

    /**
     * A rung they came down from is left out where nothing lower of its ladder is open.
     *
     * @param list<WrittenBlock> $blocks
     *
     * @return array{list<WrittenBlock>, list<Reason>} and what is left out
     */
    public function withoutWhatHasNothingLower(array $blocks): array
    {
        $left = $reasons = [];
        foreach ($blocks as $block) {
            $items = [];
            foreach ($block->items as $item) {
                $gone = $this->withNothingLower($item);
                if ($gone === null) {
                    $items[] = $item;
                    continue;
                }
                $reasons[] = Reason::because(Rule::UpToDate, "“{$gone->name}” is left out: they came down from it, and nothing lower of its ladder is open.", ['exercise' => $gone->name, 'working rung' => $this->record->workingRung($gone->ladder)->name ?? ''], 'A limit lifted, other kit, or another rung decided on.');
            }
            $left[] = $block->withOnly($items);
        }

        return [array_values(array_filter($left)), $reasons];
    }

    /** The rung of an exercise that they came down from and that nothing lower stands in for; null of any other. */
    private function withNothingLower(WrittenItem $item): ?Rung
    {
        [$rung, $dose] = $this->down->read($item) ?? [null, null];
        if ($rung === null || $dose === null || $this->stays($rung, $item) || $this->down->standsThere($rung, $dose)) {
            return null;
        }

        return StoodThen::rung($rung->ladder, $this->record) === null ? $rung : null;
    }

    /**
     * What a limit allows of it, whatever was written before the limit: nobody stands beside a hold to say when it is enough.
     *
     * @param array{WrittenItem, Reason}|null $now what becomes of it, and why
     *
     * @return array{WrittenItem, Reason}|null
     */
    private function underLimits(?array $now, WrittenItem $written): ?array
    {
        [$rung, $dose] = $this->down->read($now[0] ?? $written) ?? [null, null];
        if ($rung === null || $dose === null) {
            return $now;
        }
        [$less, $why] = CapCheck::underLimits(new Item($written->id, $rung, $dose), $this->record->circumstances()->limits, $dose->first() instanceof Timed ? $dose->first()->target() : null);

        $reasons = $now === null ? $why : [$now[1], ...$why];
        $first = array_shift($reasons);

        return $why === [] || $first === null ? $now : [new WrittenItem($written->id, $rung->slug, DoseLine::print($less)), $first->followedBy(...$reasons)];
    }

    /** A rung stays where it is fixed, or where they did not come down from it since it was written: what was written when they had was written on purpose. */
    private function stays(Rung $rung, WrittenItem $item): bool
    {
        return in_array($rung->ladder, $this->fixed, true) || ! CameDown::from($rung, $this->record, $item->at);
    }
}
