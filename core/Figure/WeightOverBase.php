<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

use EvenRungs\Body\Side;

/**
 * Whether the weight, with what is held and pulls, stays over what carries it.
 *
 * @phpstan-import-type Vec from Vector
 * @phpstan-import-type Row from Ways
 */
final class WeightOverBase
{
    /** Of the base, about its middle, in which the weight is kept. */
    private const SAFE = 0.8;

    /** @return list<array{Row, float}> along both ways on the floor: how it changes, and how far it is beyond */
    public static function of(Ways $ways, Pose $pose, Setting $setting): array
    {
        if (! $setting->isBalanced($pose) || $pose->supports === []) {
            return [];
        }
        $body = $ways->body;
        [$places, $base] = [[], [[], []]];
        foreach ($pose->supports as $support) {
            $at = $body->at($support->spot);
            $places[] = [$at[0], $at[1]];
            foreach ([0, 1] as $axis) {
                $base[$axis] = Ways::less($base[$axis], array_map(static fn(float $way): float => -$way / count($pose->supports), $ways->along($support->spot, Vector::AXES[$axis])));
            }
        }
        [$mass, $centre, $rows] = self::weighed($ways, $setting);
        $to = (new Base($places))->shrunk(self::SAFE)->nearest($centre);
        $falls = [];
        foreach ([0, 1] as $axis) {
            if (abs($centre[$axis] - $to[$axis]) > 1e-6) {
                $falls[] = [Ways::less(array_map(static fn(float $value): float => $value / $mass, $rows[$axis]), $base[$axis]), $centre[$axis] - $to[$axis]];
            }
        }

        return $falls;
    }

    /** @return array{float, array{float, float}, array{Row, Row}} all weight in body weights, over which place of the floor it is, and how that changes, times the weight */
    private static function weighed(Ways $ways, Setting $setting): array
    {
        $body = $ways->body;
        $moved = [];
        foreach (['pelvis', ...array_keys(Skeleton::parts())] as $name) {
            [$segment, $side] = Skeleton::parts()[$name] ?? [Segment::Pelvis, Side::Both];
            $moved[] = [$ways->of($name, $body->point($segment, $side, $segment->centre())), $segment->mass()];
        }
        [, $sum] = $body->mass();
        $mass = 1.0;
        $push = [0.0, 0.0];
        foreach ($setting->loads($body) as [$at, $force, $part]) {
            $moved[] = [$ways->of($part, $at), -$force[2]];
            // Weights shift the centre, sideways pulls tip it by their height.
            $mass -= $force[2];
            $sum = Vector::plus($sum, $at, -$force[2]);
            $push = [$push[0] + $force[0] * $at[2], $push[1] + $force[1] * $at[2]];
        }
        $rows = [[], []];
        foreach ($moved as [$of, $weight]) {
            foreach ([0, 1] as $axis) {
                foreach (Ways::towards($of, Vector::AXES[$axis]) as $at => $value) {
                    $rows[$axis][$at] = ($rows[$axis][$at] ?? 0.0) + $weight * $value;
                }
            }
        }

        return [$mass, [($sum[0] + $push[0]) / $mass, ($sum[1] + $push[1]) / $mass], $rows];
    }
}
