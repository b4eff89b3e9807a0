<?php

declare(strict_types=1);

namespace App\Http\Shared;

use App\Models\Training;
use App\Records\TrainingEvents;

/** The same session, told by another device on the same day. */
final readonly class AlsoToldView
{
    /** @param int $startedAt milliseconds since 1970 */
    public function __construct(public string $id, public string $device, public int $startedAt, public int $sets, public bool $ended) {}

    public static function of(Training $training): self
    {
        return new self($training->id, $training->device, $training->started_at, $training->sets, $training->ended);
    }

    /** What a training is asked about; null where it is not. */
    public static function asked(Training $training): ?self
    {
        $also = TrainingEvents::askedOf($training);

        return $also === null ? null : self::of($also);
    }
}
