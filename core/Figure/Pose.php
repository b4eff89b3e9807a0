<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

/** A posture, and what carries it: the body as an author wants it, before it is set on its supports. */
final readonly class Pose
{
    /** What a pose says beside the angles of its joints. */
    private const WORDS = ['lies', 'tilt', 'blade', 'left', 'right', 'on', 'slides', 'touch', 'mirrored'];

    /**
     * @param list<Support>           $supports
     * @param list<array{Spot, Spot}> $touches  places that meet: a hand on the chest, both hands in front
     */
    public function __construct(public Posture $posture, public array $supports, public array $touches) {}

    /**
     * @param array<array-key, mixed> $data joints (Posture::of), on: places on the floor, or by surface; slides: the
     *                                      places that travel; touch: pairs of places that meet
     *
     * @throws \InvalidArgumentException
     */
    public static function of(array $data): self
    {
        $joints = array_map(static fn(Joint $joint): string => $joint->value, Joint::cases());
        $unknown = array_diff(array_keys($data), [...$joints, ...self::WORDS]);
        if ($unknown !== []) {
            throw new \InvalidArgumentException('A pose has no “'.implode('”, “', $unknown).'”.');
        }
        $slides = [];
        foreach (self::texts($data['slides'] ?? []) as $name) {
            foreach (Spot::named($name) as $spot) {
                $slides[$spot->name()] = true;
            }
        }
        $on = $data['on'] ?? [];
        $supports = [];
        foreach (is_array($on) && ! array_is_list($on) ? $on : ['floor' => $on] as $surface => $places) {
            foreach (self::texts($places) as $place) {
                foreach (Spot::named($place) as $spot) {
                    $supports[] = new Support($spot, (string) $surface, isset($slides[$spot->name()]));
                }
            }
        }
        $touches = [];
        foreach (is_array($data['touch'] ?? null) ? $data['touch'] : [] as $pair) {
            $names = self::texts($pair);
            if (count($names) !== 2) {
                throw new \InvalidArgumentException('“touch” of a pose takes pairs of places.');
            }
            $touches[] = [Spot::named($names[0])[0], Spot::named($names[1])[0]];
        }
        $pose = new self(Posture::of($data), $supports, $touches);

        return ($data['mirrored'] ?? false) === true ? $pose->mirrored() : $pose;
    }

    public function mirrored(): self
    {
        return new self(
            $this->posture->mirrored(),
            array_map(static fn(Support $support): Support => new Support($support->spot->mirrored(), $support->surface, $support->slides), $this->supports),
            array_map(static fn(array $pair): array => [$pair[0]->mirrored(), $pair[1]->mirrored()], $this->touches),
        );
    }

    /** On the way to another: supports that both have. */
    public function towards(self $other, float $part): self
    {
        $there = [];
        foreach ($other->supports as $support) {
            $there["{$support->spot->name()} {$support->surface}"] = true;
        }
        $met = array_map(self::pair(...), $other->touches);

        return new self(
            $this->posture->towards($other->posture, $part),
            array_values(array_filter($this->supports, static fn(Support $support): bool => isset($there["{$support->spot->name()} {$support->surface}"]))),
            array_values(array_filter($this->touches, static fn(array $pair): bool => in_array(self::pair($pair), $met, true))),
        );
    }

    /** @param array{Spot, Spot} $pair */
    private static function pair(array $pair): string
    {
        return "{$pair[0]->name()} {$pair[1]->name()}";
    }

    /** @return list<string> */
    private static function texts(mixed $value): array
    {
        $texts = is_array($value) ? array_values($value) : [$value];
        $strings = array_values(array_filter($texts, is_string(...)));

        return count($strings) === count($texts) ? $strings : throw new \InvalidArgumentException('Places of a pose are given by name.');
    }
}
