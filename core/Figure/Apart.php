<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

/**
 * A place of the body that the floor or a piece of kit keeps out, although it is not carried there.
 *
 * @phpstan-import-type Vec from Vector
 */
final readonly class Apart
{
    /** Inside by more than this part of stature. */
    private const IN_THE_WAY = 1e-4;

    /**
     * @param Solid|null $solid the floor, where there is none
     * @param float      $gap   how far the place is outside, below nought inside
     * @param Vec        $out   the shortest way out
     */
    private function __construct(public Spot $spot, public ?Solid $solid, public float $gap, public array $out) {}

    /** A sentence with a place for the distance. */
    public function says(): string
    {
        return "The {$this->spot->said()} is %s ".($this->solid === null ? 'under the floor.' : "inside the {$this->solid->kit->kind->value}.");
    }

    /**
     * Every place that is in something's way.
     *
     * @param array<string, Solid> $solids
     * @param array<string, int>   $kept   names of those asked for wherever they are
     *
     * @return array<string, self> by place and solid
     */
    public static function of(Skeleton $body, Pose $pose, array $solids, array $kept = []): array
    {
        $carried = [];
        foreach ($pose->supports as $support) {
            $carried[$support->spot->name()][] = $support->surface;
        }
        $apart = [];
        foreach (Spot::all() as $name => $spot) {
            $at = $body->at($spot);
            $flesh = $spot->contact->radius() - $spot->contact->softness();
            if (! isset($carried[$name]) && ($at[2] - $flesh < -self::IN_THE_WAY || isset($kept["{$name} floor"]))) {
                $apart["{$name} floor"] = new self($spot, null, $at[2] - $flesh, Vector::AXES[2]);
            }
            // Fingers bend round an edge.
            foreach ($spot->contact === Contact::Fingers ? [] : $solids as $which => $solid) {
                [$gap, $out] = $solid->gap($at);
                $gap += $solid->softness() - $flesh;
                if (($gap < -self::IN_THE_WAY || isset($kept["{$name} {$which}"])) && ! in_array($solid->kit->kind->value, $carried[$name] ?? [], true)) {
                    $apart["{$name} {$which}"] = new self($spot, $solid, $gap, $out);
                }
            }
        }

        return $apart;
    }
}
