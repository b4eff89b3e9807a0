<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Body\Demand;
use EvenRungs\Body\Side;
use EvenRungs\Dose\Dose;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\Timed;
use EvenRungs\Ladder\Rung;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Refusal;
use EvenRungs\Reason\Rule;
use EvenRungs\Session\CapCheck;
use EvenRungs\Session\Footing;
use EvenRungs\Session\Item;
use EvenRungs\Session\Part;
use EvenRungs\Session\Primer;
use EvenRungs\Session\Template;
use EvenRungs\Session\TemplateSlot;
use EvenRungs\Session\WrittenBlock;
use EvenRungs\Session\WrittenItem;
use EvenRungs\Session\WrittenSession;

/**
 * Another person's session on the rungs of this one: of a ladder they stand on the working rung; of another what they do for the
 * same demand, or a careful start. A primer stays one, and nothing comes twice that was two exercises there.
 */
final class OnOwnRungs
{
    private readonly Footing $footing;

    /** @var array<string, string> their rung, by part and the rung here */
    private array $used = [];

    public function __construct(private readonly PersonRecord $record)
    {
        [$this->footing] = SessionStart::footing($record);
    }

    /** @return array{list<WrittenBlock>, list<Reason>} and what was replaced or left out, and why */
    public function of(WrittenSession $session): array
    {
        $notes = $moved = [];
        foreach ($session->blocks as $block) {
            $items = [];
            foreach ($block->items as $item) {
                [$here, $said] = $this->item($item, $block);
                $notes = [...$notes, ...$said];
                if ($here !== null) {
                    $items[] = $here;
                }
            }
            $moved[] = $block->withOnly($items);
        }

        return [array_values(array_filter($moved)), $notes];
    }

    /** @return array{WrittenItem|null, list<Reason>} */
    private function item(WrittenItem $item, WrittenBlock $block): array
    {
        $theirs = $this->record->library->rung($item->rung);
        $held = RungToday::held($this->record->library->ladder($theirs->ladder), $this->record);
        if ($held !== null) {
            return [null, [$held]];
        }
        $isPrimer = $block->part === Part::Primer && $theirs->demand !== Demand::Activation;
        [$rung, $notes] = $this->rung($theirs, $isPrimer);
        if ($rung === null) {
            return [null, $notes];
        }
        $key = "{$block->part->value} {$rung->slug}";
        if (($this->used[$key] ?? $theirs->slug) !== $theirs->slug) {
            return [null, [Reason::because(Rule::WorkingRung, "“{$theirs->name}” is left out: here that is “{$rung->name}”, which the session has already.", ['there' => $theirs->height->label(), 'here' => $rung->height->label()])]];
        }
        $this->used[$key] = $theirs->slug;
        $dose = $this->dose($item->dose, $theirs, $rung, $block->isCircuit);
        $dose = $isPrimer ? $this->primed($item->id, $rung, $dose, $block->isCircuit) : $dose;
        [$dose, , $cut] = CapCheck::station(new Item($item->id, $rung, $dose), $this->record->circumstances()->limits);
        $line = DoseLine::print($dose);
        $notes = $cut !== [] ? [...$notes, ...$cut] : match (true) {
            $rung->slug === $theirs->slug && $line !== $item->dose => [...$notes, Reason::because(Rule::NextDose, "{$rung->name}: {$line} in place of {$item->dose}, as it is due here.", ['there' => $item->dose, 'here' => $line], 'Another dose typed.')],
            $rung->slug !== $theirs->slug && $this->record->workingRung($rung->ladder)?->slug === $rung->slug && $notes === [] => [self::instead($rung, $theirs)],
            default => $notes,
        };

        return [new WrittenItem($item->id, $rung->slug, $line), $notes];
    }

    private static function instead(Rung $rung, Rung $theirs): Reason
    {
        return Reason::because(Rule::WorkingRung, "“{$rung->name}” in place of “{$theirs->name}”: the working rung here.", ['there' => $theirs->height->label(), 'here' => $rung->height->label()]);
    }

    /** Half of it; of the lowest rung no more than half of its table. A circuit keeps its clock. */
    private function primed(string $id, Rung $rung, Dose $dose, bool $isCircuit): Dose
    {
        if ($isCircuit && $dose->first() instanceof Timed) {
            return $dose;
        }
        $half = Primer::halved($dose);

        return $this->record->doses()->isTooMuchForPrimer(new Item($id, $rung, $half)) ? Primer::halved($rung->defaultDose($this->record->method)) : $half;
    }

    /** @return array{Rung|null, list<Reason>} what they do in its place */
    private function rung(Rung $theirs, bool $isPrimer): array
    {
        $working = $this->record->workingRung($theirs->ladder);
        if ($isPrimer) {
            return $this->chosen($theirs, Primer::LOWER_TENTHS);
        }
        if ($working === null && $theirs->demand !== Demand::Activation) {
            return $this->chosen($theirs, 0);
        }
        [$rung, $notes] = RungToday::open($working ?? $theirs, $this->record, "“{$theirs->name}” is left out");
        $more = $rung === null ? null : RungToday::more($rung, $this->record->library->ladder($theirs->ladder), $this->record);

        return $more === null ? [$rung, $notes] : [$more, [$notes[0], self::instead($more, $theirs)]];
    }

    /** @return array{Rung|null, list<Reason>} */
    private function chosen(Rung $theirs, int $belowTenths): array
    {
        return Template::choose(new TemplateSlot($theirs->demand, belowTenths: $belowTenths, ladders: [$theirs->ladder]), $this->record->library, $this->footing, []);
    }

    /** Work by the clock stays, but no longer than their clock of the exercise here has it; else the dose that is due here, in a circuit for as many rounds. */
    private function dose(string $written, Rung $theirs, Rung $rung, bool $isCircuit): Dose
    {
        $only = $this->record->circumstances()->rule($rung)->onlySide();
        $due = $this->record->doses()->due($rung)->dose ?? $this->record->doses()->first($rung, $only ?? Side::Both)->dose;
        $due = $only === null || ! $due->perSide ? $due : $due->onlyOn($only);
        try {
            $dose = DoseLine::parse($written, $theirs->sidedness);
        } catch (Refusal) {
            return $due;
        }

        return match (true) {
            $dose->first() instanceof Timed => $dose->withBody(Timed::of(min($dose->first()->seconds, $this->record->doses()->clock($rung)->work)))->onlyOn($dose->perSide && $only !== null ? $only : Side::Both)->withRange(null),
            $isCircuit && ! $due->isFalling() => $due->withSets($dose->sets()),
            default => $due,
        };
    }
}
