<?php

declare(strict_types=1);

namespace App\Actions;

use EvenRungs\Body\Demand;
use EvenRungs\Body\Side;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Ladder\Substitution;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/** Makes a session from the person's working rungs: one exercise for each ladder, with the default dose. */
final readonly class DraftSession
{
    /**
     * @param list<BlockText> $blocks
     * @param list<Reason>    $notes  what was replaced or left out, and why
     */
    private function __construct(public array $blocks, public array $notes) {}

    public static function from(Dossier $dossier): self
    {
        $blocks = $notes = [];
        $met = [];
        foreach ($dossier->placedLadders() as $slug) {
            $ladder = $dossier->library->ladder($slug);
            $rung = $dossier->workingRung($ladder->slug);
            if ($rung === null) {
                $notes[] = Reason::because(Rule::PainHigh, "{$ladder->name}: stopped after pain, so nothing of it is in the session.");

                continue;
            }
            $ruling = $dossier->circumstances()->rule($rung);
            if (! $ruling->openOn(Side::Both)) {
                $substitution = Substitution::for($rung, $dossier->library, $dossier->circumstances());
                $notes[] = $ruling->reasons[0];
                if ($substitution === null) {
                    $notes[] = Reason::because(Rule::Substitution, "Nothing open fits in its place: {$ladder->demand->shortName()} is left open.");

                    continue;
                }
                $notes[] = $substitution->reason;
                $rung = $substitution->instead;
            }
            $met[] = $ladder->demand;
            $dose = DoseLine::print($rung->defaultDose($dossier->method()));
            $blocks[] = new BlockText(false, [new ItemText(str_replace('/', '-', $rung->slug), $rung->slug, $dose)], [], 0);
        }

        foreach (Demand::everyWeek() as $demand) {
            if (! in_array($demand, $met, true)) {
                $notes[] = Reason::because(Rule::Spread, ucfirst($demand->shortName()).': no working rung yet, so it is left open.');
            }
        }

        return new self($blocks, $notes);
    }
}
