<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Body\Kit;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Ladder\Rung;
use EvenRungs\Ladder\Technique;
use EvenRungs\Ladder\Topic;
use EvenRungs\Method\Answer;
use EvenRungs\Method\Method;
use EvenRungs\Method\Question;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Every cue has a topic, and no exercise says two things on one: over all rungs and all answers. */
final class CueTopicTest extends TestCase
{
    /** @return iterable<string, array{Method}> every answer by itself, and all schools that differ from the default together */
    public static function methods(): iterable
    {
        yield 'the defaults' => [Method::default()];
        $farthest = Method::default();
        foreach (Question::cases() as $question) {
            foreach (array_slice($question->answers(), 1) as $answer) {
                yield $answer->value => [Method::default()->with($answer)];
            }
            $farthest = $farthest->with($question->answers()[count($question->answers()) - 1]);
        }
        yield 'every last answer' => [$farthest];
        yield 'every last answer, in on the reach' => [$farthest->with(Answer::InOnTheReach)->with(Answer::NavelIn)];
    }

    #[DataProvider('methods')]
    public function test_no_exercise_says_two_things_on_one_topic_nor_one_that_does_not_apply(Method $method): void
    {
        foreach (self::rungs() as $rung) {
            $topics = [];
            foreach ($rung->said(new Circumstances([], Kit::cases(), $method)) as $said) {
                if ($said->topic !== null) {
                    self::assertNotContains($said->topic, $topics, "{$rung->slug}: two cues on {$said->topic->value}");
                    self::assertContains($rung->position, $said->topic->positions(), "{$rung->slug}: {$said->words}");
                    $topics[] = $said->topic;
                }
            }
            self::assertContains(Topic::Breath, $topics, "{$rung->slug} says how to breathe");
        }
    }

    /** Found by trying: what a school said where it means nothing. */
    #[TestWith([Answer::PressedFlat, 'bridge/', 'low back flat'])]
    #[TestWith([Answer::PressedFlat, 'head-lift/', 'low back flat'])]
    #[TestWith([Answer::InOnTheReach, 'carry/', 'on the reach'])]
    #[TestWith([Answer::InOnTheReach, 'hinge/', 'on the reach'])]
    #[TestWith([Answer::BladesDownAndBack, 'shoulder-girdle/push-away', 'down and back'])]
    #[TestWith([Answer::BladesDownAndBack, 'shoulder-girdle/wall-push-away', 'down and back'])]
    #[TestWith([Answer::BladesPushedAway, 'prone-extension/reverse', 'spread'])]
    #[TestWith([Answer::SqueezeFully, 'activation/', 'as tight as you can'])]
    #[TestWith([Answer::HipsSlightlyHigh, 'floor-anti-rotation/crawl', 'above the line'])]
    #[TestWith([Answer::NavelIn, 'activation/deep-back', 'navel'])]
    #[TestWith([Answer::ArmsHelp, 'front-plank/forearms-toes', 'arms help'])]
    public function test_a_school_says_nothing_where_it_means_nothing(Answer $answer, string $rungs, string $words): void
    {
        foreach (self::rungs() as $rung) {
            if (str_starts_with($rung->slug, $rungs)) {
                self::assertStringNotContainsString($words, self::cues($rung, $answer), $rung->slug);
            }
        }
    }

    /** Where a rung speaks of a topic itself, the school's cue takes the place of its own. */
    #[TestWith([Answer::InOnTheReach, 'dead-bug/opposite-short', 'Breathe out as they part', 'Breathe in on the reach'])]
    #[TestWith([Answer::HipsSlightlyHigh, 'front-plank/hands-toes', 'One straight line', 'a little above the line'])]
    #[TestWith([Answer::BladesDownAndBack, 'front-plank/hands-toes', 'Push the floor away', 'down and back'])]
    #[TestWith([Answer::PressedFlat, 'dead-bug/ninety-hold', 'evenly pressed', 'Press the low back flat'])]
    #[TestWith([Answer::ForearmsJoined, 'front-plank/forearms-toes', 'forearms parallel', 'hands joined'])]
    #[TestWith([Answer::ArmsHelp, 'rollout/wheel-30', 'arms locked', 'Let the arms help'])]
    #[TestWith([Answer::TrunkTurns, 'standing-turn/half-kneeling-lift', 'stay square', 'Turn hips and ribs together'])]
    #[TestWith([Answer::SmallSips, 'front-plank/forearms-toes', 'sides of the waist', 'Sip small breaths'])]
    public function test_the_cue_of_the_school_takes_the_place_of_the_rungs_own(Answer $answer, string $rung, string $own, string $schools): void
    {
        $default = implode(' ', ShippedLibrary::rung($rung)->cues(new Circumstances([], Kit::cases(), Method::default())));

        self::assertStringContainsString($own, $default);
        self::assertStringNotContainsString($schools, $default);
        self::assertStringNotContainsString($own, self::cues(ShippedLibrary::rung($rung), $answer));
        self::assertStringContainsString($schools, self::cues(ShippedLibrary::rung($rung), $answer));
    }

    /** @return iterable<string, array{Answer, Topic, string}> an answer, its topic, and the rungs the question is about */
    public static function about(): iterable
    {
        yield 'the brace is in everything under load' => [Answer::NavelIn, Topic::Brace, '#^(dead-bug|leg-slide|front-plank|side-bridge|carry|all-fours|press-out|bridge)/#'];
        yield 'the low back lies' => [Answer::PressedFlat, Topic::LowBack, '#^(dead-bug/(?!seated)|leg-slide/)#'];
        yield 'planks have a pelvis' => [Answer::Tucked, Topic::Pelvis, '#^front-plank/#'];
        yield 'planks have it high' => [Answer::HipsSlightlyHigh, Topic::Pelvis, '#^front-plank/#'];
        yield 'arms support' => [Answer::BladesPushedAway, Topic::Blades, '#^(front-plank|all-fours/(?!wall)|floor-anti-rotation/(taps|crawl|hover))#'];
        yield 'arms support, down' => [Answer::BladesDownAndBack, Topic::Blades, '#^(front-plank|side-bridge/(knees|feet|top))#'];
        yield 'holds are squeezed' => [Answer::SqueezeFully, Topic::Squeeze, '#^(front-plank/forearms-(wall|bench|knees|toes)|side-bridge/(knees-bent|feet-stacked))$#'];
        yield 'what reaches breathes' => [Answer::InOnTheReach, Topic::Breath, '#^(dead-bug/(one-arm-reach|opposite-short|same-side)|all-fours/(one-arm|opposite-short)|press-out/standing)$#'];
        yield 'what is held sips' => [Answer::SmallSips, Topic::Breath, '#^front-plank/forearms-(wall|bench|knees|toes)$#'];
        yield 'forearms carry' => [Answer::ForearmsJoined, Topic::Forearms, '#^front-plank/forearms-(bench|knees|low-step|toes)$#'];
        yield 'rollouts are pulled back' => [Answer::ArmsHelp, Topic::Pull, '#^rollout/(ball|wheel|strap|barbell|fall|standing-(to|full))#'];
        yield 'chops and turns' => [Answer::TrunkTurns, Topic::Turn, '#^standing-turn/(half|standing|weight)#'];
    }

    #[DataProvider('about')]
    public function test_every_question_of_technique_changes_the_rungs_it_is_about(Answer $answer, Topic $topic, string $rungs): void
    {
        $met = 0;
        foreach (self::rungs() as $rung) {
            if (preg_match($rungs, $rung->slug) !== 1 || in_array($topic, $rung->sets, true)) {
                continue;
            }
            $met++;
            $says = array_filter($rung->said(new Circumstances([], Kit::cases(), Method::default()->with($answer))), static fn($said): bool => $said->topic === $topic);
            self::assertNotSame([], $says, "{$rung->slug} says nothing on {$topic->value}");
            self::assertNotSame(self::cues($rung, $answer), implode(' ', $rung->cues(new Circumstances([], Kit::cases(), Method::default()))), $rung->slug);
        }
        self::assertGreaterThan(2, $met);
    }

    public function test_every_answer_of_technique_but_the_default_changes_some_rung(): void
    {
        foreach (Question::cases() as $question) {
            foreach ($question->changesCuesOnly() ? array_slice($question->answers(), 1) : [] as $answer) {
                $changed = array_filter(self::rungs(), static fn(Rung $rung): bool => self::cues($rung, $answer) !== self::cues($rung, $question->answers()[0]));

                self::assertNotSame([], $changed, $answer->value);
            }
        }
    }

    public function test_drawing_in_for_activation_leaves_the_brace_under_load(): void
    {
        self::assertStringContainsString('Draw the navel gently in', self::cues(ShippedLibrary::rung('activation/brace-standing'), Answer::NavelInThenBrace));
        self::assertStringContainsString('Brace all round', self::cues(ShippedLibrary::rung('leg-slide/flat-slide'), Answer::NavelInThenBrace));
    }

    public function test_the_defaults_say_nothing_beside_the_rungs_own(): void
    {
        foreach (self::rungs() as $rung) {
            self::assertSame([], Technique::on($rung, new Circumstances([], Kit::cases(), Method::default())), $rung->slug);
        }
    }

    private static function cues(Rung $rung, Answer $answer): string
    {
        return implode(' ', $rung->cues(new Circumstances([], Kit::cases(), Method::default()->with($answer))));
    }

    /** @return list<Rung> */
    private static function rungs(): array
    {
        return array_merge(...array_map(static fn($ladder): array => $ladder->rungs, ShippedLibrary::get()->ladders()));
    }
}
