<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;

/** The sheet on paper, from the server: with its exercises, in faces of its own, and a link where one was made for it. */
final class SheetTest extends ApiTestCase
{
    /** @return iterable<string, array{string}> */
    public static function layouts(): iterable
    {
        yield 'every cue and fault' => ['whole'];
        yield 'one page with boxes to tick' => ['page'];
        yield 'a card for each station' => ['cards'];
    }

    #[DataProvider('layouts')]
    public function test_a_sheet_is_a_pdf_in_three_layouts(string $layout): void
    {
        [$person, $session] = $this->written(8);
        $answer = $this->postJson("/api/people/{$person}/sessions/{$session}/sheet/pdf", ['layout' => $layout])->assertOk()->assertHeader('Content-Type', 'application/pdf');
        $pdf = (string) $answer->getContent();
        self::assertStringStartsWith('%PDF-1.', $pdf);
        self::assertMatchesRegularExpression('~/BaseFont /[A-Z]{6}\+\S*Atkinson~i', $pdf, 'in a face of its own, and only the part of it that is used');
        // Eight exercises: one page holds them all, and four cards a page.
        $pages = preg_match_all('~/Type /Page\b(?!s)~', $pdf);
        self::assertSame(['whole' => true, 'page' => true, 'cards' => true], ['whole' => $layout !== 'whole' || $pages > 1, 'page' => $layout !== 'page' || $pages === 1, 'cards' => $layout !== 'cards' || $pages <= 3], "{$pages} pages");
    }

    public function test_a_link_is_printed_only_where_it_is_one_of_ours_and_its_picture_is_nothing_but_squares(): void
    {
        [$person, $session] = $this->written(1);
        $address = self::text($this->postJson("/api/people/{$person}/home-links")->json('address'));
        $ask = fn(array $body) => $this->postJson("/api/people/{$person}/sessions/{$session}/sheet/pdf", ['layout' => 'page', ...$body]);

        $ask(['address' => $address, 'code' => 'M2 2h1v1h-1zM4 2h1v1h-1z'])->assertOk();
        $ask(['address' => 'https://elsewhere.example/h/'.str_repeat('a', 40), 'code' => 'M2 2h1v1h-1z'])->assertUnprocessable();
        $ask(['address' => $address])->assertUnprocessable();
        $ask(['address' => $address, 'code' => '<image href="file:///etc/passwd"/>'])->assertUnprocessable();
        $ask(['layout' => 'poster'])->assertUnprocessable();
    }

    public function test_no_sheet_leaves_while_training_is_closed(): void
    {
        [$person, $session] = $this->written(1);
        $this->postJson("/api/people/{$person}/screenings", self::answers('leg-pain'))->assertCreated();
        $this->postJson("/api/people/{$person}/sessions/{$session}/sheet/pdf", ['layout' => 'page'])->assertStatus(423);
    }

    /** @return array{string, string} person, session */
    private function written(int $exercises): array
    {
        $person = $this->person();
        $doses = ['press-out/standing' => '2x10/side', 'press-out/seated' => '2x10/side', 'dead-bug/arms-up' => '2x20s', 'front-plank/forearms-wall' => '2x20s', 'front-plank/forearms-knees' => '2x20s', 'bridge/touch' => '2x10', 'press-out/tall-kneeling' => '2x10/side', 'dead-bug/one-knee-lift' => '2x8/side'];

        return [$person, $this->writtenSession($person, array_slice($doses, 0, $exercises))];
    }

    private static function text(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }

    public function test_paper_uses_only_characters_that_its_faces_have(): void
    {
        // What the shipped latin faces cover: a cross from elsewhere was left blank, and a fault stood there unmarked.
        foreach (glob(resource_path('views/*.blade.php')) ?: [] as $file) {
            self::assertSame(0, preg_match('~[^\x{0000}-\x{024F}\x{2000}-\x{206F}\x{20AC}\x{2122}\x{2191}\x{2193}\x{2212}\x{2215}]~u', (string) file_get_contents($file)), basename($file));
        }
        self::assertStringContainsString('Not so: ', (string) file_get_contents(resource_path('views/sheet.blade.php')));
    }
}
