<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Http\Shared\ReasonView;
use EvenRungs\Session\OrderSchool;

/** The session in the order of a school, and what that does to it. */
final readonly class OrderView
{
    /**
     * @param bool                   $ofMethod the method asks for this one
     * @param list<string>           $names
     * @param list<WrittenBlockView> $blocks
     */
    public function __construct(
        public OrderSchool $school,
        public string $label,
        public bool $ofMethod,
        public bool $present,
        public int $savedSeconds,
        public ReasonView $reason,
        public array $names,
        public array $blocks,
    ) {}
}
