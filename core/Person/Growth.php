<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Balance\Position;
use EvenRungs\Body\Side;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\Timed;
use EvenRungs\Home\Stage;
use EvenRungs\Home\StageKind;
use EvenRungs\Ladder\Rung;
use EvenRungs\Progress\Decision;
use EvenRungs\Progress\NextDose;
use EvenRungs\Reason\Refusal;
use EvenRungs\Session\WrittenBlock;
use EvenRungs\Session\WrittenItem;

/** A session after a stage of its sheet: what limits, pain or a decision forbid by then is held back, with the reason. */
final readonly class Growth
{
    /**
     * @param list<WrittenBlock> $blocks as they were where it is held back
     * @param string|null        $held   why
     * @param bool               $isOfTheDose that it cannot be read is why
     */
    private function __construct(public array $blocks, public ?string $held, public bool $isOfTheDose = false) {}

    /**
     * @param list<WrittenBlock> $blocks   of the session as it is
     * @param int                $sequence the moment the stage was written: what was decided since counts
     */
    public static function of(PersonRecord $record, array $blocks, Stage $stage, int $sequence): self
    {
        if (! $stage->kind->changesTheSheet()) {
            return new self($blocks, null);
        }
        $changed = $stage->kind->isOfAnExercise() ? self::item($blocks, $stage->item ?? '') : null;
        if ($stage->kind->isOfAnExercise() && $changed === null) {
            return new self($blocks, 'The exercise it changes is not in the session any more.');
        }
        $slug = $stage->rung ?? $changed->rung ?? '';
        if (! $record->library->has($slug)) {
            return new self($blocks, 'Its exercise is not in the library any more.');
        }
        $rung = $record->library->rung($slug);
        $dose = $stage->dose ?? $changed->dose ?? '';
        $against = self::against($record, $rung, $sequence);
        $unreadable = $against === null ? self::unreadable($rung, $dose, $record) : null;
        $against ??= $unreadable ?? ($changed === null ? null : self::tooMuch($record, $changed, $rung, $dose, $sequence));
        if ($against !== null) {
            return new self($blocks, $against, $unreadable !== null);
        }
        // An exercise that is there keeps its number, so that what was told of it stays together.
        $item = new WrittenItem($stage->kind === StageKind::Addition ? $stage->id : ($stage->item ?? ''), $slug, $dose);

        return new self($stage->kind === StageKind::Addition ? [...$blocks, WrittenBlock::straight($item)] : self::replaced($blocks, $item), null);
    }

    /**
     * One exercise at a time: the session with its first exercise, and the others in their order. Of a circuit they become
     * exercises of their own, which each of them is when it comes alone.
     *
     * @param list<WrittenBlock> $blocks
     *
     * @return array{list<WrittenBlock>, list<WrittenItem>}
     */
    public static function oneAtATime(array $blocks): array
    {
        $items = array_merge(...array_map(static fn(WrittenBlock $block): array => $block->items, $blocks), ...[[]]);

        return [$items === [] ? [] : [WrittenBlock::straight($items[0], $blocks[0]->part)], array_slice($items, 1)];
    }

    /**
     * All of it again, at once: as the session was before it was spread, where nothing came or changed since but its first
     * exercise; else what is still to come goes to the end.
     *
     * @param list<WrittenBlock> $now
     * @param list<WrittenBlock> $before
     * @param list<WrittenItem>  $later  still to come
     *
     * @return list<WrittenBlock>
     */
    public static function allAtOnce(array $now, array $before, array $later): array
    {
        [$first, $rest] = self::oneAtATime($now);
        [$was, $were] = self::oneAtATime($before);
        $item = $first[0]->items[0] ?? null;
        if ($item !== null && $rest === [] && count($later) === count($were) && ($was[0]->items[0]->id ?? null) === $item->id) {
            return self::replaced($before, $item);
        }

        return [...$now, ...array_map(static fn(WrittenItem $item): WrittenBlock => WrittenBlock::straight($item), $later)];
    }

    /** Whether a line can be read as a dose of a rung; a sentence where not. */
    private static function unreadable(Rung $rung, string $dose, PersonRecord $record): ?string
    {
        try {
            DoseLine::parse($dose, $rung->sidedness, $record->method->counting());
        } catch (Refusal $problem) {
            return $problem->getMessage();
        }

        return null;
    }

    private static function against(PersonRecord $record, Rung $rung, int $sequence): ?string
    {
        $ruling = $record->circumstances()->rule($rung);
        if (! $ruling->openSomewhere()) {
            return $ruling->reasons[0]->sentence;
        }
        if ($record->isStopped($rung->ladder)) {
            return "“{$rung->name}” is on a ladder that was stopped after pain.";
        }
        $waiting = array_filter($record->judgement()->pending(), static fn(PendingDecision $pending): bool => $pending->ladder->slug === $rung->ladder && in_array($pending->proposal->choice, [Decision::StepDown, Decision::StopLadder, Decision::Refer], true));
        if ($waiting !== []) {
            return "“{$rung->name}” waits for a decision. ".(array_values($waiting)[0]->proposal->reasons[0]->sentence ?? '');
        }
        $here = $record->workingRung($rung->ladder);
        if ($here === null || $rung->height->above($here->height) <= 0) {
            return null;
        }
        $lowered = array_filter($record->history->decisions, static fn(Decided $decided): bool => $decided->ladder === $rung->ladder && $decided->choice === Decision::StepDown && $decided->sequence > $sequence);
        $stood = array_filter($record->positionsAfter($sequence), static fn(Position $then): bool => $then->rung->ladder === $rung->ladder && $then->rung->height->above($here->height) > 0);

        return match (true) {
            $lowered !== [] => "“{$rung->name}” stands above “{$here->name}”, to which a step down was decided since.",
            $stood !== [] => "“{$rung->name}” stands above “{$here->name}”, and they stood higher when it was planned.",
            default => null,
        };
    }

    /**
     * Why more of an exercise would come though what there was of it since the stage was written was too much already; null
     * where it was not, where nothing was told of it, and where less comes.
     */
    private static function tooMuch(PersonRecord $record, WrittenItem $now, Rung $rung, string $dose, int $sequence): ?string
    {
        $written = $record->library->has($now->rung) ? $record->library->rung($now->rung) : $rung;
        $comes = DoseLine::parse($dose, $rung->sidedness, $record->method->counting());
        $next = $record->doses()->like($comes, $written);
        $here = NextDose::onRung($written, $record->rungSessions(Side::Both), $comes->first() instanceof Timed);
        $last = $here[count($here) - 1] ?? null;
        if ($next === null || $last === null || max($last->sequence, $last->told ?? 0) <= $sequence) {
            return null;
        }
        $isMore = $rung->slug === $written->slug ? $comes->asksForMoreThan($next->dose) || $comes->sets() > $next->dose->sets() : $rung->height->above($written->height) > 0;

        return $isMore && ($next->isLighter || $last->wasTooMuch($record->circumstances()->highestEffort())) ? $next->reason->sentence : null;
    }

    /** @param list<WrittenBlock> $blocks */
    private static function item(array $blocks, string $id): ?WrittenItem
    {
        foreach ($blocks as $block) {
            foreach ($block->items as $item) {
                if ($item->id === $id) {
                    return $item;
                }
            }
        }

        return null;
    }

    /**
     * @param list<WrittenBlock> $blocks
     *
     * @return list<WrittenBlock>
     */
    private static function replaced(array $blocks, WrittenItem $item): array
    {
        return array_map(static fn(WrittenBlock $block): WrittenBlock => $block->withItems(array_map(static fn(WrittenItem $one): WrittenItem => $one->id === $item->id ? $item : $one, $block->items)), $blocks);
    }
}
