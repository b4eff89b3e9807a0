<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Body\Height;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Need;
use EvenRungs\Body\Side;
use EvenRungs\Body\Sidedness;
use EvenRungs\Dose\Carry;
use EvenRungs\Dose\Dose;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\Unit;
use EvenRungs\Ladder\Ladder;
use EvenRungs\Ladder\Library;
use EvenRungs\Ladder\Rung;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/** A session in demands and heights. For a person it becomes their own rungs, kit and limits, and says what gave way. */
final readonly class Template
{
    /** Where nobody has placed the person yet, the start is no higher than this (our own choice). */
    private const UNPLACED_TENTHS = 24;

    /** The height of the lowest rungs there are. */
    private const LOWEST_TENTHS = 10;

    /** @param list<TemplateBlock> $blocks */
    private function __construct(public string $slug, public string $name, public string $purpose, public array $blocks) {}

    /**
     * @param array<array-key, mixed> $data an entry of the templates file
     *
     * @throws \InvalidArgumentException|\ValueError when it is not one
     */
    public static function read(array $data): self
    {
        $blocks = [];
        foreach (is_array($data['blocks'] ?? null) ? $data['blocks'] : [] as $block) {
            $blocks[] = TemplateBlock::read(is_array($block) ? $block : []);
        }
        $text = static fn(string $key): string => is_string($data[$key] ?? null) && $data[$key] !== '' ? $data[$key] : throw new \InvalidArgumentException("A template needs a {$key}.");
        if ($blocks === []) {
            throw new \InvalidArgumentException('A template needs a block.');
        }

        return new self($text('slug'), $text('name'), $text('purpose'), $blocks);
    }

    /** Only the floor, a mat or a wall. */
    public static function needsNothing(Rung $rung): bool
    {
        return array_filter($rung->kit, static fn(Need $need): bool => ! $need->metBy([Kit::Mat, Kit::Wall, Kit::Towel, Kit::Pillow])) === [];
    }

    /**
     * The template for one person.
     *
     * @return array{blocks: list<WrittenBlock>, notes: list<Reason>} what was replaced or left out, and why
     */
    public function for(Library $library, Footing $footing): array
    {
        $blocks = $notes = $used = [];
        foreach ($this->blocks as $block) {
            $items = $rests = [];
            foreach ($block->slots as $slot) {
                [$rung, $said] = self::choose($slot, $library, $footing, $used);
                $notes = [...$notes, ...$said];
                if ($rung === null) {
                    // On one clock for everybody it goes on where somebody has nothing to do.
                    if ($block->work !== null && $rests !== []) {
                        $rests[] = array_pop($rests) + $block->work + $block->gapSeconds;
                    }
                    continue;
                }
                $used[] = $rung->slug;
                [$dose, $rest] = $block->station($footing->clock($rung)) ?? [self::dose($slot, $block, $rung, $footing), $block->gapSeconds];
                [$dose, $cut, $why] = CapCheck::station(new Item('station', $rung, $dose), $footing->circumstances->limits);
                $rests[] = $rest + $cut;
                $notes = [...$notes, ...$why];
                $only = $dose->perSide ? $footing->circumstances->rule($rung)->onlySide() : null;
                $items[] = new WrittenItem('slot-'.count($used), $rung->slug, DoseLine::print($only === null ? $dose : $dose->onlyOn($only)));
            }
            if ($block->isCircuit() && count($items) > 1) {
                $blocks[] = new WrittenBlock(true, $items, array_slice($rests, 0, -1), $block->roundRestSeconds, $block->part);
            } else {
                foreach ($items as $item) {
                    $blocks[] = WrittenBlock::straight($item, $block->part);
                }
            }
        }

        return ['blocks' => $blocks, 'notes' => $notes];
    }

    /**
     * What a person does in a place: the rung they stand on, else what is open to them nearest below it.
     *
     * @param list<string> $used rungs the session has already
     *
     * @return array{Rung|null, list<Reason>} null where nothing open fits; and what was replaced or left out, and why
     */
    public static function choose(TemplateSlot $slot, Library $library, Footing $footing, array $used): array
    {
        $name = ucfirst($slot->demand->shortName());
        [$circumstances, $working] = [$footing->circumstances, $footing->working];
        $stands = self::standing($slot, $working);
        $most = $stands->height->tenths ?? self::UNPLACED_TENTHS;
        $ceiling = max(self::LOWEST_TENTHS, $most - $slot->belowTenths);
        $open = array_values(array_filter($library->meeting($slot->demand), static fn(Rung $rung): bool => ! $footing->isStopped($rung)
            && ! in_array($rung->slug, $used, true)
            // On a ladder they are placed on, nothing above where they stand there, as high as they may stand elsewhere.
            && (! isset($working[$rung->ladder]) || $rung->height->above($working[$rung->ladder]->height) <= 0)
            && ($rung->inTrunk($circumstances->method) || $rung->slug === $stands?->slug)
            && ($circumstances->rule($rung)->openOn(Side::Both) || ($rung->slug === $stands?->slug && $circumstances->rule($rung)->onlySide() !== null))));
        // Where nothing is so far below, the lowest there is: who stands low already has no empty place for it.
        foreach ($slot->belowTenths === 0 ? [[true, false], [false, false]] : [[true, false], [false, false], [true, true], [false, true]] as [$strictly, $isLowest]) {
            $fitting = array_values(array_filter($open, static fn(Rung $rung): bool => $slot->accepts($rung, $strictly)));
            $best = $isLowest ? self::lowest($fitting, $slot, $most) : self::best($fitting, $slot, $ceiling, $stands, $working);
            if ($best === null) {
                continue;
            }
            $notes = self::notes($best, $slot, $footing, $library, $stands);
            if ($isLowest && $stands !== null) {
                array_unshift($notes, Reason::because(Rule::Template, "{$name}: nothing open is ".Height::tenthsLabel($slot->belowTenths)." below “{$stands->name}”, so the lowest is taken, “{$best->name}”.", ['height' => $best->height->label()], 'A climb.'));
            }
            if (! $strictly) {
                array_unshift($notes, Reason::because(Rule::Template, "{$name}: {$slot->inWords()} is not open at this height, so “{$best->name}” stands in.", ['height' => $best->height->label()], 'Other kit, a limit lifted, or a climb on another ladder.'));
            }

            return [$best, $notes];
        }

        return [null, [Reason::because(Rule::Template, "{$name}: nothing open fits, so the place is left empty.", ['looked up to' => Height::tenthsLabel($ceiling)], 'Other kit, a limit lifted, or a placing on the board.')]];
    }

    /** @return list<Reason> why it is this rung and not the one they stand on */
    private static function notes(Rung $best, TemplateSlot $slot, Footing $footing, Library $library, ?Rung $stands): array
    {
        $name = ucfirst($slot->demand->shortName());
        if ($stands === null) {
            return [Reason::because(Rule::Template, "{$name}: not placed yet, so it begins low, with “{$best->name}”.", ['height' => $best->height->label()], 'A placing on the board.')];
        }
        $notes = [];
        $ruling = $footing->circumstances->rule($stands);
        $only = $ruling->onlySide();
        if ($best->slug === $stands->slug && $only !== null) {
            $notes[] = Reason::because(Rule::LeftOut, ucfirst($only->value)." side only: {$ruling->reasons[0]->sentence}", ['exercise' => $stands->name], 'The limit lifted.');
        } elseif ($slot->belowTenths === 0 && ! $ruling->openOn(Side::Both)) {
            $notes[] = Reason::because(Rule::Template, "{$name}: “{$best->name}” stands in for the working rung. {$ruling->reasons[0]->sentence}", ['working rung' => $stands->name, 'height' => $best->height->label()]);
        }
        if (! isset($footing->working[$best->ladder])) {
            $notes[] = self::notPlaced($best, $stands, $library);
        }

        return $notes;
    }

    /** On a ladder they are not placed on: far enough below where they stand for the same demand, as a start from tests is. */
    private static function isCareful(Rung $rung, ?Rung $stands): bool
    {
        return $stands === null || $stands->height->above($rung->height) >= Ladder::CAREFUL_TENTHS;
    }

    /** What is said of a rung of a ladder they are not placed on. */
    public static function notPlaced(Rung $rung, Rung $stands, Library $library): Reason
    {
        $careful = Height::tenthsLabel(Ladder::CAREFUL_TENTHS);

        return Reason::because(
            Rule::Template,
            "Not placed on “{$library->ladder($rung->ladder)->name}”: “{$rung->name}” is ".(self::isCareful($rung, $stands) ? 'a careful start' : 'the lowest that fits')." ({$rung->height->label()}; they stand at {$stands->height->label()} for the same demand).",
            ['height' => $rung->height->label(), 'stands at' => $stands->name.', '.$stands->height->label(), 'a careful start' => "at least {$careful} below"],
            'A placing on the board.',
        );
    }

    /**
     * The rung the person stands on for this place: on the ladders asked for, of the kind asked for, else the highest.
     *
     * @param array<string, Rung> $working
     */
    private static function standing(TemplateSlot $slot, array $working): ?Rung
    {
        $here = array_values(array_filter($working, static fn(Rung $rung): bool => $rung->demand === $slot->demand));
        usort($here, static fn(Rung $a, Rung $b): int => [
            (int) ! in_array($a->ladder, $slot->ladders, true), (int) ! $slot->accepts($a, true), $b->height->tenths,
        ] <=> [
            (int) ! in_array($b->ladder, $slot->ladders, true), (int) ! $slot->accepts($b, true), $a->height->tenths,
        ]);

        return $here[0] ?? null;
    }

    /**
     * @param list<Rung>          $fitting
     * @param array<string, Rung> $working
     */
    private static function best(array $fitting, TemplateSlot $slot, int $ceiling, ?Rung $stands, array $working): ?Rung
    {
        // So far below where they stand on its own ladder, where they stand on it.
        $isBelow = static fn(Rung $rung): bool => $rung->height->tenths <= min($ceiling, max(self::LOWEST_TENTHS, ($working[$rung->ladder]->height->tenths ?? $ceiling + $slot->belowTenths) - $slot->belowTenths));
        $below = array_values(array_filter($fitting, $isBelow));
        usort($below, static fn(Rung $a, Rung $b): int => self::rank($a, $slot, $ceiling, $stands, $working) <=> self::rank($b, $slot, $ceiling, $stands, $working));

        return $below[0] ?? null;
    }

    /** @param list<Rung> $fitting */
    private static function lowest(array $fitting, TemplateSlot $slot, int $most): ?Rung
    {
        $below = array_values(array_filter($fitting, static fn(Rung $rung): bool => $rung->height->tenths <= $most));
        $rank = static fn(Rung $rung): array => [(int) ($slot->ladders !== [] && ! in_array($rung->ladder, $slot->ladders, true)), $rung->height->tenths, count($rung->kit), $rung->slug];
        usort($below, static fn(Rung $a, Rung $b): int => $rank($a) <=> $rank($b));

        return $below[0] ?? null;
    }

    /**
     * @param array<string, Rung> $working
     *
     * @return list<int|string>
     */
    private static function rank(Rung $rung, TemplateSlot $slot, int $ceiling, ?Rung $stands, array $working): array
    {
        $isCareless = ! isset($working[$rung->ladder]) && ! self::isCareful($rung, $stands);

        return [
            (int) ($slot->belowTenths !== 0 || $rung->slug !== $stands?->slug),
            (int) $isCareless,
            (int) ($slot->ladders !== [] && ! in_array($rung->ladder, $slot->ladders, true)),
            (int) ($rung->ladder !== $stands?->ladder),
            $isCareless ? $rung->height->tenths : $ceiling - $rung->height->tenths,
            count($rung->kit),
            $rung->slug,
        ];
    }

    private static function dose(TemplateSlot $slot, TemplateBlock $block, Rung $rung, Footing $footing): Dose
    {
        $due = $footing->dose($rung, $slot->half);
        $kind = match (true) {
            $due->first() instanceof Carry => 'carry',
            $due->unit() === Unit::Reps => 'reps',
            default => 'hold',
        };
        $written = isset($slot->doses[$kind]) ? DoseLine::parse($slot->doses[$kind], Sidedness::Both)->eachSide($rung->sidedness->countsEachSide()) : $due;
        // What a template asks of everybody is no more in a set than what is due to this person.
        $isTooMuch = $written->unit() === $due->unit() && $written->first()->target() > $due->first()->target() && ! $due->isFalling();
        // Of falling sets the number is part of the dose: where nothing may be added, they are written as they are due.
        $dose = match (true) {
            $isTooMuch => $due->withSets($written->sets()),
            $due->isFalling() && $footing->isMost($rung) => $due,
            default => $written,
        };
        if ($slot->half) {
            $dose = Primer::halved($dose);
        }
        if ($block->rounds !== null && ! $dose->isFalling()) {
            return $dose->withSets($block->rounds);
        }

        return $footing->isMost($rung) && $due->sets() < $dose->sets() ? $dose->withSets($due->sets()) : $dose;
    }
}
