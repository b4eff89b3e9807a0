<?php

declare(strict_types=1);

namespace App\Http\Checks;

/** A ladder that can be climbed in a test. */
final readonly class ClimbableView
{
    /**
     * @param bool        $sided left and right are tried apart
     * @param string|null $guess where the person stands: the test begins two rungs below
     */
    public function __construct(
        public string $ladder,
        public bool $sided,
        public ?string $guess,
    ) {}
}
