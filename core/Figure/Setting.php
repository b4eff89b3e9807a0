<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

/**
 * The kit of a figure, for a body of usual size.
 *
 * @phpstan-import-type Vec from Vector
 */
final readonly class Setting
{
    /** Of whom nothing is known: said where it matters. */
    public const STATURE = 170.0;

    public const MASS = 70.0;

    public const GRAVITY = 9.81;

    /** @param list<Kit> $kit */
    public function __construct(public array $kit) {}

    /**
     * @param mixed $data list of pieces (Kit::of)
     *
     * @throws \InvalidArgumentException
     */
    public static function of(mixed $data): self
    {
        $kit = [];
        foreach (is_array($data) ? $data : [] as $piece) {
            $kit[] = Kit::of(is_array($piece) ? $piece : [is_scalar($piece) ? (string) $piece : '' => null]);
        }

        return new self($kit);
    }

    /** Of all that weighs on the body. */
    public function kilograms(): float
    {
        return array_sum(array_map(static fn(Kit $piece): float => $piece->kg, $this->kit));
    }

    /** Of the strongest band, cable or loop. */
    public function newtons(): float
    {
        return max([0.0, ...array_map(static fn(Kit $piece): float => $piece->pull, $this->kit)]);
    }

    /** What weighs and pulls, so many times as much of it. */
    public function loaded(float $times): self
    {
        return new self(array_map(static fn(Kit $piece): Kit => $piece->resists() ? $piece->resisting($piece->kg * $times, $piece->pull * $times) : $piece, $this->kit));
    }

    /** Every band, cable and loop at this pull. */
    public function pulling(float $newtons): self
    {
        return new self(array_map(static fn(Kit $piece): Kit => $piece->pull > 0 ? $piece->resisting($piece->kg, $newtons) : $piece, $this->kit));
    }

    /** @throws \InvalidArgumentException */
    public function surface(string $name): Surface
    {
        if ($name === 'floor') {
            return new Surface(null, 0.0);
        }
        foreach ($this->kit as $piece) {
            if ($piece->kind->value === $name && $piece->kind->isSurface()) {
                return new Surface($piece, $piece->height / self::STATURE);
            }
        }
        throw new \InvalidArgumentException("Something is carried by “{$name}”, which is not among the kit.");
    }

    /**
     * The kit that nothing goes through: where it stood before, else under what it carries.
     *
     * @param list<Support> $supports
     *
     * @return array<string, Solid> by kind and number
     */
    public function solids(Skeleton $body, array $supports, ?Stood $planted = null): array
    {
        $solids = array_filter($planted->solids ?? [], static fn(Solid $solid): bool => $solid->stays());
        foreach ($this->kit as $piece) {
            if (! $piece->kind->isSurface() || $piece->kind->isGripped() || isset($solids["{$piece->kind->value} 0"])) {
                continue;
            }
            $own = array_values(array_filter($supports, static fn(Support $support): bool => $support->surface === $piece->kind->value));
            $carried = array_map(static fn(Support $support): array => $body->at($support->spot), $own);
            $normal = (new Surface($piece, 0.0))->normal();
            foreach (Solid::under($piece, $carried, array_map(static fn(array $at, Support $support): array => Vector::plus($at, $normal, -$support->spot->contact->radius()), $carried, $own)) as $number => $solid) {
                $solids["{$piece->kind->value} {$number}"] = $solid;
            }
        }

        return $solids;
    }

    /** Whether the body rests on what lies under it alone, and so has to keep its weight over that. */
    public function isBalanced(Pose $pose): bool
    {
        $gripped = 0;
        foreach ($pose->supports as $support) {
            $surface = $this->surface($support->surface);
            if ($surface->isUpright()) {
                return false;
            }
            $gripped += $surface->isGripped() ? 1 : 0;
        }

        // Hanging, the weight is under the bar as it is over the floor in standing.
        return $pose->supports !== [] && ($gripped === 0 || $gripped === count($pose->supports));
    }

    /** @return list<string> bands that would lead into the body, in sentences */
    public function amiss(Skeleton $body): array
    {
        $amiss = [];
        foreach ($this->kit as $piece) {
            if ($piece->anchor === null) {
                continue;
            }
            $anchor = Vector::times($piece->anchor, 1 / self::STATURE);
            foreach (Contact::cases() as $contact) {
                foreach (Spot::named($contact->value) as $spot) {
                    if (Vector::length(Vector::plus($body->at($spot), $anchor, -1)) < $contact->radius() + 0.01) {
                        $amiss[] = "The {$piece->kind->value} leads to a place inside the body, at the ".str_replace('-', ' ', $spot->name()).'.';
                    }
                }
            }
        }

        return array_slice($amiss, 0, 1);
    }

    /**
     * Weights and pulls from outside.
     *
     * @return list<array{Vec, Vec, string}> where, as parts of stature; how much, in weights of the body; on which part
     */
    public function loads(Skeleton $body, float $mass = self::MASS, float $stature = self::STATURE): array
    {
        $forces = [];
        foreach ($this->kit as $piece) {
            $count = max(1, count($piece->at));
            foreach ($piece->at as $spot) {
                $at = $body->at($spot);
                if ($piece->kg > 0) {
                    $forces[] = [$at, [0.0, 0.0, -$piece->kg / $mass / $count], $spot->part()];
                }
                if ($piece->anchor !== null && $piece->pull > 0) {
                    $anchor = Vector::times($piece->anchor, 1 / $stature);
                    $forces[] = [$at, Vector::times(Vector::unit(Vector::plus($anchor, $at, -1)), $piece->pull / $mass / self::GRAVITY / $count), $spot->part()];
                }
            }
            if ($piece->kind === KitKind::Loop && $piece->pull > 0 && count($piece->at) === 2) {
                [$one, $other] = [$body->at($piece->at[0]), $body->at($piece->at[1])];
                $pull = Vector::times(Vector::unit(Vector::plus($other, $one, -1)), $piece->pull / $mass / self::GRAVITY);
                $forces[] = [$one, $pull, $piece->at[0]->part()];
                $forces[] = [$other, Vector::times($pull, -1), $piece->at[1]->part()];
            }
        }

        return $forces;
    }
}
