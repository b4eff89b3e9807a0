<?php

declare(strict_types=1);

namespace EvenRungs\Assessment;

use EvenRungs\Method\Answer;
use EvenRungs\Method\Method;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/**
 * How straight a body is in a picture, from marks on it: sag or pike of the hip from the side, level of the pelvis
 * from behind. The camera is taken to be level and square to the body. A picture shows one moment; it diagnoses nothing.
 */
final readonly class Alignment
{
    /** Degrees off the straight line that count as in line (our own choice). */
    private const TOLERANCE = 5.0;

    /** What a method that likes the hips slightly high allows upwards (our own choice). */
    private const HIGH_TOLERANCE = 10.0;

    /** Degrees the pelvis may tilt and still count as level (our own choice). */
    private const LEVEL_TOLERANCE = 3.0;

    private const SIDE = ['ankle', 'knee', 'hip', 'shoulder', 'ear'];

    /**
     * @param float        $degrees     off the line: sag or a lower left side above 0, pike or a lower right side below
     * @param float|null   $centimetres the same as a length; null without a known length
     * @param list<Reason> $reasons     the verdict first, then knee and neck
     */
    private function __construct(public float $degrees, public ?float $centimetres, public bool $inLine, public array $reasons) {}

    /**
     * @param array<string, Point> $marks ankle, knee, hip, shoulder, ear
     *
     * @throws InvalidMarks when one is missing, two lie together, or they are out of order
     */
    public static function fromTheSide(array $marks, ?Scale $scale, Method $method): self
    {
        self::inOrder($marks);
        [$ankle, $knee, $hip, $shoulder, $ear] = array_map(static fn(string $name): Point => $marks[$name], self::SIDE);
        $off = 180 - $hip->angleBetween($shoulder, $knee);
        $below = $hip->below($shoulder, $ankle);
        $degrees = $below >= 0 ? $off : -$off;
        $centimetres = $scale?->centimetres(abs($below));
        $highest = $method->says(Answer::HipsSlightlyHigh) ? self::HIGH_TOLERANCE : self::TOLERANCE;
        $allowed = $degrees >= 0 ? self::TOLERANCE : $highest;
        $inLine = $off <= $allowed;
        $length = $centimetres === null ? '' : ', '.self::number($centimetres).' cm off the line from shoulder to ankle';
        $reasons = [Reason::because(
            Rule::AlignmentSide,
            $inLine
                ? 'In line: the hip is '.self::number($off)." degrees off straight{$length}."
                : 'The hip '.($degrees >= 0 ? 'sags ' : 'pikes ').self::number($off)." degrees{$length}.",
            [
                'angle at the hip' => self::number(180 - $off).' degrees, 180 is straight',
                'tolerance' => self::number($allowed).' degrees '.($degrees >= 0 ? 'down' : 'up'),
                ...($centimetres === null ? ['centimetres' => 'mark a known length to have them'] : []),
            ],
            $inLine ? null : ($degrees >= 0 ? 'Tail tucked, ribs to hips; a shorter hold or the rung below.' : 'Hips lowered until ear, hip and heel make one line.'),
        )];
        foreach (['knee' => [$knee, $hip, $ankle, 10.0], 'neck' => [$shoulder, $ear, $hip, 20.0]] as $name => [$at, $one, $other, $most]) {
            $bend = 180 - $at->angleBetween($one, $other);
            if ($bend > $most) {
                $reasons[] = Reason::because(Rule::AlignmentSide, "The {$name} is bent by ".self::number($bend).' degrees.', ['tolerance' => self::number($most).' degrees']);
            }
        }

        return new self($degrees, $centimetres, $inLine, $reasons);
    }

    /**
     * @param Point $left  the person's left hip bone; seen from behind it is on the left of the picture
     * @param Point $right the right one
     *
     * @throws InvalidMarks when they lie together or the sides are swapped
     */
    public static function fromBehind(Point $left, Point $right, ?Scale $scale): self
    {
        if ($left->distanceTo($right) < 5) {
            throw InvalidMarks::together('the left hip', 'the right hip');
        }
        if ($left->x >= $right->x) {
            throw InvalidMarks::swapped();
        }
        $down = $left->y - $right->y;
        $degrees = rad2deg(atan2($down, $right->x - $left->x));
        $centimetres = $scale?->centimetres(abs($down));
        $inLine = abs($degrees) <= self::LEVEL_TOLERANCE;
        $length = $centimetres === null ? '' : ', '.self::number($centimetres).' cm';

        return new self($degrees, $centimetres, $inLine, [Reason::because(
            Rule::AlignmentBack,
            $inLine
                ? 'Level: the pelvis tilts by '.self::number(abs($degrees))." degrees{$length}."
                : 'The '.($degrees > 0 ? 'left' : 'right').' side of the pelvis is lower by '.self::number(abs($degrees))." degrees{$length}.",
            ['tolerance' => self::number(self::LEVEL_TOLERANCE).' degrees'],
            $inLine ? null : 'The level hip held by the seat of the standing side; a lower rung of the bridge or hip-side ladder.',
        )]);
    }

    /** @param array<string, Point> $marks */
    private static function inOrder(array $marks): void
    {
        foreach (self::SIDE as $index => $name) {
            $before = self::SIDE[$index - 1] ?? null;
            if ($before === null) {
                continue;
            }
            if ($marks[$name]->distanceTo($marks[$before]) < 5) {
                throw InvalidMarks::together("the {$before}", "the {$name}");
            }
        }
        $from = $marks['ankle'];
        $to = $marks['shoulder'];
        if ($from->distanceTo($to) < 5) {
            throw InvalidMarks::together('the ankle', 'the shoulder');
        }
        foreach (self::SIDE as $index => $name) {
            $before = self::SIDE[$index - 1] ?? null;
            if ($before !== null && $marks[$name]->along($from, $to) <= $marks[$before]->along($from, $to)) {
                throw InvalidMarks::order("the {$name}", "the {$before}");
            }
        }
    }

    private static function number(float $value): string
    {
        return number_format($value, 1);
    }
}
