<?php

declare(strict_types=1);

namespace App\Http\Weeks;

use App\Http\Shared\ReasonView;

/** When a gate is likely reached, as Mondays: a band, never a promise. */
final readonly class GateForecastView
{
    /** @param ReasonView|null $reason null where it is asked for by itself */
    public function __construct(
        public string $to,
        public string $toName,
        public string $earliest,
        public string $likely,
        public string $latest,
        public ?ReasonView $reason,
    ) {}

    public function withoutWhy(): self
    {
        return new self($this->to, $this->toName, $this->earliest, $this->likely, $this->latest, null);
    }
}
