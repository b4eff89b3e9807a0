<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Ladder\Rung;
use EvenRungs\Progress\Decision;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/**
 * What is not trained for now, whatever is written: ladders that were stopped after pain, and those of which it waits to be
 * decided whether they are, or to be said whether the training in which they hurt counts. Where it waits whether to refer,
 * that is everything.
 */
final readonly class Withheld
{
    /**
     * @param array<string, string> $waiting what the rules say, by ladder
     * @param string|null           $refer   what they say where it waits whether to refer
     * @param list<string>          $logs    and trainings of which it waits, each once
     */
    private function __construct(private PersonRecord $record, private array $waiting, private ?string $refer, public array $logs) {}

    public static function of(PersonRecord $record): self
    {
        $waiting = $logs = [];
        $refer = null;
        foreach ($record->judgement()->pending() as $pending) {
            if (! in_array($pending->proposal->choice, [Decision::StopLadder, Decision::Refer], true)) {
                continue;
            }
            $said = $pending->proposal->reasons[0]->sentence ?? '';
            $waiting[$pending->ladder->slug] = $said;
            $refer = $pending->proposal->choice === Decision::Refer ? $said : $refer;
            $logs[$pending->log->id] = true;
        }

        foreach ($record->trainingsToSettle() as $open) {
            foreach (array_filter($open->hurt, $record->library->hasLadder(...), ARRAY_FILTER_USE_KEY) as $ladder => $what) {
                $waiting[$ladder] ??= "{$what}. {$open->question()}";
                $logs[$open->id] = true;
            }
        }

        return new self($record, $waiting, $refer, array_keys($logs));
    }

    /** Why a rung is not trained for now; null where nothing of this kind speaks against it. */
    public function against(Rung $rung): ?Reason
    {
        $said = $this->waitsOn($rung->ladder);

        return self::stopped($rung, $this->record) ?? ($said === null ? null : Reason::because(Rule::PainWaits, "Left out: “{$rung->name}” waits for a decision. {$said}", ['exercise' => $rung->name], 'A decision in the review.'));
    }

    /** Why nothing of a stopped ladder is trained; null where it was not stopped. */
    public static function stopped(Rung $rung, PersonRecord $record): ?Reason
    {
        return $record->isStopped($rung->ladder) ? Reason::because(Rule::PainHigh, "Left out: the ladder of “{$rung->name}” was stopped after pain.", ['exercise' => $rung->name], 'Reopening it on the board, with a reason.') : null;
    }

    /** @return list<string> slugs of those of which a decision waits */
    public function ladders(): array
    {
        return array_keys($this->waiting);
    }

    /** What the rules say of a ladder of which a decision waits; null where none does. */
    public function waitsOn(string $ladder): ?string
    {
        return $this->refer ?? $this->waiting[$ladder] ?? null;
    }
}
