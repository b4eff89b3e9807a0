<?php

declare(strict_types=1);

namespace App\Http\Practice;

final readonly class TrainersView
{
    /**
     * @param list<TrainerView> $trainers       by name, those invited after them, those whose access was ended last
     * @param bool              $asksSecondStep of everybody
     */
    public function __construct(public array $trainers, public bool $asksSecondStep) {}
}
