<?php

declare(strict_types=1);

namespace App\Http\Practice;

final readonly class ErasuresView
{
    /**
     * @param list<ToEraseView> $waiting by date
     * @param list<ErasedView>  $erased  the newest first
     */
    public function __construct(public array $waiting, public array $erased) {}
}
