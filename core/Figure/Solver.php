<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

use EvenRungs\Body\Side;

/**
 * Sets a body on its supports: of all ways in which every carrying place is where it belongs, the one that changes the
 * angles of the pose least (least squares, the spine nearly fixed, by Gauss–Newton steps with exact derivatives).
 *
 * @phpstan-import-type Vec from Vector
 *
 * @phpstan-type Row array<int, float>
 */
final class Solver
{
    /** Half a centimetre of 170. */
    public const WITHIN = 0.003;

    /** Of the base, about its middle, in which the weight is kept. */
    private const SAFE = 0.8;

    /** Places that meet need not do so more closely than this: some 3 cm of clothes, and of what hands close round. */
    private const MEET = 0.018;

    private const STEPS = 60;

    private const SETTLING = 6;

    /** Degrees that one step changes at most. */
    private const LONGEST = 18.0;

    /** Root: three ways (nearly free), pitch and roll, and the turn about the vertical, which nothing asks for. */
    private const ROOT_GIVE = [0.05, 0.05, 0.05, 4.0, 0.3, 0.02];

    /** @var list<float> by degree of freedom */
    private readonly array $give;

    /** @var list<Hinge> */
    private array $hinges = [];

    /** @var list<string> key of Posture::$angles of each hinge */
    private array $keys = [];

    /** @var array<string, list<int>> */
    private array $chains;

    public function __construct()
    {
        $give = self::ROOT_GIVE;
        foreach (Skeleton::parts() as [, $side, , $joint]) {
            foreach ($joint->hinges() as $hinge) {
                $this->hinges[] = $hinge;
                $this->keys[] = $side === Side::Both ? $joint->value : "{$side->value}-{$joint->value}";
                $give[] = $joint->give();
            }
        }
        $this->give = $give;
        $this->chains = Skeleton::chains();
    }

    /**
     * @param Setting   $setting the kit it stands on, and what it holds
     * @param bool      $isMoving on the way between two poses, where nobody has to stay
     * @param Stood|null $planted where its supports were before: what does not slide stays there
     */
    public function stand(Pose $pose, Setting $setting, ?Stood $planted = null, bool $isMoving = false): Stood
    {
        $wanted = $this->degrees($pose->posture);
        $now = $wanted;
        $held = $this->held($pose, $planted);
        if ($planted !== null) {
            // As if what stays had carried it there.
            $from = $this->body($pose->posture, $now);
            $moved = $held === [] ? $planted->body->roots['pelvis'] : [0.0, 0.0, 0.0];
            foreach ($held as $name => $at) {
                $moved = Vector::plus($moved, Vector::plus($at, $from->at(Spot::named($name)[0]), -1), 1 / count($held));
            }
            [$now[0], $now[1], $now[2]] = [$wanted[0], $wanted[1], $wanted[2]] = $moved;
        } else {
            $now[2] = $wanted[2] = $this->height($this->body($pose->posture, $now), $pose, $setting);
        }
        // What only rolls over the floor is kept from sliding along it by the hips.
        $give = $planted !== null && $held === [] ? [1e-7, 1e-7, ...array_slice($this->give, 2)] : $this->give;
        $lying = [];
        for ($step = 0; $step < self::STEPS + self::SETTLING; $step++) {
            $body = $this->body($pose->posture, array_values($now));
            $lying = $step < 4 ? [] : $this->lying($body, $pose, $lying);
            [$rows, $off] = $this->asked($body, $pose, $setting, $held, array_keys($lying), $isMoving);
            $worst = $off === [] ? 0.0 : max(array_map(abs(...), $off));
            $pull = $step < self::STEPS ? array_map(static fn(float $a, float $b): float => $a - $b, $wanted, $now) : array_fill(0, count($now), 0.0);
            [$change, $multipliers] = $this->change($rows, $off, $pull, $give);
            // A place that would have to be drawn down to the floor may leave it.
            $slack = $multipliers === [] ? 0.0 : -1e-3 * max(array_map(abs(...), $multipliers));
            foreach (array_keys($lying) as $at => $name) {
                if (($multipliers[count($rows) - count($lying) + $at] ?? 0.0) < $slack) {
                    $lying[$name]--;
                }
            }
            $largest = max(0.0, ...array_map(abs(...), array_slice($change, 3)));
            $scale = $largest > self::LONGEST ? self::LONGEST / $largest : 1.0;
            foreach ($change as $at => $by) {
                $now[$at] += $scale * $by;
            }
            $now = $this->clamped(array_values($now), array_values($wanted));
            if ($worst < 1e-5 && $largest < 0.02) {
                break;
            }
        }
        $body = $this->body($pose->posture, $now);
        [, $off, $what] = $this->asked($body, $pose, $setting, $held, array_keys($this->lying($body, $pose, [])), $isMoving);

        return new Stood($body, $pose->supports, $off === [] ? 0.0 : max(array_map(abs(...), $off)), array_values(array_unique([...$pose->posture->beyond(), ...$body->posture->beyond(), ...$this->amiss($off, $what), ...$setting->amiss($body)])));
    }

    /**
     * @param list<float>  $off
     * @param list<string> $what
     *
     * @return list<string>
     */
    private function amiss(array $off, array $what): array
    {
        $amiss = [];
        foreach ($off as $at => $by) {
            if (abs($by) > self::WITHIN) {
                $amiss[] = sprintf($what[$at] ?? '%s', sprintf('%.1f cm', abs($by) * 170));
            }
        }

        return $amiss;
    }

    /**
     * On the way from one stand to another: what both have as supports stays, angles and place are as far along.
     *
     * @param float $part between 0 and 1
     */
    public function between(Pose $from, Pose $to, float $part, Setting $setting, Stood $start, Stood $end): Stood
    {
        $pose = $from->towards($to, $part);
        if ($pose->supports !== [] && array_filter($pose->supports, static fn(Support $support): bool => ! $support->slides) !== []) {
            return $this->stand($pose, $setting, $start, true);
        }
        // From one foot to the other: nothing stays, and the lowest place is on the floor.
        $way = Vector::plus($end->body->roots['pelvis'], $start->body->roots['pelvis'], -1);
        $body = Skeleton::of($pose->posture, Vector::plus($start->body->roots['pelvis'], $way, $part));
        $lowest = min(INF, ...array_map(static fn(Spot $spot): float => $body->at($spot)[2] - $spot->contact->radius(), array_values(self::spots())));

        return new Stood($body->moved([0.0, 0.0, $pose->supports === [] ? -$lowest : 0.0]), $part < 0.5 ? $start->supports : $end->supports, 0.0, []);
    }

    /** Of the hips, where the places that carry the body are at their heights on the whole. */
    private function height(Skeleton $body, Pose $pose, Setting $setting): float
    {
        $sum = 0.0;
        foreach ($pose->supports as $support) {
            $sum += $setting->surface($support->surface)->height + $support->spot->contact->radius() - $body->at($support->spot)[2];
        }

        return $sum / max(1, count($pose->supports));
    }

    /** @return array<string, Vec> places that stay where they were, by name */
    private function held(Pose $pose, ?Stood $planted): array
    {
        $held = [];
        foreach ($planted->supports ?? [] as $support) {
            foreach ($pose->supports as $own) {
                if (! $own->slides && ! $support->slides && ! $own->spot->contact->rolls() && $own->spot->name() === $support->spot->name() && $own->surface === $support->surface && $planted !== null) {
                    $held[$own->spot->name()] = $planted->contact($support);
                }
            }
        }

        return $held;
    }

    /** @return list<float> root, tilt and hinges */
    private function degrees(Posture $posture): array
    {
        $degrees = [0.0, 0.0, 0.0, ...$posture->tilt];
        foreach (Skeleton::parts() as [, $side, , $joint]) {
            array_push($degrees, ...$posture->angles[$side === Side::Both ? $joint->value : "{$side->value}-{$joint->value}"] ?? []);
        }

        return $degrees;
    }

    /** @param list<float> $degrees */
    private function body(Posture $posture, array $degrees): Skeleton
    {
        $angles = [];
        foreach ($this->keys as $at => $key) {
            $angles[$key][] = $degrees[6 + $at] ?? 0.0;
        }

        return Skeleton::of(new Posture($posture->lies, [$degrees[3] ?? 0.0, $degrees[4] ?? 0.0, $degrees[5] ?? 0.0], $angles, $posture->blades), [$degrees[0] ?? 0.0, $degrees[1] ?? 0.0, $degrees[2] ?? 0.0]);
    }

    /**
     * Within the range of each joint; where the pose itself asks for more, no further than it does.
     *
     * @param list<float> $now
     * @param list<float> $wanted
     *
     * @return list<float>
     */
    private function clamped(array $now, array $wanted): array
    {
        foreach ($this->hinges as $at => $hinge) {
            $angle = $now[6 + $at] ?? 0.0;
            $asked = $wanted[6 + $at] ?? 0.0;
            $now[6 + $at] = max(min($hinge->min, $asked), min(max($hinge->max, $asked), $angle));
        }

        return array_values($now);
    }

    /**
     * What is asked of a body, as rows of derivatives and how far each is off.
     *
     * @param array<string, Vec> $held
     * @param list<string>       $lying places that the floor keeps up although they carry nothing; they come last
     *
     * @return array{list<Row>, list<float>, list<string>} rows, distances, and sentences with a place for the distance
     */
    private function asked(Skeleton $body, Pose $pose, Setting $setting, array $held, array $lying, bool $isMoving): array
    {
        $asked = [];
        $tilted = $this->tilts($body);
        $walls = [];
        foreach ($pose->supports as $support) {
            $spot = $support->spot;
            $at = $body->at($spot);
            $ways = $this->ways($body, $tilted, $spot->part(), $at);
            $says = "The {$this->said($spot)} is %s from the {$support->surface}.";
            $surface = $setting->surface($support->surface);
            if (isset($held[$spot->name()])) {
                foreach ([0, 1, 2] as $axis) {
                    $asked[] = $this->asking($this->along($ways, Vector::AXES[$axis]), $at[$axis] - $held[$spot->name()][$axis], "The {$this->said($spot)} is %s from where it stood.");
                }
            } elseif ($surface->isUpright()) {
                $normal = $surface->normal();
                $first = $walls[$support->surface] ?? null;
                $walls[$support->surface] ??= [$at, $ways, $spot->contact->radius()];
                if ($first !== null) {
                    $asked[] = $this->asking($this->less($this->along($ways, $normal), $this->along($first[1], $normal)), Vector::dot($at, $normal) - $spot->contact->radius() - Vector::dot($first[0], $normal) + $first[2], $says);
                }
            } else {
                $asked[] = $this->asking($this->along($ways, Vector::AXES[2]), $at[2] - $surface->height - ($surface->isGripped() ? 0.0 : $spot->contact->radius()), $says);
            }
        }
        foreach ($pose->touches as [$one, $other]) {
            [$a, $b] = [$body->at($one), $body->at($other)];
            $between = Vector::plus($a, $b, -1);
            $towards = Vector::unit($between);
            $asked[] = $this->asking(
                $this->less($this->along($this->ways($body, $tilted, $one->part(), $a), $towards), $this->along($this->ways($body, $tilted, $other->part(), $b), $towards)),
                max(0.0, Vector::length($between) - $one->contact->radius() - $other->contact->radius() - self::MEET),
                "The {$this->said($one)} is %s from the {$this->said($other)}.",
            );
        }
        foreach ($isMoving ? [] : $this->falls($body, $pose, $setting, $tilted) as [$row, $by]) {
            $asked[] = $this->asking($row, $by, 'The weight hangs %s beyond what carries it.');
        }
        foreach ($lying as $name) {
            foreach (Spot::named($name) as $spot) {
                $at = $body->at($spot);
                $asked[] = $this->asking($this->along($this->ways($body, $tilted, $spot->part(), $at), Vector::AXES[2]), $at[2] - $spot->contact->radius() + $spot->contact->softness(), "The {$this->said($spot)} is %s under the floor.");
            }
        }

        return [array_column($asked, 0), array_column($asked, 1), array_column($asked, 2)];
    }

    /**
     * @param Row $row
     *
     * @return array{Row, float, string}
     */
    private function asking(array $row, float $by, string $says): array
    {
        return [$row, $by, $says];
    }

    private function said(Spot $spot): string
    {
        return str_replace('-', ' ', $spot->name());
    }

    /**
     * @param array<string, int> $lying
     *
     * @return array<string, int> places at or below the floor that it has to keep up, and how often they may still leave it
     */
    private function lying(Skeleton $body, Pose $pose, array $lying): array
    {
        $carrying = array_map(static fn(Support $support): string => $support->spot->name(), $pose->supports);
        $now = [];
        foreach (self::spots() as $name => $spot) {
            $left = $lying[$name] ?? 4;
            $depth = $body->at($spot)[2] - $spot->contact->radius() + $spot->contact->softness();
            if (! in_array($name, $carrying, true) && ($depth < -1e-4 || (isset($lying[$name]) && $left > 0))) {
                $now[$name] = max($left, 0);
            }
        }

        return $now;
    }

    /** @return array<string, Spot> every place on every side, by name */
    private static function spots(): array
    {
        /** @var array<string, Spot>|null $spots */
        static $spots = null;
        if ($spots === null) {
            $spots = [];
            foreach (Contact::cases() as $contact) {
                foreach ($contact->isPaired() ? ['left-', 'right-'] : [''] as $side) {
                    foreach (Spot::named($side.$contact->value) as $spot) {
                        $spots[$spot->name()] = $spot;
                    }
                }
            }
        }

        return $spots;
    }

    /**
     * The weight, with what is held and pulls, stays over what carries it, and a little inside.
     *
     * @param list<Vec> $tilted
     *
     * @return list<array{Row, float}>
     */
    private function falls(Skeleton $body, Pose $pose, Setting $setting, array $tilted): array
    {
        if (! $setting->isBalanced($pose) || $pose->supports === []) {
            return [];
        }
        [$places, $base] = [[], [[], []]];
        foreach ($pose->supports as $support) {
            $at = $body->at($support->spot);
            $places[] = [$at[0], $at[1]];
            $ways = $this->ways($body, $tilted, $support->spot->part(), $at);
            foreach ([0, 1] as $axis) {
                $base[$axis] = $this->less($base[$axis], array_map(static fn(float $way): float => -$way / count($pose->supports), $this->along($ways, Vector::AXES[$axis])));
            }
        }
        [, $centre] = $body->mass();
        $rows = [[], []];
        $mass = 1.0;
        foreach (['pelvis', ...array_keys(Skeleton::parts())] as $name) {
            [$segment, $side] = Skeleton::parts()[$name] ?? [Segment::Pelvis, Side::Both];
            $ways = $this->ways($body, $tilted, $name, $body->point($segment, $side, $segment->centre()));
            foreach ([0, 1] as $axis) {
                foreach ($this->along($ways, Vector::AXES[$axis]) as $at => $value) {
                    $rows[$axis][$at] = ($rows[$axis][$at] ?? 0.0) + $segment->mass() * $value;
                }
            }
        }
        $sum = $centre;
        $push = [0.0, 0.0];
        foreach ($setting->loads($body) as [$at, $force, $part]) {
            $ways = $this->ways($body, $tilted, $part, $at);
            foreach ([0, 1] as $axis) {
                foreach ($this->along($ways, Vector::AXES[$axis]) as $which => $value) {
                    $rows[$axis][$which] = ($rows[$axis][$which] ?? 0.0) - $force[2] * $value;
                }
            }
            // In body weights: weights shift the centre, sideways pulls tip it by their height.
            $mass -= $force[2];
            $sum = Vector::plus($sum, $at, -$force[2]);
            $push = [$push[0] + $force[0] * $at[2], $push[1] + $force[1] * $at[2]];
        }
        $over = [($sum[0] + $push[0]) / $mass, ($sum[1] + $push[1]) / $mass];
        $to = (new Base($places))->shrunk(self::SAFE)->nearest($over);
        $falls = [];
        foreach ([0, 1] as $axis) {
            if (abs($over[$axis] - $to[$axis]) > 1e-6) {
                $falls[] = [$this->less(array_map(static fn(float $value): float => $value / $mass, $rows[$axis]), $base[$axis]), $over[$axis] - $to[$axis]];
            }
        }

        return $falls;
    }

    /**
     * @param list<Row>   $rows
     * @param list<float> $off
     * @param list<float> $pull towards the pose as it was asked for
     * @param list<float> $give
     *
     * @return array{list<float>, list<float>} the change of each degree of freedom, and how hard each row pushes
     */
    private function change(array $rows, array $off, array $pull, array $give): array
    {
        $count = count($rows);
        $matrix = [];
        $right = [];
        foreach ($rows as $i => $row) {
            $right[$i] = -($off[$i] ?? 0.0);
            foreach ($row as $at => $value) {
                $right[$i] -= $value * ($pull[$at] ?? 0.0);
            }
            for ($j = 0; $j <= $i; $j++) {
                $sum = 0.0;
                foreach ($rows[$j] ?? [] as $at => $value) {
                    if (isset($row[$at])) {
                        $sum += $row[$at] * $value * ($give[$at] ?? 0.0);
                    }
                }
                $matrix[$i][$j] = $matrix[$j][$i] = $sum;
            }
            $matrix[$i][$i] = ($matrix[$i][$i] ?? 0.0) * 1.00000001 + 1e-11;
        }
        $multipliers = $count === 0 ? [] : Linear::solve($matrix, $right);
        $change = $pull;
        foreach ($rows as $i => $row) {
            foreach ($row as $at => $value) {
                $change[$at] = ($change[$at] ?? 0.0) + ($give[$at] ?? 0.0) * $value * ($multipliers[$i] ?? 0.0);
            }
        }

        return [array_values($change), $multipliers];
    }

    /**
     * @return list<Vec> axes of pitch, roll and turn in space
     */
    private function tilts(Skeleton $body): array
    {
        $turn = Vector::about(2, $body->posture->tilt[2]);
        $roll = Vector::both($turn, Vector::about(0, $body->posture->tilt[1]));

        return [$roll[1], $turn[0], Vector::AXES[2]];
    }

    /**
     * How a point of a part moves with each degree of freedom.
     *
     * @param list<Vec> $tilted
     * @param Vec       $at
     *
     * @return array<int, Vec>
     */
    private function ways(Skeleton $body, array $tilted, string $part, array $at): array
    {
        $ways = [Vector::AXES[0], Vector::AXES[1], Vector::AXES[2]];
        $degree = M_PI / 180;
        $from = Vector::plus($at, $body->roots['pelvis'], -1);
        foreach ($tilted as $axis) {
            $ways[] = Vector::times(Vector::cross($axis, $from), $degree);
        }
        foreach ($this->chains[$part] ?? [] as $hinge) {
            [$axis, $on] = $body->axes[$hinge];
            $ways[6 + $hinge] = Vector::times(Vector::cross($axis, Vector::plus($at, $on, -1)), $degree);
        }

        return $ways;
    }

    /**
     * @param array<int, Vec> $ways
     * @param Vec             $direction
     *
     * @return Row
     */
    private function along(array $ways, array $direction): array
    {
        return array_map(static fn(array $way): float => Vector::dot($way, $direction), $ways);
    }

    /**
     * @param Row $a
     * @param Row $b
     *
     * @return Row
     */
    private function less(array $a, array $b): array
    {
        foreach ($b as $at => $value) {
            $a[$at] = ($a[$at] ?? 0.0) - $value;
        }

        return $a;
    }
}
