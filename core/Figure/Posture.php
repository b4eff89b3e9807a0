<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

use EvenRungs\Body\Side;

/** All angles of a body, in degrees, and how its pelvis lies in space. */
final readonly class Posture
{
    /** How far a blade can be moved from rest, as parts of stature: a shrug or a reach of some 5 cm. */
    private const BLADE = 3;

    /**
     * @param array{float, float, float}  $tilt   of the pelvis from how it lies: forward about y, to the right about x, to the left about z
     * @param array<string, list<float>>  $angles by joint, paired ones with their side (`left-hip`); every joint is there
     * @param array<'left'|'right', array{float, float}> $blades how far the shoulder is raised, and brought forward: hundredths of stature
     */
    public function __construct(public Attitude $lies, public array $tilt, public array $angles, public array $blades) {}

    /**
     * What is not named is at nought. `shoulder` is both sides, `left: {shoulder: …}` one of them, which wins.
     *
     * @param array<array-key, mixed> $data lies, tilt, joints by name, blade, left, right
     *
     * @throws \InvalidArgumentException
     */
    public static function of(array $data): self
    {
        $angles = [];
        $blades = ['left' => [0.0, 0.0], 'right' => [0.0, 0.0]];
        foreach (Joint::cases() as $joint) {
            $both = self::angles($joint, $data[$joint->value] ?? []);
            if (! $joint->isPaired()) {
                $angles[$joint->value] = $both;

                continue;
            }
            foreach ([Side::Left, Side::Right] as $side) {
                $own = is_array($data[$side->value] ?? null) ? $data[$side->value] : [];
                $angles["{$side->value}-{$joint->value}"] = array_key_exists($joint->value, $own) ? self::angles($joint, $own[$joint->value]) : $both;
            }
        }
        foreach (['left', 'right'] as $side) {
            $own = is_array($data[$side] ?? null) ? $data[$side] : [];
            $blade = self::numbers($own['blade'] ?? $data['blade'] ?? [], 2, 'blade', self::BLADE);
            $blades[$side] = [$blade[0], $blade[1]];
        }
        $tilt = self::numbers($data['tilt'] ?? [], 3, 'tilt', 180);

        return new self(
            Attitude::tryFrom(is_string($data['lies'] ?? null) ? $data['lies'] : 'upright') ?? throw new \InvalidArgumentException('A body is upright, prone, supine, or on its left-side or right-side.'),
            [$tilt[0], $tilt[1], $tilt[2]],
            $angles,
            $blades,
        );
    }

    /** Between this and another, each angle as far along. */
    public function towards(self $other, float $part): self
    {
        $mix = static fn(float $a, float $b): float => $a + ($b - $a) * $part;
        $angles = [];
        foreach ($this->angles as $joint => $values) {
            $angles[$joint] = array_map($mix, $values, $other->angles[$joint] ?? $values);
        }

        return new self(
            $this->lies,
            [$mix($this->tilt[0], $other->tilt[0]), $mix($this->tilt[1], $other->tilt[1]), $mix($this->tilt[2], $other->tilt[2])],
            $angles,
            ['left' => [$mix($this->blades['left'][0], $other->blades['left'][0]), $mix($this->blades['left'][1], $other->blades['left'][1])], 'right' => [$mix($this->blades['right'][0], $other->blades['right'][0]), $mix($this->blades['right'][1], $other->blades['right'][1])]],
        );
    }

    /**
     * The same with some angles changed, each within the range of its joint.
     *
     * @param array<string, list<int|float>> $by   degrees, by joint with its side
     * @param array{int, int, int}           $tilt degrees
     */
    public function with(array $by, array $tilt = [0, 0, 0]): self
    {
        $angles = $this->angles;
        foreach ($by as $name => $change) {
            $joint = Joint::from((string) preg_replace('/^(left|right)-/', '', $name));
            $was = $angles[$name] ?? [];
            $angles[$name] = array_map(static fn(int $at, Hinge $hinge): float => max($hinge->min, min($hinge->max, ($was[$at] ?? 0.0) + ($change[$at] ?? 0))), array_keys($joint->hinges()), $joint->hinges());
        }

        return new self($this->lies, [$this->tilt[0] + $tilt[0], $this->tilt[1] + $tilt[1], $this->tilt[2] + $tilt[2]], $angles, $this->blades);
    }

    /** The same with both shoulders raised and brought forward by so much: hundredths of stature. */
    public function withBlades(float $raised, float $forward): self
    {
        [$left, $right] = [$this->blades['left'], $this->blades['right']];

        return new self($this->lies, $this->tilt, $this->angles, ['left' => [$left[0] + $raised, $left[1] + $forward], 'right' => [$right[0] + $raised, $right[1] + $forward]]);
    }

    /** Left and right changed over. */
    public function mirrored(): self
    {
        $angles = [];
        foreach ($this->angles as $joint => $values) {
            $name = match (true) {
                str_starts_with($joint, 'left-') => 'right-'.substr($joint, 5),
                str_starts_with($joint, 'right-') => 'left-'.substr($joint, 6),
                default => $joint,
            };
            $angles[$name] = $name === $joint ? [$values[0], -($values[1] ?? 0.0), -($values[2] ?? 0.0)] : $values;
        }

        return new self($this->lies->mirrored(), [$this->tilt[0], -$this->tilt[1], -$this->tilt[2]], $angles, ['left' => $this->blades['right'], 'right' => $this->blades['left']]);
    }

    /** @return list<string> sentences about angles that no body has; empty when all are within their ranges */
    public function beyond(): array
    {
        $beyond = [];
        foreach (Joint::cases() as $joint) {
            foreach ($joint->isPaired() ? ['left-', 'right-'] : [''] as $side) {
                foreach ($joint->hinges() as $at => $hinge) {
                    $angle = $this->angles[$side.$joint->value][$at] ?? 0.0;
                    if ($angle < $hinge->min - 0.5 || $angle > $hinge->max + 0.5) {
                        $beyond[] = sprintf('The %s%s is at %d° of %s; it goes from %d° to %d°.', str_replace('-', ' ', $side), $joint->label(), round($angle), $hinge->name, $hinge->min, $hinge->max);
                    }
                }
            }
        }
        foreach (Joint::LowBack->hinges() as $at => $hinge) {
            $sum = ($this->angles['low-back'][$at] ?? 0.0) + ($this->angles['mid-back'][$at] ?? 0.0);
            if ($sum < $hinge->min - 0.5 || $sum > $hinge->max + 0.5) {
                $beyond[] = sprintf('The back as a whole is at %d° of %s; it goes from %d° to %d°.', round($sum), $hinge->name, $hinge->min, $hinge->max);
            }
        }

        return $beyond;
    }

    /** @return list<float> */
    private static function angles(Joint $joint, mixed $value): array
    {
        return self::numbers($value, count($joint->hinges()), $joint->value, 360);
    }

    /** @return list<float> as many as asked for, those left out nought */
    private static function numbers(mixed $value, int $count, string $what, int $most): array
    {
        $given = is_array($value) ? array_values($value) : [$value];
        if (count($given) > $count) {
            throw new \InvalidArgumentException("“{$what}” takes at most {$count} ".($count === 1 ? 'number.' : 'numbers.'));
        }
        $numbers = [];
        for ($at = 0; $at < $count; $at++) {
            $number = $given[$at] ?? 0;
            if ((! is_int($number) && ! is_float($number)) || abs($number) > $most) {
                throw new \InvalidArgumentException("“{$what}” takes numbers from −{$most} to {$most}.");
            }
            $numbers[] = (float) $number;
        }

        return $numbers;
    }
}
