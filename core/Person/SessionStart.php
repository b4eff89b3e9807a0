<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Body\Demand;
use EvenRungs\Body\Side;
use EvenRungs\Dose\Dose;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Ladder\Ladder;
use EvenRungs\Ladder\Rung;
use EvenRungs\Reason\Reason;
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
        [$blocks, $said, $notes] = self::board($record, static fn(Ladder $ladder): ?Reason => RungToday::held($ladder, $record));
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
            [$rung, $why] = RungToday::open($rung, $record, "{$ladder->demand->shortName()} is left open");
            if ($rung === null) {
                $notes = [...$notes, ...$why];

                continue;
            }
            $more = RungToday::more($rung, $ladder, $record);
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
            $held[$slug] = RungToday::held($record->library->ladder($slug), $record);
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
        [$blocks, $notes] = (new OnOwnRungs($record))->of($session);

        return new self($session->title, $blocks, $notes);
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
