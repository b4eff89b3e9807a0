<?php

declare(strict_types=1);

namespace Tests\Feature;

/** The range a person works over is decided, and stands on the board. */
final class RangeDecisionTest extends ApiTestCase
{
    private const WHEEL = 'rollout/wheel-30';

    public function test_a_placing_names_its_range_and_the_height_is_that_of_it(): void
    {
        $person = $this->withWheel();
        $place = fn(?string $range) => $this->postJson("/api/people/{$person}/placements", ['id' => self::id(), 'rung' => self::WHEEL, 'side' => 'both', 'range' => $range, 'reason' => '', 'far' => true]);

        $place('2m')->assertUnprocessable()->assertJsonPath('fields.range.0', '“Kneeling wheel rollout” goes over 30 to 90 cm in steps of 15: “2m” is none of it.');
        $place('900cm')->assertUnprocessable()->assertJsonStructure(['fields' => ['range']]);
        $this->postJson("/api/people/{$person}/placements", ['id' => self::id(), 'rung' => 'front-plank/forearms-toes', 'side' => 'both', 'range' => '30cm', 'reason' => ''])->assertUnprocessable()->assertJsonPath('fields.range.0', '“Front plank, forearms and toes” has no range of its own.');

        $place(null)->assertCreated();
        self::assertSame([70, '30cm'], $this->stand($person));
        $place('60cm')->assertCreated();
        self::assertSame([76, '60cm'], $this->stand($person));
    }

    public function test_staying_takes_the_wider_range_along_and_can_be_taken_back(): void
    {
        $person = $this->withWheel();
        $this->place($person, self::WHEEL);
        $session = $this->writtenSession($person, [self::WHEEL => '2x10']);
        $this->log($person, $session, '2x10 30cm');
        $this->travelTo('2026-06-04 09:00:00');
        $log = $this->log($person, $session, '2x10 30cm');

        $this->postJson("/api/people/{$person}/decisions", ['id' => $decision = self::id(), 'log' => $log, 'ladder' => 'rollout', 'side' => 'both', 'choice' => 'stay', 'reason' => ''])->assertCreated();
        self::assertSame([73, '45cm'], $this->stand($person), 'the same rung, higher on the board');
        self::assertSame('2x6 45cm', $this->nextDose($person));

        $this->postJson("/api/people/{$person}/decisions/{$decision}/take-back")->assertOk();
        self::assertSame([70, '30cm'], $this->stand($person));
    }

    public function test_a_step_down_is_a_smaller_range_first_and_the_dose_follows_it(): void
    {
        $person = $this->withWheel();
        $this->postJson("/api/people/{$person}/placements", ['id' => self::id(), 'rung' => self::WHEEL, 'side' => 'both', 'range' => '60cm', 'reason' => '', 'far' => true])->assertCreated();
        $session = $this->writtenSession($person, [self::WHEEL => '2x8 60cm']);
        $log = $this->log($person, $session, '2x8 60cm', ['back-and-pelvis' => false]);
        $pending = $this->getJson("/api/people/{$person}/review")->assertOk();
        self::assertSame(['step-down', 'Kneeling wheel rollout, 45 cm', '7.3'], [$pending->json('pending.0.proposed'), $pending->json('pending.0.toName'), $pending->json('pending.0.toHeight')]);
        $outcome = array_column($pending->json('pending.0.outcomes'), null, 'choice')['step-down'];
        self::assertNull($outcome['rungName'], 'it is the same rung');
        self::assertStringStartsWith('2 × 6', $outcome['dose']);

        $this->postJson("/api/people/{$person}/decisions", ['id' => self::id(), 'log' => $log, 'ladder' => 'rollout', 'side' => 'both', 'choice' => 'step-down', 'reason' => ''])->assertCreated();
        self::assertSame([73, '45cm'], $this->stand($person));
        self::assertSame('2x6 45cm', $this->nextDose($person), 'not trained there yet: from the low end');
        $draft = $this->postJson("/api/people/{$person}/sessions/start", ['from' => 'board'])->assertOk();
        self::assertSame('2x6 45cm', $draft->json('preview.blocks.0.items.0.dose'));
        self::assertSame(['30cm', '45cm', '60cm', '75cm', '90cm'], $draft->json('preview.blocks.0.items.0.ranges'));
    }

    public function test_a_range_on_a_rung_that_has_none_is_told_at_its_place(): void
    {
        $person = $this->withWheel();
        $preview = $this->postJson("/api/people/{$person}/sessions/preview", ['blocks' => self::blocks(['front-plank/forearms-toes' => '2x20s 30cm'])])->assertOk();
        self::assertSame('“Front plank, forearms and toes” has no range of its own: leave out “30cm”.', $preview->json('blocks.0.items.0.problem'));
        $this->postJson("/api/people/{$person}/sessions", ['id' => self::id(), 'version' => 0, 'title' => 'x', 'blocks' => self::blocks(['front-plank/forearms-toes' => '2x20s 30cm'])])->assertUnprocessable()->assertJsonStructure(['fields' => ['blocks.0.items.0.dose']]);
    }

    private function withWheel(): string
    {
        return $this->person(['places' => [['name' => 'here', 'kit' => ['mat', 'wheel'], 'weights' => '']]]);
    }

    /** @param array<string, bool> $form */
    private function log(string $person, string $session, string $dose, array $form = []): string
    {
        $set = self::set(self::WHEEL, 1, 0, ['both' => str_starts_with($dose, '2x10') ? 10 : 8, 'left' => null, 'right' => null, 'rung' => self::WHEEL, 'dose' => $dose]);
        $sets = [['form' => [...$set['form'], ...$form]] + $set, ['set' => 2] + $set];
        $this->postJson("/api/people/{$person}/logs", ['id' => $id = self::id(), 'session' => $session, 'seconds' => 90, 'sets' => $sets])->assertCreated();

        return $id;
    }

    /** @return array{int, string|null} height and range of the stand on the rollout ladder */
    private function stand(string $person): array
    {
        foreach ((array) $this->getJson("/api/people/{$person}/board")->assertOk()->json('demands') as $demand) {
            foreach ($demand['ladders'] as $ladder) {
                if ($ladder['slug'] === 'rollout') {
                    return [$ladder['stands'][0]['height'], $ladder['stands'][0]['range']];
                }
            }
        }

        return [0, null];
    }

    private function nextDose(string $person): string
    {
        return (string) $this->getJson("/api/people/{$person}/sessions/next-doses")->assertOk()->json('doses.0.dose');
    }
}
