<?php

declare(strict_types=1);

namespace App\Http\Practice;

final readonly class AccessesView
{
    /**
     * @param list<AccessView>  $lines    the newest first
     * @param string|null       $next     where the list goes on
     * @param string|null       $backedUpAt the last backup that was restored once and the same, a moment; null for none
     * @param bool              $isBackupOld none was made for a week
     * @param list<ErasureView> $erasures those to come by date, then those that were, the newest first
     */
    public function __construct(public array $lines, public ?string $next, public ?string $backedUpAt, public bool $isBackupOld, public array $erasures) {}
}
