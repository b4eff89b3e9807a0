<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

/** A piece of kit of a figure: what carries at some height, what hangs on the body, what pulls it. */
final readonly class Kit
{
    /** No grip holds more, and no bar is meant to. */
    private const HEAVIEST = 300;

    private const STRONGEST = 1000;

    /**
     * @param float                            $height cm above the floor
     * @param 'front'|'back'|'left'|'right'    $side   of the person's place on which a wall stands
     * @param list<Spot>                       $at     where it hangs or pulls
     * @param float                            $kg     all of it together
     * @param float                            $pull   newtons, all of it together
     * @param array{float, float, float}|null  $anchor cm from the place on the floor under the hips at the start
     */
    private function __construct(public KitKind $kind, public float $height, public string $side, public array $at, public float $kg, public float $pull, public ?array $anchor) {}

    /**
     * @param array<array-key, mixed> $data the kind with its height, side or place, as in `{bench: 45}`, `{wall: front}`,
     *                                      `{kettlebell: left-hand, kg: 16}`, `{band: hands, to: [0, 150, 120], pull: 60}`
     *
     * @throws \InvalidArgumentException
     */
    public static function of(array $data): self
    {
        $name = (string) array_key_first($data);
        $kind = KitKind::tryFrom($name) ?? throw new \InvalidArgumentException("There is no drawing of “{$name}”.");
        $unknown = array_diff(array_keys($data), [$name, 'kg', 'pull', 'to']);
        if ($unknown !== []) {
            throw new \InvalidArgumentException("“{$name}” has no “".implode('”, “', $unknown).'”.');
        }
        $value = $data[$name];
        $side = $kind === KitKind::Wall ? $value : 'front';
        if (! in_array($side, ['front', 'back', 'left', 'right'], true)) {
            throw new \InvalidArgumentException('A wall stands to the front, back, left or right.');
        }
        $isPlaced = ! $kind->isSurface();
        if ($isPlaced && ! is_string($value)) {
            throw new \InvalidArgumentException("“{$name}” needs the place of the body it is at.");
        }
        $to = $data['to'] ?? null;
        if ($kind === KitKind::Band && $to === null) {
            throw new \InvalidArgumentException('A band needs the place “to” which it pulls.');
        }

        return new self(
            $kind,
            $isPlaced || $kind === KitKind::Wall || $value === null ? $kind->usualHeight() : self::number($value, 'The height of “'.$name.'”', 0, 260),
            $side,
            $isPlaced ? Spot::named($value) : [],
            self::number($data['kg'] ?? ($kind->isWeight() ? 8 : 0), 'A load', $kind->isWeight() ? 0.1 : 0, self::HEAVIEST),
            self::number($data['pull'] ?? ($kind === KitKind::Band ? 60 : ($kind === KitKind::Loop ? 40 : 0)), 'A pull', $kind === KitKind::Band ? 1 : 0, self::STRONGEST),
            $to === null ? null : self::place($to),
        );
    }

    /** Whether it weighs or pulls on the body. */
    public function resists(): bool
    {
        return $this->kg > 0 || $this->pull > 0;
    }

    /** The same with another weight and pull. */
    public function resisting(float $kg, float $pull): self
    {
        return new self($this->kind, $this->height, $this->side, $this->at, $kg, $pull, $this->anchor);
    }

    public function isUpright(): bool
    {
        return $this->kind === KitKind::Wall;
    }

    private static function number(mixed $value, string $what, float $least, float $most): float
    {
        if ((! is_int($value) && ! is_float($value)) || $value < $least || $value > $most) {
            throw new \InvalidArgumentException("{$what} is from {$least} to {$most}.");
        }

        return (float) $value;
    }

    /** @return array{float, float, float} */
    private static function place(mixed $to): array
    {
        if (! is_array($to) || ! array_is_list($to) || count($to) !== 3) {
            throw new \InvalidArgumentException('The place a band pulls to has three numbers: forward, left and up, in centimetres.');
        }

        return [self::number($to[0], 'A distance', -400, 400), self::number($to[1], 'A distance', -400, 400), self::number($to[2], 'A height', 0, 300)];
    }
}
