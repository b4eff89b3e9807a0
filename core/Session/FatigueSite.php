<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Body\Limit;
use EvenRungs\Body\Load;
use EvenRungs\Body\Need;
use EvenRungs\Body\Position;
use EvenRungs\Ladder\Rung;

/** What tires when two stations back to back ask for it (common practice; where it begins is our own choice). */
enum FatigueSite: string
{
    case Shoulder = 'shoulder';
    case Grip = 'grip';
    case Neck = 'neck';

    public function inWords(): string
    {
        return "the {$this->value}";
    }

    /**
     * A strong load counts for anybody, any load where a limit watches the joint.
     *
     * @param list<Limit> $limits
     */
    public function isLoadedBy(Rung $rung, array $limits): bool
    {
        if ($this === self::Grip) {
            return $rung->position === Position::Hanging || ($rung->position === Position::Walking && array_filter($rung->kit, static fn(Need $need): bool => $need->isWeight()) !== []);
        }
        $load = $this === self::Shoulder ? Load::Shoulder : Load::Neck;
        $isWatched = array_filter($limits, static fn(Limit $limit): bool => isset($limit->highest[$load->value])) !== [];

        return $rung->loads->value($load) >= ($isWatched ? 1 : 2);
    }

    /**
     * The joints two exercises load both.
     *
     * @param list<Limit> $limits
     *
     * @return list<self>
     */
    public static function shared(Rung $one, Rung $other, array $limits): array
    {
        return array_values(array_filter(self::cases(), static fn(self $joint): bool => $joint->isLoadedBy($one, $limits) && $joint->isLoadedBy($other, $limits)));
    }
}
