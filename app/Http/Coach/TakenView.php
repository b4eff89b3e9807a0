<?php

declare(strict_types=1);

namespace App\Http\Coach;

use App\Http\Shared\AlsoToldView;
use App\Http\Shared\DifferingSetView;

/** What became of what a device told. */
final readonly class TakenView
{
    /**
     * @param string                  $on        the day the training counts for
     * @param string|null             $clock     what of that day was put right, and why
     * @param list<string>            $taken     events that are kept, also those that were before
     * @param list<RefusedEventView>  $refused   events that cannot be
     * @param int                     $sets      that stand now
     * @param AlsoToldView|null       $also      the same session by another device that day: asked about
     * @param list<DifferingSetView>  $differing sets that were told in different ways: asked about
     * @param LogView|null            $log       what counts; null until it has ended
     */
    public function __construct(
        public string $id,
        public string $on,
        public ?string $clock,
        public array $taken,
        public array $refused,
        public int $sets,
        public bool $ended,
        public ?AlsoToldView $also,
        public array $differing,
        public ?LogView $log,
    ) {}
}
