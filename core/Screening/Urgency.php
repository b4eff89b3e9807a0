<?php

declare(strict_types=1);

namespace EvenRungs\Screening;

enum Urgency: string
{
    case Emergency = 'emergency';
    case SameDay = 'same-day';
    case BeforeTraining = 'before-training';

    public function inWords(): string
    {
        return match ($this) {
            self::Emergency => 'Emergency: call for help now',
            self::SameDay => 'To be seen by a clinician the same day',
            self::BeforeTraining => 'To be cleared by a clinician before training',
        };
    }
}
