<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

use EvenRungs\Body\Side;

/**
 * How kit is drawn at a body: where its contacts put it. Sizes in centimetres, our own measure.
 *
 * @phpstan-import-type Vec from Vector
 */
final readonly class KitShapes
{
    private const CM = 1 / Setting::STATURE;

    /** @param list<Stood> $way */
    private function __construct(private Stood $stood, private array $way) {}

    /**
     * @param list<Stood> $way from start to end: what stands still stands where it first carries something
     *
     * @return list<Hull>
     */
    public static function of(Setting $setting, Stood $stood, array $way): array
    {
        $shapes = new self($stood, $way);

        return array_merge(...array_map($shapes->piece(...), $setting->kit));
    }

    /** @return list<Hull> */
    private function piece(Kit $piece): array
    {
        $kind = $piece->kind;
        if ($kind->isGripped() || $kind === KitKind::Post) {
            $carried = $this->carried($piece);

            return $carried === [] ? [] : match ($kind) {
                KitKind::Wheel => $this->wheel($carried, $piece->height),
                KitKind::Bar => $this->bar($carried),
                KitKind::Post => $this->post($piece, $this->mean($carried)),
                default => array_map(static fn(array $at): Hull => new Hull('rail', [$at, [$at[0], $at[1], 235 * self::CM]], [0.006, 0.006]), $carried),
            };
        }
        if ($kind->isSurface()) {
            return array_merge(...array_map($this->solid(...), $this->solids($kind)));
        }
        $at = array_map($this->stood->body->at(...), $piece->at);

        return $at === [] ? [] : match ($kind) {
            KitKind::Band => $this->band($piece, $at),
            KitKind::Loop => count($at) === 2 ? [new Hull('weight', $at, [0.012, 0.012])] : [],
            KitKind::Dumbbell => array_merge(...array_map($this->dumbbell(...), $piece->at)),
            KitKind::Kettlebell => array_merge(...array_map($this->kettlebell(...), $piece->at)),
            KitKind::MedicineBall => [new Hull('weight', [$this->mean($at)], [0.068])],
            KitKind::Plate => [$this->disc('weight', $this->mean($at), $piece->at[0]->contact->isPaired() ? $this->across($piece->at) : $this->stood->body->turns['pelvis'][0], 15, 1.6)],
            KitKind::Barbell => $this->barbell($piece, $at),
            KitKind::CornerBar => [new Hull('weight', [$this->mean($at), Vector::times($piece->anchor ?? [120.0, 0.0, 3.0], self::CM)], [0.012, 0.012])],
            KitKind::AnkleWeight => array_map(static fn(array $one): Hull => new Hull('weight', [$one], [0.036]), $at),
            KitKind::Dowel => [new Hull('rail', [Vector::plus($this->mean($at), $this->along(), 0.3), Vector::plus($this->mean($at), $this->along(), -0.3)], [0.008, 0.008])],
            default => [],
        };
    }

    /** @return list<Vec> middles of the places that a piece carries */
    private function carried(Kit $piece): array
    {
        $carried = [];
        foreach ($this->stood->supports as $support) {
            if ($support->surface === $piece->kind->value) {
                $carried[] = $this->stood->contact($support);
            }
        }

        return $carried;
    }

    /** @return list<Solid> where they stand; before they first carry something, where they will */
    private function solids(KitKind $kind): array
    {
        foreach ([$this->stood, ...$this->way] as $stood) {
            $solids = array_filter($stood->solids, static fn(Solid $solid): bool => $solid->kit->kind === $kind);
            if ($solids !== []) {
                return array_values($solids);
            }
        }

        return [];
    }

    /** @return list<Hull> */
    private function solid(Solid $solid): array
    {
        return match ($solid->kit->kind) {
            KitKind::Wall => [$this->wall($solid->kit, $solid->low)],
            KitKind::Ball => [new Hull('kit', [$solid->low], [$solid->radius])],
            KitKind::Bench => [$this->box($solid->low, $solid->high), ...$this->legs($solid)],
            default => [$this->box($solid->low, $solid->high)],
        };
    }

    /**
     * @param Vec $low
     * @param Vec $high
     */
    private function box(array $low, array $high): Hull
    {
        // With rounded edges, within the height it has.
        $round = min(0.008, ($high[2] - $low[2]) / 2);
        $corners = [];
        foreach ([$low[0] + $round, $high[0] - $round] as $x) {
            foreach ([$low[1] + $round, $high[1] - $round] as $y) {
                foreach ([$low[2] + $round, $high[2] - $round] as $z) {
                    $corners[] = [$x, $y, $z];
                }
            }
        }

        return new Hull('kit', $corners, array_fill(0, 8, $round));
    }

    /** @return list<Hull> */
    private function legs(Solid $seat): array
    {
        $middle = ($seat->low[0] + $seat->high[0]) / 2;

        return array_map(static fn(float $y): Hull => new Hull('rail', [[$middle, $y, $seat->low[2]], [$middle, $y, 0.014]], [0.014, 0.014]), [$seat->low[1] + 0.06, $seat->high[1] - 0.06]);
    }

    /** @param Vec $at */
    private function wall(Kit $piece, array $at): Hull
    {
        $isSide = in_array($piece->side, ['left', 'right'], true);
        $corners = [];
        foreach ([-0.32, 0.32] as $wide) {
            foreach ([0.004, 1.12] as $high) {
                // Its thickness is behind what it carries.
                $corners[] = $isSide ? [$at[0] + $wide, $at[1] + ($piece->side === 'left' ? 0.006 : -0.006), $high] : [$at[0] + ($piece->side === 'front' ? 0.006 : -0.006), $at[1] + $wide, $high];
            }
        }

        return new Hull('kit', $corners, array_fill(0, 4, 0.006));
    }

    /**
     * @param non-empty-list<Vec> $at
     *
     * @return list<Hull>
     */
    private function wheel(array $at, float $height): array
    {
        $middle = $this->mean($at);
        if ($height > 12) {
            // A loaded bar rolls as a wheel does.
            $ends = [Vector::plus($middle, [0.0, 1.0, 0.0], 0.36), Vector::plus($middle, [0.0, 1.0, 0.0], -0.36)];

            return [new Hull('weight', $ends, [0.008, 0.008]), ...array_map(fn(array $end): Hull => $this->disc('weight', $end, [0.0, 1.0, 0.0], $height, 1.5), $ends)];
        }

        return [$this->disc('kit', $middle, [0.0, 1.0, 0.0], 9, 1.5), new Hull('rail', [Vector::plus($middle, [0.0, 1.0, 0.0], 0.1), Vector::plus($middle, [0.0, 1.0, 0.0], -0.1)], [0.009, 0.009])];
    }

    /**
     * @param non-empty-list<Vec> $at
     *
     * @return list<Hull>
     */
    private function bar(array $at): array
    {
        if (count($at) > 2) {
            // Forearms rest on pads that stand on posts.
            return array_map(static fn(array $one): Hull => new Hull('rail', [[$one[0], $one[1], $one[2] - 0.03], [$one[0], $one[1], 0.01]], [0.016, 0.010]), $at);
        }
        $along = count($at) > 1 ? Vector::unit(Vector::plus($at[0], $at[1], -1)) : [0.0, 1.0, 0.0];
        $along = Vector::length($along) < 0.5 ? [0.0, 1.0, 0.0] : $along;

        return [new Hull('rail', [Vector::plus($this->mean($at), $along, 0.32), Vector::plus($this->mean($at), $along, -0.32)], [0.011, 0.011])];
    }

    /**
     * @param Vec $at
     *
     * @return list<Hull>
     */
    private function post(Kit $piece, array $at): array
    {
        $pad = [$at[0], $at[1], ($piece->height - 5) * self::CM];

        return [
            new Hull('kit', [Vector::plus($pad, Vector::AXES[1], 0.16), Vector::plus($pad, Vector::AXES[1], -0.16)], [0.03, 0.03]),
            new Hull('rail', [$pad, [$at[0], $at[1], 0.014]], [0.014, 0.014]),
        ];
    }

    /**
     * @param non-empty-list<Vec> $at
     *
     * @return list<Hull>
     */
    private function band(Kit $piece, array $at): array
    {
        $anchor = Vector::times($piece->anchor ?? [0.0, 0.0, 0.0], self::CM);
        $bands = array_map(static fn(array $one): Hull => new Hull('weight', [$one, $anchor], [0.006, 0.006]), count($at) === 2 && Vector::length(Vector::plus($at[0], $at[1], -1)) < 0.09 ? [$this->mean($at)] : $at);

        return [...$bands, new Hull('rail', [[$anchor[0], $anchor[1], 0.01], [$anchor[0], $anchor[1], max($anchor[2] + 0.06, 0.08)]], [0.010, 0.010])];
    }

    /** @return list<Hull> */
    private function dumbbell(Spot $spot): array
    {
        $name = Skeleton::name(Segment::Hand, $spot->side);
        $turn = $this->stood->body->turns[$name] ?? Vector::AXES;
        $at = $this->stood->body->at($spot);
        // Across the palm, where it is held by the hand; across the part, where it is tied or laid.
        $along = $spot->contact === Contact::Grip ? $turn[0] : $turn[1];
        [$one, $other] = [Vector::plus($at, $along, 0.062), Vector::plus($at, $along, -0.062)];

        return [new Hull('weight', [$one, $other], [0.012, 0.012]), new Hull('weight', [$one], [0.034]), new Hull('weight', [$other], [0.034])];
    }

    /** @return list<Hull> */
    private function kettlebell(Spot $spot): array
    {
        $at = $this->stood->body->at($spot);
        $bell = Vector::plus($at, [0.0, 0.0, 1.0], -0.095);

        return [new Hull('weight', [$at, $bell], [0.024, 0.03]), new Hull('weight', [$bell], [0.055])];
    }

    /**
     * @param non-empty-list<Vec> $at
     *
     * @return list<Hull>
     */
    private function barbell(Kit $piece, array $at): array
    {
        $across = $this->across($piece->at);
        $middle = $this->mean($at);
        [$left, $right] = [Vector::plus($middle, $across, 0.42), Vector::plus($middle, $across, -0.42)];

        return [new Hull('weight', [Vector::plus($left, $across, 0.05), Vector::plus($right, $across, -0.05)], [0.008, 0.008]), $this->disc('weight', $left, $across, 19, 1.6), $this->disc('weight', $right, $across, 19, 1.6)];
    }

    /**
     * @param 'kit'|'weight'|'rail' $tone
     * @param Vec $middle
     * @param Vec $axis
     */
    private function disc(string $tone, array $middle, array $axis, float $radius, float $thick): Hull
    {
        $other = abs($axis[2]) > 0.9 ? [1.0, 0.0, 0.0] : [0.0, 0.0, 1.0];
        $one = Vector::unit(Vector::cross($axis, $other));
        $two = Vector::cross($axis, $one);
        $points = [];
        for ($at = 0; $at < 16; $at++) {
            $points[] = Vector::plus(Vector::plus($middle, $one, $radius * self::CM * cos($at * M_PI / 8)), $two, $radius * self::CM * sin($at * M_PI / 8));
        }

        return new Hull($tone, $points, array_fill(0, 16, $thick * self::CM));
    }

    /**
     * @param list<Spot> $spots
     *
     * @return Vec from the right to the left of what holds it
     */
    private function across(array $spots): array
    {
        if (count($spots) === 2) {
            $between = Vector::plus($this->stood->body->at($spots[0]), $this->stood->body->at($spots[1]), -1);
            if (Vector::length($between) > 0.05) {
                return Vector::unit($between);
            }
        }

        return $this->stood->body->turns[($spots[0]->side ?? Side::Both) === Side::Both ? 'pelvis' : 'chest'][1];
    }

    /** @return Vec along the trunk */
    private function along(): array
    {
        return $this->stood->body->turns['chest'][2];
    }

    /**
     * @param non-empty-list<Vec> $points
     *
     * @return Vec
     */
    private function mean(array $points): array
    {
        $sum = [0.0, 0.0, 0.0];
        foreach ($points as $point) {
            $sum = Vector::plus($sum, $point, 1 / count($points));
        }

        return $sum;
    }
}
