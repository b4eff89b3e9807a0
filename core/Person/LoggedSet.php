<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Body\Side;
use EvenRungs\Body\Sidedness;
use EvenRungs\Ladder\Rung;
use EvenRungs\Progress\Felt;
use EvenRungs\Progress\FormQuestion;
use EvenRungs\Progress\SetLog;

/** One set as it was logged; null means not asked or not told. */
final readonly class LoggedSet
{
    /**
     * @param string              $rung slug
     * @param string              $dose typed line, repetitions each side
     * @param array<string, bool> $form answers by form question
     * @param int                 $number of the set, from 1
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
    ) {}

    public function ladder(): string
    {
        return (string) strstr($this->rung, '/', true);
    }

    /** What was done on the given side. */
    public function seenFrom(Side $side, Rung $rung): SetLog
    {
        $done = match (true) {
            $this->both !== null || ! $rung->sidedness->countsEachSide() => [$this->both],
            $side === Side::Left => [$this->left],
            $side === Side::Right => [$this->right],
            default => [$this->left, $this->right],
        };

        // Of sides done one after the other a difference is a note, whatever an earlier version asked.
        $form = $rung->sidedness === Sidedness::OneSided ? array_diff_key($this->form, [FormQuestion::SidesAlike->value => true]) : $this->form;

        return new SetLog($done, $form, $this->pain, $this->effort, $this->travellingPain, $this->painSide, $this->felt);
    }
}
