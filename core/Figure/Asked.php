<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

/**
 * What is asked of a body in a pose: that every carrying place is where it belongs, that places meet, that the weight
 * is over what carries it, and that nothing is in the way.
 *
 * @phpstan-import-type Vec from Vector
 * @phpstan-import-type Row from Ways
 */
final class Asked
{
    /** Places that meet need not do so more closely than this: some 3 cm of clothes, and of what hands close round. */
    private const MEET = 0.018;

    /** @var list<Row> how each changes with the freedoms of the body */
    public array $rows = [];

    /** @var list<float> how far each is off, as parts of stature */
    public array $off = [];

    /** @var list<string> sentences with a place for the distance */
    private array $says = [];

    /**
     * @param array<string, Vec> $held  places that stay where they were, by name
     * @param array<string, Apart> $apart what is kept out; these rows come last
     */
    public function __construct(private readonly Ways $ways, private readonly Pose $pose, private readonly Setting $setting, array $held, array $apart, bool $isMoving)
    {
        $this->carry($held);
        $this->meet();
        foreach ($isMoving ? [] : WeightOverBase::of($ways, $pose, $setting) as [$row, $by]) {
            $this->ask($row, $by, 'The weight hangs %s beyond what carries it.');
        }
        foreach ($apart as $one) {
            $this->ask($ways->along($one->spot, $one->out), $one->gap, $one->says());
        }
    }

    public function worst(): float
    {
        return $this->off === [] ? 0.0 : max(array_map(abs(...), $this->off));
    }

    /** @return list<string> what is further off than may be */
    public function amiss(float $within): array
    {
        $amiss = [];
        foreach ($this->off as $at => $by) {
            if (abs($by) > $within) {
                $amiss[] = sprintf($this->says[$at] ?? '%s', sprintf('%.1f cm', abs($by) * Setting::STATURE));
            }
        }

        return $amiss;
    }

    /** @param array<string, Vec> $held */
    private function carry(array $held): void
    {
        $walls = [];
        foreach ($this->pose->supports as $support) {
            $spot = $support->spot;
            $at = $this->ways->body->at($spot);
            $surface = $this->setting->surface($support->surface);
            $says = "The {$spot->said()} is %s from the {$support->surface}.";
            if (isset($held[$spot->name()])) {
                foreach ([0, 1, 2] as $axis) {
                    $this->ask($this->ways->along($spot, Vector::AXES[$axis]), $at[$axis] - $held[$spot->name()][$axis], "The {$spot->said()} is %s from where it stood.");
                }
            } elseif ($surface->isUpright()) {
                // Where a wall stands is said by the first place on it.
                $row = $this->ways->along($spot, $surface->normal());
                $from = Vector::dot($at, $surface->normal()) - $spot->contact->radius();
                [$first, $there] = $walls[$support->surface] ??= [$row, $from];
                $this->ask(Ways::less($row, $first), $from - $there, $says);
            } else {
                $this->ask($this->ways->along($spot, Vector::AXES[2]), $at[2] - $surface->height - ($surface->isGripped() ? 0.0 : $spot->contact->radius()), $says);
            }
        }
    }

    private function meet(): void
    {
        foreach ($this->pose->touches as [$one, $other]) {
            $between = Vector::plus($this->ways->body->at($one), $this->ways->body->at($other), -1);
            $towards = Vector::unit($between);
            $this->ask(
                Ways::less($this->ways->along($one, $towards), $this->ways->along($other, $towards)),
                max(0.0, Vector::length($between) - $one->contact->radius() - $other->contact->radius() - self::MEET),
                "The {$one->said()} is %s from the {$other->said()}.",
            );
        }
    }

    /** @param Row $row */
    private function ask(array $row, float $by, string $says): void
    {
        $this->rows[] = $row;
        $this->off[] = $by;
        $this->says[] = $says;
    }
}
