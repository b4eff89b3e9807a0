<?php

declare(strict_types=1);

namespace EvenRungs\Statics;

use EvenRungs\Body\Side;
use EvenRungs\Figure\Base;
use EvenRungs\Figure\Segment;
use EvenRungs\Figure\Setting;
use EvenRungs\Figure\Skeleton;
use EvenRungs\Figure\Spot;
use EvenRungs\Figure\Stood;
use EvenRungs\Figure\Support;
use EvenRungs\Figure\Vector;

/**
 * A body at rest: what its supports give, and what that asks of it. A still, rigid model: no muscles, no movement.
 *
 * Lengths are parts of stature and forces are weights of the body, so that a body's own size is put in at the end.
 *
 * @phpstan-import-type Vec from Vector
 */
final readonly class Rest
{
    /** Equations that are off by more than this part of the body's weight cannot be met. */
    private const CAN_BE = 0.01;

    private const UPPER = ['middle', 'chest', 'head', 'left-upper-arm', 'right-upper-arm', 'left-forearm', 'right-forearm', 'left-hand', 'right-hand'];

    /**
     * @param list<array{Spot, Vec, Vec}> $supports which place, where, and the force on the body
     * @param list<array{Vec, Vec, string}> $loads  where, force, and the part of the body it acts on
     * @param float                       $off      how far from rest, in body weights
     */
    private function __construct(private Stood $stood, public array $supports, private array $loads, public float $off) {}

    public static function of(Stood $stood, Setting $setting, float $mass = Setting::MASS, float $stature = Setting::STATURE): self
    {
        $loads = $setting->loads($stood->body, $mass, $stature);
        [$own, $centre] = $stood->body->mass();
        $needed = self::wrench($centre, [0.0, 0.0, $own], $centre);
        foreach ($loads as [$at, $force]) {
            $needed = array_map(static fn(float $a, float $b): float => $a - $b, $needed, self::wrench($at, $force, $centre));
        }
        $pushes = array_map(static fn(Support $support): Push => Push::of($support, $stood, $setting), $stood->supports);
        [$cost, $effects] = [[], []];
        foreach ($pushes as $which => $push) {
            foreach ($push->ways as $way) {
                $column = array_fill(0, 3 * count($pushes), 0.0);
                array_splice($column, 3 * $which, 3, $way);
                $cost[] = $column;
                $effects[] = self::wrench($push->at, $way, $centre);
            }
        }
        [$amounts, $off] = LeastForces::of($cost, $effects, $needed);
        $supports = [];
        $next = 0;
        foreach ($pushes as $push) {
            $force = [0.0, 0.0, 0.0];
            foreach ($push->ways as $way) {
                $force = Vector::plus($force, $way, $amounts[$next++] ?? 0.0);
            }
            $supports[] = [$push->support->spot, $push->at, $force];
        }

        return new self($stood, $supports, $loads, $off);
    }

    /** Whether its supports can keep it at rest at all. */
    public function canBe(): bool
    {
        return $this->off < self::CAN_BE;
    }

    /** What the low back resists, at the cut between the middle and the lower trunk, in the axes of the pelvis. */
    public function lowBack(float $mass = Setting::MASS, float $stature = Setting::STATURE): TrunkMoment
    {
        $moment = $this->momentOn(self::UPPER, $this->stood->body->roots['middle']);
        [$x, $y, $z] = $this->stood->body->turns['pelvis'];
        $newtonMetres = $mass * Setting::GRAVITY * $stature / 100;

        return new TrunkMoment(Vector::dot($moment, $y) * $newtonMetres, Vector::dot($moment, $x) * $newtonMetres, Vector::dot($moment, $z) * $newtonMetres, $mass);
    }

    /** N between arm and trunk, of the side with more. */
    public function shoulderForce(float $mass = Setting::MASS): float
    {
        return $this->worse(static fn(string $side): array => ["{$side}-upper-arm", "{$side}-forearm", "{$side}-hand"]) * $mass * Setting::GRAVITY;
    }

    /** N between hand and forearm, of the side with more. */
    public function wristForce(float $mass = Setting::MASS): float
    {
        return $this->worse(static fn(string $side): array => ["{$side}-hand"]) * $mass * Setting::GRAVITY;
    }

    /** N·m at the hip, of the side with more. */
    public function hipMoment(float $mass = Setting::MASS, float $stature = Setting::STATURE): float
    {
        return max($this->hipMoments($mass, $stature));
    }

    /** @return array{left: float, right: float} N·m */
    public function hipMoments(float $mass = Setting::MASS, float $stature = Setting::STATURE): array
    {
        $of = fn(string $side): float => Vector::length($this->momentOn(["{$side}-thigh", "{$side}-shank", "{$side}-foot"], $this->stood->body->roots["{$side}-thigh"])) * $mass * Setting::GRAVITY * $stature / 100;

        return ['left' => $of('left'), 'right' => $of('right')];
    }

    /**
     * @param list<string> $contacts
     *
     * @return float upward force on these places of the body, as a part of its weight
     */
    public function carriedBy(array $contacts): float
    {
        $sum = 0.0;
        foreach ($this->supports as [$spot, , $force]) {
            $sum += in_array($spot->contact->value, $contacts, true) ? $force[2] : 0.0;
        }

        return $sum;
    }

    /**
     * How far inside the base the net outside force meets the floor; below nought where it is outside.
     *
     * @return float|null part of stature; null where the floor does not carry alone
     */
    public function margin(Setting $setting): ?float
    {
        $base = [];
        foreach ($this->stood->supports as $support) {
            if ($setting->surface($support->surface)->isUpright() || $setting->surface($support->surface)->isGripped()) {
                return null;
            }
            [$x, $y] = $this->stood->contact($support);
            $base[] = [$x, $y];
        }
        [$mass, $centre] = $this->stood->body->mass();
        [$down, $sum] = [$mass, [$centre[0] * $mass, $centre[1] * $mass]];
        foreach ($this->loads as [$at, $force]) {
            $down -= $force[2];
            $sum = [$sum[0] - $at[0] * $force[2] + $at[2] * $force[0], $sum[1] - $at[1] * $force[2] + $at[2] * $force[1]];
        }

        return $base === [] ? null : (new Base($base))->margin([$sum[0] / $down, $sum[1] / $down]);
    }

    /** @param \Closure(string): list<string> $parts of a side */
    private function worse(\Closure $parts): float
    {
        $forces = [];
        foreach (['left', 'right'] as $side) {
            $sum = [0.0, 0.0, 0.0];
            foreach ($this->acting($parts($side)) as [, $force]) {
                $sum = Vector::plus($sum, $force);
            }
            $forces[] = Vector::length($sum);
        }

        return max($forces);
    }

    /**
     * @param list<string> $parts
     * @param Vec          $about
     *
     * @return Vec of all outside forces on these parts, in weights of the body times stature
     */
    private function momentOn(array $parts, array $about): array
    {
        $moment = [0.0, 0.0, 0.0];
        foreach ($this->acting($parts) as [$at, $force]) {
            $moment = Vector::plus($moment, Vector::cross(Vector::plus($at, $about, -1), $force));
        }

        return $moment;
    }

    /**
     * @param list<string> $parts
     *
     * @return list<array{Vec, Vec}> weights, supports and loads on these parts: where and how much
     */
    private function acting(array $parts): array
    {
        $acting = [];
        foreach ($parts as $name) {
            [$segment, $side] = Skeleton::parts()[$name] ?? [Segment::Pelvis, Side::Both];
            $acting[] = [$this->stood->body->point($segment, $side, $segment->centre()), [0.0, 0.0, -$segment->mass()]];
        }
        foreach ($this->supports as [$spot, $at, $force]) {
            if (in_array($spot->part(), $parts, true)) {
                $acting[] = [$at, $force];
            }
        }
        foreach ($this->loads as [$at, $force, $part]) {
            if (in_array($part, $parts, true)) {
                $acting[] = [$at, $force];
            }
        }

        return $acting;
    }

    /**
     * @param Vec $at
     * @param Vec $force
     * @param Vec $about
     *
     * @return list<float> force and moment
     */
    private static function wrench(array $at, array $force, array $about): array
    {
        return [...$force, ...Vector::cross(Vector::plus($at, $about, -1), $force)];
    }
}
