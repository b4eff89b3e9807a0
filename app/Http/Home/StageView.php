<?php

declare(strict_types=1);

namespace App\Http\Home;

use EvenRungs\Home\StageAfter;
use EvenRungs\Home\StageKind;

/** A stage of a sheet. */
final readonly class StageView
{
    /**
     * @param string      $when     such as day 5
     * @param string|null $dueOn    date; null until so many sessions are done
     * @param string|null $item     exercise it changes
     * @param string|null $rung     that comes
     * @param string|null $rungName that comes, or whose dose changes
     * @param string|null $cameOn   date; null while it is still to come
     * @param string|null $held     why it was held back
     * @param string|null $warning  what would hold it back as things stand today
     */
    public function __construct(
        public string $id,
        public StageKind $kind,
        public StageAfter $after,
        public int $count,
        public string $when,
        public ?string $dueOn,
        public ?string $item,
        public ?string $rung,
        public ?string $rungName,
        public ?string $dose,
        public string $message,
        public ?string $cameOn,
        public ?string $held,
        public ?string $warning,
    ) {}
}
