<?php

declare(strict_types=1);

namespace App\Http\Coach;

use App\Http\Shared\ReasonView;

/** A logged session. */
final readonly class LogView
{
    /**
     * @param int|null        $seconds that were trained
     * @param ReasonView|null $odd     why the time is asked about
     */
    public function __construct(
        public string $id,
        public string $title,
        public string $doneOn,
        public int $sets,
        public ?int $seconds,
        public ?ReasonView $odd,
    ) {}
}
