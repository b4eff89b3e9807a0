<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

/**
 * A body set on its supports.
 *
 * @phpstan-import-type Vec from Vector
 */
final readonly class Stood
{
    /**
     * @param list<Support> $supports
     * @param float         $off      how far the worst place is from where it belongs, as a part of stature
     * @param list<string>  $amiss    what cannot be, in sentences; empty where it stands
     * @param array<string, Solid> $solids kit that nothing goes through, where it stands
     */
    public function __construct(public Skeleton $body, public array $supports, public float $off, public array $amiss, public array $solids = []) {}

    /** @return Vec the middle of the flesh of a support, at the surface it is on */
    public function contact(Support $support): array
    {
        return $this->body->at($support->spot);
    }
}
