<?php

declare(strict_types=1);

namespace EvenRungs\Progress;

use EvenRungs\Body\Side;

/** What was done and seen in one set. Missing is not zero: null means it was not asked or not told. */
final readonly class SetLog
{
    /**
     * @param list<int|null>      $done   in the unit of the dose: one entry, or one for each side
     * @param array<string, bool> $form   answers by form question; a question left out was not asked
     * @param int|null            $pain   0–10, as the rules count it
     * @param int|null            $effort 0–10
     * @param Felt|null           $felt   where; null when nobody asked
     * @param int|null            $keptPain told, there before the session and not where the rung loads: it holds nothing back
     * @param Side|null           $painSide where the exercise has sides; null when not told
     */
    public function __construct(
        public array $done,
        public array $form,
        public ?int $pain,
        public ?int $effort,
        public bool $travellingPain = false,
        public ?Side $painSide = null,
        public ?Felt $felt = null,
        public ?int $keptPain = null,
        public ?PainPlace $painPlace = null,
    ) {}

    /** @param list<int|null> $done */
    public function withDone(array $done): self
    {
        return new self($done, $this->form, $this->pain, $this->effort, $this->travellingPain, $this->painSide, $this->felt, $this->keptPain, $this->painPlace);
    }

    /** The weaker side's figure; null when one is missing. */
    public function least(): ?int
    {
        $known = array_filter($this->done, is_int(...));

        return $known === [] || count($known) < count($this->done) ? null : min($known);
    }

    /** @return list<FormQuestion> answered with no */
    public function faults(): array
    {
        return array_values(array_filter(FormQuestion::cases(), fn(FormQuestion $question): bool => ($this->form[$question->value] ?? null) === false));
    }

    /** Every question that was to be asked has been answered with yes. */
    public function everyTick(bool $breathingAsked, bool $sidesTogether = true): bool
    {
        foreach (FormQuestion::cases() as $question) {
            if (($question === FormQuestion::Breathing && ! $breathingAsked) || ($question === FormQuestion::SidesAlike && ! $sidesTogether)) {
                continue;
            }
            // Sets logged before the limit was noted were not asked about the belly.
            if ($question === FormQuestion::BellyFlat && ! isset($this->form[$question->value])) {
                continue;
            }
            if (($this->form[$question->value] ?? null) !== true) {
                return false;
            }
        }

        return true;
    }
}
