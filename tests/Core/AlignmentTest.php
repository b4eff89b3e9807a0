<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Assessment\Alignment;
use EvenRungs\Assessment\InvalidMarks;
use EvenRungs\Assessment\Point;
use EvenRungs\Assessment\Scale;
use EvenRungs\Method\Answer;
use EvenRungs\Method\Method;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Sag, pike and tilt from marks on a picture, against triangles worked by hand. */
final class AlignmentTest extends TestCase
{
    public function test_a_body_on_one_line_is_in_line(): void
    {
        $alignment = $this->plank(hipDown: 0);

        self::assertEqualsWithDelta(0.0, $alignment->degrees, 1e-9);
        self::assertTrue($alignment->inLine);
        self::assertCount(1, $alignment->reasons, 'nothing about knee and neck');
    }

    /**
     * By hand: knee 300 px and shoulder 300 px to either side, the hip 30 px lower. Each side is off by
     * atan(30 ÷ 300) = 5.7106°, together 11.4212°; with 2 px to the centimetre the hip is 15 cm low.
     */
    public function test_a_hip_below_the_line_sags_by_the_angle_and_the_height_of_the_triangle(): void
    {
        $alignment = $this->plank(hipDown: 30);

        self::assertEqualsWithDelta(11.4212, $alignment->degrees, 0.0005);
        self::assertEqualsWithDelta(15.0, $alignment->centimetres ?? 0, 1e-9);
        self::assertFalse($alignment->inLine);
        self::assertSame('The hip sags 11.4 degrees, 15.0 cm off the line from shoulder to ankle.', $alignment->reasons[0]->sentence);
    }

    public function test_a_hip_above_it_pikes_by_the_same(): void
    {
        $alignment = $this->plank(hipDown: -30);

        self::assertEqualsWithDelta(-11.4212, $alignment->degrees, 0.0005);
        self::assertStringContainsString('pikes 11.4 degrees', $alignment->reasons[0]->sentence);
    }

    /** By hand, a 3-4-5 triangle: 400 px from ankle to hip, 300 px on to the shoulder, so 90° at the hip, 240 px off the line of 500 px. */
    public function test_a_right_angle_at_the_hip_is_ninety_degrees_and_the_height_of_the_triangle_off(): void
    {
        $marks = ['ankle' => new Point(0, 300), 'knee' => new Point(200, 300), 'hip' => new Point(400, 300), 'shoulder' => new Point(400, 600), 'ear' => new Point(480, 660)];
        $alignment = Alignment::fromTheSide($marks, Scale::of(new Point(0, 0), new Point(200, 0), 100), Method::default());

        self::assertEqualsWithDelta(90.0, abs($alignment->degrees), 1e-9);
        self::assertEqualsWithDelta(120.0, $alignment->centimetres ?? 0, 1e-9);
    }

    public function test_it_is_the_same_whichever_way_the_body_faces_and_however_it_slopes(): void
    {
        self::assertEqualsWithDelta($this->plank(30)->degrees, $this->plank(30, facingLeft: true)->degrees, 1e-9);

        // The whole body turned by 20 degrees, head up, as on a bench: the triangle stays what it is.
        $turned = [];
        foreach ($this->marks(30, false) as $name => $mark) {
            $turned[$name] = new Point($mark->x * cos(deg2rad(-20)) - $mark->y * sin(deg2rad(-20)), $mark->x * sin(deg2rad(-20)) + $mark->y * cos(deg2rad(-20)));
        }
        self::assertEqualsWithDelta($this->plank(30)->degrees, Alignment::fromTheSide($turned, null, Method::default())->degrees, 1e-9);
    }

    public function test_five_degrees_are_in_line_and_a_method_with_high_hips_allows_ten_upwards_only(): void
    {
        // atan(13.09 ÷ 300) × 2 is 4.999°.
        self::assertTrue($this->plank(13.09)->inLine);
        self::assertFalse($this->plank(13.11)->inLine);
        $high = Method::default()->with(Answer::HipsSlightlyHigh);
        self::assertTrue($this->plank(-26, method: $high)->inLine);
        self::assertFalse($this->plank(-26)->inLine);
        self::assertFalse($this->plank(26, method: $high)->inLine);
    }

    public function test_bent_knees_and_a_dropped_head_are_said_beside_the_verdict(): void
    {
        $marks = [...$this->marks(0, false), 'knee' => new Point(300, 60), 'ear' => new Point(950, 60)];
        $reasons = Alignment::fromTheSide($marks, null, Method::default())->reasons;

        self::assertStringContainsString('The knee is bent by', $reasons[1]->sentence);
        self::assertStringContainsString('The neck is bent by', $reasons[2]->sentence);
    }

    /** @return iterable<string, array{array<string, Point>, string}> */
    public static function wrong(): iterable
    {
        yield 'knee and hip swapped' => [['knee' => new Point(600, 0), 'hip' => new Point(300, 0)], 'The marks are out of order'];
        yield 'two on one spot' => [['knee' => new Point(600, 0)], 'The marks of the knee and the hip lie on the same spot.'];
        yield 'the ear before the shoulder' => [['ear' => new Point(700, 0)], 'Are two of them swapped?'];
    }

    /** @param array<string, Point> $change */
    #[DataProvider('wrong')]
    public function test_marks_that_cannot_be_get_a_sentence(array $change, string $sentence): void
    {
        $this->expectException(InvalidMarks::class);
        $this->expectExceptionMessage($sentence);

        Alignment::fromTheSide([...$this->marks(0, false), ...$change], null, Method::default());
    }

    /** By hand: 200 px apart, one 14 px lower: atan(14 ÷ 200) = 4.0042°; 28 cm between the marks make it 1.96 cm. */
    public function test_the_pelvis_from_behind_is_level_or_lower_on_one_side(): void
    {
        $scale = Scale::of(new Point(0, 0), new Point(200, 0), 28);
        $left = Alignment::fromBehind(new Point(100, 214), new Point(300, 200), $scale);

        self::assertEqualsWithDelta(4.0042, $left->degrees, 0.0005);
        self::assertEqualsWithDelta(1.96, $left->centimetres ?? 0, 1e-9);
        self::assertStringContainsString('The left side of the pelvis is lower by 4.0 degrees, 2.0 cm.', $left->reasons[0]->sentence);
        self::assertStringContainsString('The right side', Alignment::fromBehind(new Point(100, 200), new Point(300, 214), null)->reasons[0]->sentence);
        self::assertTrue(Alignment::fromBehind(new Point(100, 210), new Point(300, 200), null)->inLine);
    }

    public function test_left_and_right_swapped_and_a_scale_of_nothing_get_a_sentence(): void
    {
        $caught = [];
        foreach ([
            static fn() => Alignment::fromBehind(new Point(300, 0), new Point(100, 0), null),
            static fn() => Scale::of(new Point(0, 0), new Point(2, 0), 30),
            static fn() => Scale::of(new Point(0, 0), new Point(200, 0), 4000),
        ] as $asked) {
            try {
                $asked();
            } catch (InvalidMarks $wrong) {
                $caught[] = $wrong->getMessage();
            }
        }

        self::assertSame([
            'Seen from behind, the left hip is on the left of the picture: are the two marks swapped?',
            'The known length needs two marks that are apart, and from 5 to 300 cm.',
            'The known length needs two marks that are apart, and from 5 to 300 cm.',
        ], $caught);
    }

    private function plank(float $hipDown, bool $facingLeft = false, ?Method $method = null): Alignment
    {
        return Alignment::fromTheSide($this->marks($hipDown, $facingLeft), Scale::of(new Point(0, 0), new Point(200, 0), 100), $method ?? Method::default());
    }

    /** @return array<string, Point> shoulder, hip and knee 300 px apart, ankle and ear beyond */
    private function marks(float $hipDown, bool $facingLeft): array
    {
        $at = static fn(float $x, float $y = 0): Point => new Point($facingLeft ? 1100 - $x : $x, $y);

        return ['ankle' => $at(0), 'knee' => $at(300), 'hip' => $at(600, $hipDown), 'shoulder' => $at(900), 'ear' => $at(1000)];
    }
}
