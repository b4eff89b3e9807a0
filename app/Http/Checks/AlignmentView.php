<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Http\Shared\ReasonView;
use EvenRungs\Assessment\Alignment;

/** What marks on a picture come to. */
final readonly class AlignmentView
{
    /**
     * @param float            $degrees sag or a lower left side above 0, pike or a lower right side below
     * @param list<ReasonView> $reasons the verdict first
     */
    public function __construct(
        public float $degrees,
        public ?float $centimetres,
        public bool $inLine,
        public array $reasons,
    ) {}

    public static function of(Alignment $alignment): self
    {
        return new self(degrees: round($alignment->degrees, 2), centimetres: $alignment->centimetres === null ? null : round($alignment->centimetres, 2), inLine: $alignment->inLine, reasons: ReasonView::all($alignment->reasons));
    }
}
