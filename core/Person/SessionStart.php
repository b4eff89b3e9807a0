<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Body\Demand;
use EvenRungs\Body\Side;
use EvenRungs\Dose\Dose;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\Timed;
use EvenRungs\Ladder\Ladder;
use EvenRungs\Ladder\Rung;
use EvenRungs\Ladder\Substitution;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Refusal;
use EvenRungs\Reason\Rule;
use EvenRungs\Session\Footing;
use EvenRungs\Session\OrderSchool;
use EvenRungs\Session\Template;
use EvenRungs\Session\WrittenBlock;
use EvenRungs\Session\WrittenItem;
use EvenRungs\Session\WrittenSession;

/** What a session starts from: the person's board, a template, an earlier session, or nothing. */
final readonly class SessionStart
{
    /**
     * @param list<WrittenBlock> $blocks
     * @param list<Reason>       $notes  what was replaced or left out, and why
     */
    private function __construct(public string $title, public array $blocks, public array $notes) {}

    public static function empty(): self
    {
        return new self('Core session', [], []);
    }

    /**
     * What the minutes of the person hold of their board, in the order of the method, with the next dose.
     *
     * @param list<string> $elsewhere slugs of the ladders that other sessions of the week have
     */
    public static function fromBoard(PersonRecord $record, array $elsewhere = []): self
    {
        [$blocks, $said, $notes] = self::board($record, static fn(Ladder $ladder): ?Reason => self::held($ladder, $record));
        $choice = SessionChoice::of($record->read(array_values($blocks))->session?->items() ?? [], $record->profile->minutes, $record, $elsewhere);
        foreach ($choice->left as $item) {
            unset($blocks[$item->rung->slug], $said[$item->rung->slug]);
        }

        return new self('Core session', self::ordered(array_values($blocks), $record), array_values(array_filter([$choice->reason(), count($blocks) < 2 ? null : OrderSchool::instead($record->circumstances()), ...array_merge(...array_values($said)), ...$notes])));
    }

    /**
     * One exercise for each ladder the person stands on, in the order of the method, with the next dose.
     *
     * @return list<WrittenBlock>
     */
    public static function wholeBoard(PersonRecord $record): array
    {
        return self::ordered(array_values(self::board($record)[0]), $record);
    }

    /** Why nothing of a ladder is written for now; null where it may be. */
    private static function held(Ladder $ladder, PersonRecord $record): ?Reason
    {
        $waits = $record->withheld()->waitsOn($ladder->slug);

        return match (true) {
            $record->isStopped($ladder->slug) => Reason::because(Rule::PainHigh, "{$ladder->name}: stopped after pain, so nothing of it is in the session."),
            $waits !== null => Reason::because(Rule::PainWaits, "{$ladder->name}: a decision waits, so nothing of it is in the session. {$waits}", [], 'A decision in the review.'),
            default => null,
        };
    }

    /**
     * @param (\Closure(Ladder): ?Reason)|null $held why nothing of a ladder is written; by default what waits for a decision is
     *
     * @return array{array<string, WrittenBlock>, array<string, list<Reason>>, list<Reason>} blocks by rung, what is said of them by rung, and of what is missing
     */
    private static function board(PersonRecord $record, ?\Closure $held = null): array
    {
        $blocks = $said = $notes = $met = [];
        foreach ($record->placedLadders() as $slug) {
            $ladder = $record->library->ladder($slug);
            $why = $held === null ? null : $held($ladder);
            $rung = $why === null ? $record->workingRung($ladder->slug) : null;
            if ($rung === null) {
                $notes = [...$notes, ...array_filter([$why])];

                continue;
            }
            [$rung, $why] = self::open($rung, $record, "{$ladder->demand->shortName()} is left open");
            if ($rung === null) {
                $notes = [...$notes, ...$why];

                continue;
            }
            $more = self::more($rung, $ladder, $record);
            if ($more !== null) {
                $notes = [...$notes, $why[0], Reason::because(Rule::Substitution, "“{$rung->name}” would stand in, and they do more of the same already, “{$more->name}”: it is left out.", ['would stand in' => $rung->height->label(), 'they stand on' => $more->height->label()])];

                continue;
            }
            $met[] = $ladder->demand;
            $proposed = $record->doses()->due($rung);
            // It may stand in for a rung of another ladder, too.
            $said[$rung->slug] = [...$said[$rung->slug] ?? [], ...$why, ...$proposed?->rises || $proposed?->isLighter ? [$proposed->reason] : []];
            $only = $record->circumstances()->rule($rung)->onlySide();
            $dose = $proposed->dose ?? $record->doses()->first($rung, $only ?? Side::Both)->dose;
            $blocks[$rung->slug] = self::straight($rung, $only === null || ! $dose->perSide ? $dose : $dose->onlyOn($only));
        }
        foreach (Demand::everyWeek() as $demand) {
            if (! in_array($demand, $met, true)) {
                $notes[] = Reason::because(Rule::Spread, ucfirst($demand->shortName()).': no working rung yet, so it is left open.');
            }
        }

        return [$blocks, $said, $notes];
    }

    /** Of what stands in from another ladder: what they do there, where that is higher. */
    private static function more(Rung $instead, Ladder $ladder, PersonRecord $record): ?Rung
    {
        $there = $instead->ladder === $ladder->slug ? null : $record->workingRung($instead->ladder);

        return $there !== null && $there->height->above($instead->height) > 0 && $record->circumstances()->rule($there)->openOn(Side::Both) ? $there : null;
    }

    public static function fromTemplate(Template $template, PersonRecord $record): self
    {
        [$footing, $held] = self::footing($record);
        $made = $template->for($record->library, $footing);

        return new self($template->name, $made['blocks'], [...array_values($held), ...$made['notes']]);
    }

    /** @return array{Footing, array<string, Reason>} where they stand; and by ladder, why nothing of it is written for now */
    public static function footing(PersonRecord $record): array
    {
        $held = [];
        foreach ([...$record->placedLadders(), ...$record->withheld()->ladders()] as $slug) {
            $held[$slug] = self::held($record->library->ladder($slug), $record);
        }
        $held = array_filter($held);

        return [new Footing(
            $record->circumstances(),
            array_diff_key($record->workingRungs(), $held),
            array_keys($held),
            static fn(Rung $rung): ?Dose => $record->doses()->due($rung)?->dose,
            static fn(Rung $rung): bool => $record->doses()->due($rung)?->isMost === true,
            static fn(Rung $rung): Dose => $record->doses()->first($rung)->dose,
            $record->doses()->clock(...),
        ), $held];
    }

    /** The person's own session as it stands. */
    public static function fromOwn(WrittenSession $session): self
    {
        return new self($session->title, $session->blocks, []);
    }

    /** Another person's session on the rungs of this one. */
    public static function fromAnother(WrittenSession $session, PersonRecord $record): self
    {
        $notes = $moved = [];
        foreach ($session->blocks as $block) {
            $items = [];
            foreach ($block->items as $item) {
                [$here, $said] = self::onOwnRungs($item, $block, $record);
                $notes = [...$notes, ...$said];
                if ($here !== null) {
                    $items[] = $here;
                }
            }
            $moved[] = $block->withOnly($items);
        }

        return new self($session->title, array_values(array_filter($moved)), $notes);
    }

    /**
     * With a number behind the title where another session of the person has it: in a week they are told apart by it.
     *
     * @param list<string> $titles
     */
    public function beside(array $titles): self
    {
        $title = $this->title;
        $stem = (string) preg_replace('/ \d{1,3}$/', '', $title);
        for ($number = 2; in_array($title, $titles, true); $number++) {
            $title = mb_substr($stem, 0, 110)." {$number}";
        }

        return new self($title, $this->blocks, $this->notes);
    }

    /** @return array{WrittenItem|null, list<Reason>} */
    private static function onOwnRungs(WrittenItem $item, WrittenBlock $block, PersonRecord $record): array
    {
        $theirs = $record->library->rung($item->rung);
        $held = self::held($record->library->ladder($theirs->ladder), $record);
        if ($held !== null) {
            return [null, [$held]];
        }
        $working = $record->workingRung($theirs->ladder);
        [$rung, $notes] = self::open($working ?? $theirs, $record, "“{$theirs->name}” is left out");
        if ($rung === null) {
            return [null, $notes];
        }
        $dose = self::likeDose($item->dose, $theirs, $rung, $block->isCircuit, $record);
        $line = DoseLine::print($dose);
        $notes = match (true) {
            $rung->slug === $theirs->slug && $line !== $item->dose => [...$notes, Reason::because(Rule::NextDose, "{$rung->name}: {$line} in place of {$item->dose}, as it is due here.", ['there' => $item->dose, 'here' => $line], 'Another dose typed.')],
            $rung->slug !== $theirs->slug && $working?->slug === $rung->slug => [...$notes, Reason::because(Rule::WorkingRung, "“{$rung->name}” in place of “{$theirs->name}”: the working rung here.", ['there' => $theirs->height->label(), 'here' => $rung->height->label()])],
            default => $notes,
        };

        return [new WrittenItem($item->id, $rung->slug, $line), $notes];
    }

    /** Work by the clock stays, but no longer than their clock of the exercise here has it; else the dose that is due here, in a circuit for as many rounds. */
    private static function likeDose(string $written, Rung $theirs, Rung $rung, bool $isCircuit, PersonRecord $record): Dose
    {
        $only = $record->circumstances()->rule($rung)->onlySide();
        $due = $record->doses()->due($rung)->dose ?? $record->doses()->first($rung, $only ?? Side::Both)->dose;
        $due = $only === null || ! $due->perSide ? $due : $due->onlyOn($only);
        try {
            $dose = DoseLine::parse($written, $theirs->sidedness);
        } catch (Refusal) {
            return $due;
        }

        return match (true) {
            $dose->first() instanceof Timed => $dose->withBody(Timed::of(min($dose->first()->seconds, $record->doses()->clock($rung)->work)))->onlyOn($dose->perSide && $only !== null ? $only : Side::Both)->withRange(null),
            $isCircuit && ! $due->isFalling() => $due->withSets($dose->sets()),
            default => $due,
        };
    }

    /** @return array{Rung|null, list<Reason>} the rung, or what stands in for it where it is ruled out */
    private static function open(Rung $rung, PersonRecord $record, string $otherwise): array
    {
        $ruling = $record->circumstances()->rule($rung);
        if ($ruling->openOn(Side::Both)) {
            return [$rung, []];
        }
        $only = $ruling->onlySide();
        if ($only !== null) {
            return [$rung, [Reason::because(Rule::LeftOut, ucfirst($only->value)." side only: {$ruling->reasons[0]->sentence}", ['exercise' => $rung->name], 'The limit lifted.')]];
        }
        $substitution = Substitution::for($rung, $record->library, $record->circumstances(), $record->standIns());

        return $substitution === null
            ? [null, [$ruling->reasons[0], Reason::because(Rule::Substitution, "Nothing open fits in its place: {$otherwise}.")]]
            : [$substitution->instead, [$ruling->reasons[0], $substitution->reason]];
    }

    private static function straight(Rung $rung, Dose $dose): WrittenBlock
    {
        return WrittenBlock::straight(new WrittenItem(str_replace('/', '-', $rung->slug), $rung->slug, DoseLine::print($dose)));
    }

    /**
     * @param list<WrittenBlock> $blocks
     *
     * @return list<WrittenBlock>
     */
    private static function ordered(array $blocks, PersonRecord $record): array
    {
        $session = $record->read($blocks)->session;

        return $session === null ? $blocks : WrittenBlock::all(OrderSchool::for($record->circumstances())->write($session, $record->evenness()->heights));
    }
}
