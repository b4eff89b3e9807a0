<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Body\Sidedness;
use EvenRungs\Dose\DoseCompletion;
use EvenRungs\Dose\DoseFields;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Method\Counting;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What could stand next in a dose line, and the line that fields make. */
final class DoseCompletionTest extends TestCase
{
    public function test_it_shows_the_shapes_of_the_trade_while_nothing_is_written(): void
    {
        self::assertContains('3x(4x10s/5)', DoseCompletion::of('', false, false));
        self::assertSame('3x10/side', DoseCompletion::of('', false, true)[0]);
    }

    public function test_it_completes_a_shape_that_was_begun(): void
    {
        self::assertSame(['3x(4x10s/5)'], DoseCompletion::of('3x(', false, false));
        self::assertSame(['(6-5-4x10s/5)/side'], DoseCompletion::of('(6', false, true));
    }

    public function test_it_goes_on_with_side_optional_set_tempo_rest_and_load_each_once(): void
    {
        self::assertSame(['2x8s', '2x8/side', '2x8 +1', '2x8 3-1-3-1', '2x8 r45'], DoseCompletion::of('2x8', true, true));
        self::assertSame(['2x8/side 2-0-2-0 r60 +1', '2x8/side 2-0-2-0 r60 @8kg'], DoseCompletion::of('2x8/side 2-0-2-0 r60', true, true));
        self::assertSame(['2x8/side 2-0-2-0 r60 +1 @light'], DoseCompletion::of('2x8/side 2-0-2-0 r60 +1', true, true, true));
        self::assertSame([], DoseCompletion::of('2x20 moves +1 2-0-2-0 r60 @8kg', true, true));
    }

    public function test_it_says_nothing_where_the_line_cannot_go_on(): void
    {
        self::assertSame([], DoseCompletion::of('3x10 reps', false, false));
    }

    #[TestWith(['3x10/side 3-1-3-1 r45', Sidedness::OneSided])]
    #[TestWith(['3x(4x10s/5) r45', Sidedness::Both])]
    #[TestWith(['3x20s/side', Sidedness::OneSided])]
    #[TestWith(['3x20m/side @12.5kg', Sidedness::OneSided])]
    #[TestWith(['2x10/side @strong', Sidedness::OneSided])]
    #[TestWith(['2x10/side @80N', Sidedness::OneSided])]
    #[TestWith(['3x60s on', Sidedness::Both])]
    #[TestWith(['(6-5-4x10s/5) r30', Sidedness::Both])]
    #[TestWith(['1x(120s by 45s/30)', Sidedness::Both])]
    #[TestWith(['2xmax~20<=30 +1', Sidedness::Both])]
    public function test_fields_make_the_same_line_a_trainer_would_type(string $line, Sidedness $sidedness): void
    {
        foreach (Counting::cases() as $counting) {
            $dose = DoseLine::parse($line, $sidedness);
            $fields = DoseFields::of($dose, $counting);

            self::assertSame(DoseLine::print($dose, $counting), $fields->line());
            self::assertEquals($fields, DoseFields::read((array) json_decode((string) json_encode($fields), true)));
        }
    }

    public function test_fields_that_make_no_dose_make_a_line_that_says_so_when_read(): void
    {
        $fields = DoseFields::read(['kind' => 'reps', 'sets' => 3, 'count' => 0, 'tempo' => '3-x1', 'perSide' => false]);

        self::assertSame('3x0 3-x1', $fields->line());
        $this->expectException(\EvenRungs\Reason\Refusal::class);
        DoseLine::parse($fields->line(), Sidedness::Both);
    }
}
