<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Method\Answer;
use EvenRungs\Method\FormerWording;
use EvenRungs\Method\Question;
use EvenRungs\Progress\Decision;
use PHPUnit\Framework\TestCase;

/** Answers of the method are known by identifiers: their wording may change any day without touching stored data. */
final class AnswerTest extends TestCase
{
    public function test_every_answer_belongs_to_a_question_and_is_stored_without_its_wording(): void
    {
        foreach (Answer::cases() as $answer) {
            self::assertContains($answer, $answer->question()->answers());
            self::assertMatchesRegularExpression('#^[a-z-]+/[a-z-]+$#', $answer->value);
            self::assertNotSame($answer->label(), $answer->value);
        }
    }

    public function test_no_rule_asks_for_an_answer_by_its_wording(): void
    {
        $root = dirname(__DIR__, 2);
        // Some words are those of decisions too.
        $decisions = array_map(static fn(Decision $decision): string => $decision->inWords(), Decision::cases());
        $wordings = array_filter(array_map(static fn(Answer $answer): string => $answer->label(), Answer::cases()), static fn(string $label): bool => str_contains($label, ' ') && ! in_array($label, $decisions, true));
        foreach (['core', 'app', 'resources/js', 'library'] as $folder) {
            foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator("{$root}/{$folder}", \FilesystemIterator::SKIP_DOTS)) as $file) {
                if ($file instanceof \SplFileInfo && ! in_array($file->getFilename(), ['Answer.php', 'FormerWording.php'], true)) {
                    foreach ($wordings as $wording) {
                        self::assertStringNotContainsString("'{$wording}'", (string) file_get_contents($file->getPathname()), $file->getPathname());
                    }
                }
            }
        }
    }

    public function test_every_former_wording_still_means_its_answer(): void
    {
        self::assertSame(Answer::LongHolds, FormerWording::answer('hold-strategy', 'long holds to 120 s'));
        self::assertSame(Answer::OneToTwoWeeks, FormerWording::answer('leaving-a-rung', 'one to two weeks’ practice, then try'));
        self::assertNull(FormerWording::answer('order', 'long holds to 120 s'));
        self::assertSame(Answer::cases(), array_merge(...array_map(static fn(Question $question): array => $question->answers(), Question::cases())));
    }
}
