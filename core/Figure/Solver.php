<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

use EvenRungs\Body\Side;

/**
 * Sets a body on its supports: of all ways in which every carrying place is where it belongs, the one that changes the
 * angles of the pose least (least squares, the spine nearly fixed, by Gauss–Newton steps with exact derivatives).
 *
 * @phpstan-import-type Vec from Vector
 * @phpstan-import-type Row from Ways
 */
final class Solver
{
    /** Half a centimetre of 170. */
    public const WITHIN = 0.003;

    private const STEPS = 60;

    private const SETTLING = 6;

    /** Steps before anything is kept out of a body that is set down: until then it may be too low as a whole. */
    private const FIRST = 4;

    /** How often a place that would have to be drawn down to what is in its way may leave it. */
    private const LEAVES = 4;

    /** A step that changes everything by less than this, in degrees or parts of stature, leads nowhere. */
    private const STILL = 1e-5;

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

    /** @var array<string, Stood> by pose, kit and what was planted: picture, faults, hardness and loads of a rung ask for the same */
    private array $stood = [];

    /** @var \WeakMap<Stood, string> its name in there */
    private \WeakMap $named;

    public function __construct()
    {
        $this->named = new \WeakMap;
        $give = self::ROOT_GIVE;
        foreach (Skeleton::parts() as [, $side, , $joint]) {
            foreach ($joint->hinges() as $hinge) {
                $this->hinges[] = $hinge;
                $this->keys[] = $side === Side::Both ? $joint->value : "{$side->value}-{$joint->value}";
                $give[] = $joint->give();
            }
        }
        $this->give = $give;
    }

    /**
     * @param Setting    $setting the kit it stands on, and what it holds
     * @param Stood|null $planted where its supports were before: what does not slide stays there
     */
    public function stand(Pose $pose, Setting $setting, ?Stood $planted = null): Stood
    {
        $before = $planted === null ? '' : $this->named[$planted] ?? null;
        if ($before === null) {
            return $this->solve($pose, $setting, $planted, false, $planted->body->roots['pelvis'] ?? null);
        }
        $name = sha1(serialize([$pose, $setting, $before]));
        $this->stood[$name] ??= $this->solve($pose, $setting, $planted, false, $planted->body->roots['pelvis'] ?? null);
        $this->named[$this->stood[$name]] = $name;

        return $this->stood[$name];
    }

    /** Without asking whether the weight is kept over what carries it: on the way, and where something is at fault, it need not be. */
    public function fall(Pose $pose, Setting $setting): Stood
    {
        return $this->solve($pose, $setting, null, true, null);
    }

    /**
     * On the way from one stand to another: what both have as supports stays, angles and place are as far along.
     *
     * @param float $part between 0 and 1
     */
    public function between(Pose $from, Pose $to, float $part, Setting $setting, Stood $start, Stood $end): Stood
    {
        $pose = $from->towards($to, $part);
        $place = Vector::plus($start->body->roots['pelvis'], Vector::plus($end->body->roots['pelvis'], $start->body->roots['pelvis'], -1), $part);
        $solids = [...$end->solids, ...$start->solids];
        if ($pose->supports === []) {
            // From one foot to the other: the lowest place is on the floor.
            $body = Skeleton::of($pose->posture, $place);
            $lowest = min(INF, ...array_map(static fn(Spot $spot): float => $body->at($spot)[2] - $spot->contact->radius(), array_values(Spot::all())));
            $body = $body->moved([0.0, 0.0, -$lowest]);
        } else {
            $stood = $this->solve($pose, $setting, new Stood($start->body, $start->supports, 0.0, [], $solids), true, $place);
            if (array_filter($pose->supports, static fn(Support $support): bool => ! $support->slides) !== []) {
                return $stood;
            }
            [$body, $solids] = [$stood->body, $stood->solids];
        }

        // Nothing stays: it is carried as at the nearer end.
        return new Stood($body, $part < 0.5 ? $start->supports : $end->supports, 0.0, [], $solids);
    }

    /** @param Vec|null $place of the hips where nothing stays */
    private function solve(Pose $pose, Setting $setting, ?Stood $planted, bool $isMoving, ?array $place): Stood
    {
        $wanted = $this->degrees($pose->posture);
        $held = $this->held($pose, $planted);
        $from = $this->body($pose->posture, $wanted);
        if ($place === null || $planted === null) {
            $wanted[2] = $this->height($from, $pose, $setting);
        } else {
            // As if what stays had carried it there.
            $moved = $held === [] ? $place : [0.0, 0.0, 0.0];
            foreach ($held as $name => $at) {
                $moved = Vector::plus($moved, Vector::plus($at, $from->at(Spot::named($name)[0]), -1), 1 / count($held));
            }
            [$wanted[0], $wanted[1], $wanted[2]] = $moved;
        }
        // What only rolls over the floor is kept from sliding along it by the hips.
        $give = $planted !== null && $held === [] ? [1e-7, 1e-7, ...array_slice($this->give, 2)] : $this->give;
        $first = $isMoving && $planted !== null ? 0 : self::FIRST;
        $now = $wanted;
        $leaves = [];
        $last = self::STEPS + self::SETTLING;
        for ($step = 0; $step < $last; $step++) {
            $body = $this->body($pose->posture, array_values($now));
            $apart = $step < $first ? [] : $this->apart($body, $pose, $setting->solids($body, $pose->supports, $planted), $leaves);
            $asked = new Asked(new Ways($body), $pose, $setting, $held, $apart, $isMoving);
            $pull = $step < $last - self::SETTLING ? array_map(static fn(float $a, float $b): float => $a - $b, $wanted, $now) : array_fill(0, count($now), 0.0);
            [$change, $multipliers] = $this->change($asked->rows, $asked->off, $pull, $give);
            $leaves = $this->left($leaves, array_keys($apart), $multipliers);
            $largest = max(0.0, ...array_map(abs(...), array_slice($change, 3)));
            $scale = $largest > self::LONGEST ? self::LONGEST / $largest : 1.0;
            $before = $now;
            foreach ($change as $at => $by) {
                $now[$at] += $scale * $by;
            }
            $now = $this->clamped(array_values($now), array_values($wanted));
            if ($step >= $first && $asked->worst() < 1e-5 && $largest < 0.02) {
                break;
            }
            // The end of a joint's range holds it where it is: only what is asked is left to be met.
            $moved = max(0.0, ...array_map(static fn(float $a, float $b): float => abs($a - $b), $before, $now));
            $last = $step >= $first && $moved < self::STILL ? min($last, $step + 1 + self::SETTLING) : $last;
        }
        $body = $this->body($pose->posture, $now);
        $solids = $setting->solids($body, $pose->supports, $planted);
        $asked = new Asked(new Ways($body), $pose, $setting, $held, Apart::of($body, $pose, $solids), $isMoving);

        return new Stood($body, $pose->supports, $asked->worst(), array_values(array_unique([...$pose->posture->beyond(), ...$body->posture->beyond(), ...$asked->amiss(self::WITHIN), ...$setting->amiss($body)])), $solids);
    }

    /**
     * What is in the way, and what was and may not leave yet. Of one part the deepest place comes first: a part is
     * stiff, and asked for all its places at once it could not turn.
     *
     * @param array<string, Solid> $solids
     * @param array<string, int>   $leaves
     *
     * @return array<string, Apart>
     */
    private function apart(Skeleton $body, Pose $pose, array $solids, array $leaves): array
    {
        $kept = array_filter($leaves, static fn(int $left): bool => $left > 0);
        $apart = $deepest = [];
        foreach (Apart::of($body, $pose, $solids, $kept) as $name => $one) {
            if (isset($kept[$name])) {
                $apart[$name] = $one;
            } elseif ($one->gap < ($deepest[$one->spot->part()][0] ?? 0.0)) {
                $deepest[$one->spot->part()] = [$one->gap, $name, $one];
            }
        }
        foreach ($deepest as [, $name, $one]) {
            $apart[$name] = $one;
        }

        return $apart;
    }

    /**
     * @param array<string, int> $leaves      how often each may still leave
     * @param list<string>       $apart       what was kept out, the last of what was asked
     * @param list<float>        $multipliers how hard each of what was asked pushes
     *
     * @return array<string, int>
     */
    private function left(array $leaves, array $apart, array $multipliers): array
    {
        $slack = $multipliers === [] ? 0.0 : -1e-3 * max(array_map(abs(...), $multipliers));
        foreach ($apart as $at => $name) {
            $leaves[$name] = max(0, ($leaves[$name] ?? self::LEAVES) - (($multipliers[count($multipliers) - count($apart) + $at] ?? 0.0) < $slack ? 1 : 0));
        }

        return $leaves;
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
}
