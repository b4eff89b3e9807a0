<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Body\Side;
use EvenRungs\Body\Sidedness;
use EvenRungs\Ladder\Rung;
use EvenRungs\Progress\Felt;
use EvenRungs\Progress\FormQuestion;
use EvenRungs\Progress\Pain;
use EvenRungs\Progress\PainPlace;
use EvenRungs\Progress\SetLog;
use EvenRungs\Progress\StartPain;

/** One set as it was logged; null means not asked or not told. */
final readonly class LoggedSet
{
    /**
     * @param string              $rung slug
     * @param string              $dose typed line, repetitions each side
     * @param array<string, bool> $form answers by form question
     * @param int                 $number of the set, from 1
     * @param PainPlace|null      $painPlace where it hurt; null when not told
     * @param string|null         $insteadOf slug of the rung that was written, where another was done
     * @param int|null            $told when it was told that it stops a ladder, in order of time; with its session where null
     */
    public function __construct(
        public string $item,
        public string $rung,
        public string $dose,
        public ?int $both,
        public ?int $left,
        public ?int $right,
        public array $form,
        public ?int $pain,
        public ?int $effort,
        public bool $travellingPain,
        public ?Felt $felt,
        public ?Side $painSide = null,
        public int $number = 1,
        public ?PainPlace $painPlace = null,
        public ?string $insteadOf = null,
        public ?int $told = null,
    ) {}

    public function ladder(): string
    {
        return (string) strstr($this->rung, '/', true);
    }

    /** Whether its pain stops the ladder. */
    public function stops(): bool
    {
        return Pain::stops($this->pain ?? 0) || $this->travellingPain;
    }

    /**
     * What was done on the given side.
     *
     * @param list<StartPain> $before pain that was there before the first set
     */
    public function seenFrom(Side $side, Rung $rung, array $before = []): SetLog
    {
        $done = match (true) {
            $this->both !== null || ! $rung->sidedness->countsEachSide() => [$this->both],
            $side === Side::Left => [$this->left],
            $side === Side::Right => [$this->right],
            default => [$this->left, $this->right],
        };

        // Of sides done one after the other a difference is a note, whatever an earlier version asked.
        $form = $rung->sidedness === Sidedness::OneSided ? array_diff_key($this->form, [FormQuestion::SidesAlike->value => true]) : $this->form;

        $isKept = $this->wasThereBefore($rung, $before);

        return new SetLog($done, $form, $isKept ? 0 : $this->pain, $this->effort, $this->travellingPain, $this->painSide, $this->felt, $isKept ? $this->pain : null, $this->painPlace);
    }

    /**
     * Pain that began the day so high, away from the back and from what the rung loads, holds nothing back; above 5 and
     * where it travels it counts in any case.
     *
     * @param list<StartPain> $before
     */
    private function wasThereBefore(Rung $rung, array $before): bool
    {
        [$place, $pain] = [$this->painPlace, $this->pain ?? 0];
        if ($place === null || $pain === 0 || $this->travellingPain || Pain::stops($pain) || $place->isLoadedBy($rung)) {
            return false;
        }

        return array_filter($before, fn(StartPain $start): bool => $start->accountsFor($place, $this->painSide, $pain)) !== [];
    }
}
