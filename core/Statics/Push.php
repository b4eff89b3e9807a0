<?php

declare(strict_types=1);

namespace EvenRungs\Statics;

use EvenRungs\Figure\Contact;
use EvenRungs\Figure\KitKind;
use EvenRungs\Figure\Setting;
use EvenRungs\Figure\Stood;
use EvenRungs\Figure\Support;
use EvenRungs\Figure\Vector;

/**
 * One support of a body, and the directions in which it can push.
 *
 * Floor, wall and bench push, with friction up to 0.6 of that; wheel and slider have none along their travel; a ball
 * pushes along its two contacts; a strap pulls; a bar that is gripped does both.
 *
 * @phpstan-import-type Vec from Vector
 */
final readonly class Push
{
    /** Bare skin, shoe or mat on a floor: a common value, our choice. */
    public const FRICTION = 0.6;

    private const ROUND = 8;

    /**
     * @param Vec       $at
     * @param list<Vec> $ways directions, any sum of which with positive parts it can give
     */
    private function __construct(public Support $support, public array $at, public array $ways) {}

    public static function of(Support $support, Stood $stood, Setting $setting): self
    {
        $surface = $setting->surface($support->surface);
        $normal = $surface->normal();
        $middle = $stood->contact($support);
        $at = $surface->isGripped() ? $middle : Vector::plus($middle, $normal, -$support->spot->contact->radius());
        [$x, $y, $z] = Vector::AXES;

        return new self($support, $at, match ($surface->kit?->kind) {
            KitKind::Bar => self::bothWays([$x, $y, $z]),
            KitKind::Strap => [$z],
            KitKind::Wheel, KitKind::Slider => [Vector::plus($z, $y, self::FRICTION), Vector::plus($z, $y, -self::FRICTION)],
            KitKind::Ball => self::ball($at, $stood, $support->surface),
            default => self::cone($normal, $support->spot->contact),
        });
    }

    /**
     * @param list<Vec> $axes
     *
     * @return list<Vec>
     */
    private static function bothWays(array $axes): array
    {
        return [...$axes, ...array_map(static fn(array $axis): array => Vector::times($axis, -1), $axes)];
    }

    /**
     * @param Vec $at
     *
     * @return list<Vec> from where it rests on the floor to the body, with friction across its travel
     */
    private static function ball(array $at, Stood $stood, string $name): array
    {
        $places = [];
        foreach ($stood->supports as $support) {
            if ($support->surface === $name) {
                $places[] = $stood->contact($support);
            }
        }
        $foot = [0.0, 0.0, 0.0];
        foreach ($places as $place) {
            $foot = Vector::plus($foot, [$place[0], $place[1], 0.0], 1 / count($places));
        }
        $up = Vector::unit(Vector::plus($at, $foot, -1));

        return [Vector::plus($up, Vector::AXES[1], self::FRICTION), Vector::plus($up, Vector::AXES[1], -self::FRICTION)];
    }

    /**
     * @param Vec $normal
     *
     * @return list<Vec>
     */
    private static function cone(array $normal, Contact $contact): array
    {
        $one = abs($normal[2]) > 0.5 ? Vector::AXES[0] : Vector::AXES[2];
        $two = Vector::cross($normal, $one);
        $ways = [];
        // Lying, the clothes and the trunk's own weight spread: it is not meant to push sideways either.
        $friction = $contact === Contact::Head ? 0.0 : self::FRICTION;
        for ($at = 0; $at < ($friction > 0 ? self::ROUND : 1); $at++) {
            $turn = 2 * M_PI * $at / self::ROUND;
            $ways[] = Vector::plus(Vector::plus($normal, $one, $friction * cos($turn)), $two, $friction * sin($turn));
        }

        return $ways;
    }
}
