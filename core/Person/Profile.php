<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Balance\Aim;
use EvenRungs\Balance\TargetShares;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Sex;
use EvenRungs\Week\OtherTraining;

/** Who is trained: what for, when, with what, and what else they do. */
final readonly class Profile
{
    /**
     * @param TargetShares|null   $shares       own parts of work; those of the aim when null
     * @param list<int>           $trainingDays 1 Monday to 7 Sunday
     * @param int                 $minutes      for core work in a session
     * @param list<Kit>           $kit          at the place planned for
     * @param list<int>|null      $weights      grams of the weights there; null when nobody has said
     * @param list<OtherTraining> $other        other training of the week
     */
    public function __construct(
        public Aim $aim,
        public ?TargetShares $shares,
        public ?int $birthYear,
        public ?Sex $sex,
        public array $trainingDays,
        public int $minutes,
        public array $kit,
        public ?array $weights,
        public array $other,
    ) {}

    /** @param list<Kit> $kit */
    public function withKit(array $kit): self
    {
        return new self($this->aim, $this->shares, $this->birthYear, $this->sex, $this->trainingDays, $this->minutes, $kit, $this->weights, $this->other);
    }

    public function targets(): TargetShares
    {
        return $this->shares ?? $this->aim->targets();
    }
}
