<?php

declare(strict_types=1);

namespace EvenRungs\Assessment;

/** A length in the picture that is known in life. */
final readonly class Scale
{
    private function __construct(public float $centimetresPerPixel) {}

    /** @throws InvalidMarks when the marks lie together or the length is not one of a body or a mat */
    public static function of(Point $from, Point $to, float $centimetres): self
    {
        $pixels = $from->distanceTo($to);
        if ($pixels < 5 || $centimetres < 5 || $centimetres > 300) {
            throw InvalidMarks::scale();
        }

        return new self($centimetres / $pixels);
    }

    public function centimetres(float $pixels): float
    {
        return $pixels * $this->centimetresPerPixel;
    }
}
