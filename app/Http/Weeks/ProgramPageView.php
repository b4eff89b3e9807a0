<?php

declare(strict_types=1);

namespace App\Http\Weeks;

use App\Http\Shared\ReasonView;

/** The program that holds, what a new one would begin from, and what speaks against the present one. */
final readonly class ProgramPageView
{
    /**
     * @param ProgramRequestView       $wish     for a new one, or for the rest of this one
     * @param int                      $weeksBehind of the program whose rest it is
     * @param list<ProgramVersionView> $versions newest first
     * @param int $hardFrom planned effort from which a session is hard
     * @param list<ReasonView>         $against  what has changed since it was made
     */
    public function __construct(
        public ?string $id,
        public ?ProgramView $program,
        public ProgramRequestView $wish,
        public int $weeksBehind,
        public ReasonView $rate,
        public array $versions,
        public array $against,
        public int $hardFrom,
    ) {}
}
