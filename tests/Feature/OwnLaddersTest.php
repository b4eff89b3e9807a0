<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;

/** A practice's own additions; the shipped ladders stay untouched and come back. */
final class OwnLaddersTest extends ApiTestCase
{
    public function test_an_own_rung_joins_a_shipped_ladder_and_can_be_placed(): void
    {
        $source = $this->getJson('/api/ladders/bridge')->assertOk()->assertJsonPath('version', 0)->assertJsonPath('shipped', true);
        $document = (array) $source->json('document');
        $document['rungs'][] = [...$document['rungs'][1], 'slug' => self::id(), 'name' => 'Bridge from the lock wall', 'short' => 'lock wall', 'height' => 92, 'lever' => ['kind' => 'range', 'text' => 'From the edge of the wall.']];
        $this->putJson('/api/ladders/bridge', ['version' => 0, 'document' => $document])->assertOk()->assertJsonPath('version', 1);

        $rung = array_values(array_filter($this->rungs('bridge'), static fn(array $rung): bool => $rung['name'] === 'Bridge from the lock wall'))[0];
        $person = $this->person();
        $this->place($person, (string) $rung['slug']);
        self::assertContains($rung['slug'], (array) $this->getJson('/api/ladders/bridge')->json('inUse'));

        $this->deleteJson('/api/ladders/bridge')->assertUnprocessable()->assertJsonPath('fields.document.0', "“{$rung['slug']}” is in use by placings, sessions or logs: hide it instead of taking it out.");
        $this->actingAs($this->practiceWithTrainer('Mere End Studio', 'odo@mere-end.example'));
        self::assertNotContains('Bridge from the lock wall', array_column($this->rungs('bridge'), 'name'), 'another practice sees nothing of it');
    }

    public function test_a_changed_ladder_goes_back_to_the_shipped_one(): void
    {
        $document = (array) $this->getJson('/api/ladders/squat')->json('document');
        $document['rungs'][0]['name'] = 'Sit to stand';
        $this->putJson('/api/ladders/squat', ['version' => 0, 'document' => $document])->assertOk();
        self::assertSame('Sit to stand', $this->rungs('squat')[0]['name']);

        $this->deleteJson('/api/ladders/squat')->assertNoContent();
        self::assertSame('Box squat', $this->rungs('squat')[0]['name']);
        $this->putJson('/api/ladders/squat', ['version' => 0, 'document' => $document])->assertOk();
        self::assertSame('Sit to stand', $this->rungs('squat')[0]['name'], 'and can be taken up again');
    }

    public function test_a_hidden_rung_is_put_away_and_says_so(): void
    {
        $document = (array) $this->getJson('/api/ladders/squat')->json('document');
        $document['rungs'][2]['hidden'] = true;
        $this->putJson('/api/ladders/squat', ['version' => 0, 'document' => $document])->assertOk();
        $person = $this->person();

        $this->postJson("/api/people/{$person}/placements", ['id' => self::id(), 'rung' => 'squat/bodyweight', 'side' => 'both', 'reason' => ''])
            ->assertUnprocessable()->assertJsonPath('fields.rung.0', '“Bodyweight squat” is hidden by the practice.');
        $squat = array_values(array_filter(array_merge(...array_column((array) $this->getJson("/api/people/{$person}/board")->json('demands'), 'ladders')), static fn(array $ladder): bool => $ladder['slug'] === 'squat'))[0];
        self::assertSame('library.hidden', array_column($squat['closed'], 'reasons', 'slug')['squat/bodyweight'][0]['rule']);
    }

    public function test_a_ladder_survives_the_way_out_and_in_again(): void
    {
        $file = $this->getJson('/api/ladders/press-out/file')->assertOk()->assertJsonPath('name', 'press-out.yaml');
        $read = $this->postJson('/api/ladders/read', ['text' => $file->json('text')])->assertOk()->assertJsonPath('problems', []);

        self::assertEquals($this->getJson('/api/ladders/press-out')->json('document'), $read->json('document'));
        self::assertSame('Press-out ladder', $read->json('ladder.name'));
    }

    public function test_two_trainers_editing_one_ladder_do_not_overwrite_each_other(): void
    {
        $document = (array) $this->getJson('/api/ladders/squat')->json('document');
        $this->putJson('/api/ladders/squat', ['version' => 0, 'document' => $document])->assertOk();
        $this->putJson('/api/ladders/squat', ['version' => 0, 'document' => [...$document, 'name' => 'Squats']])->assertConflict();
        $this->putJson('/api/ladders/squat', ['version' => 1, 'document' => $document])->assertOk()->assertJsonPath('version', 2);
    }

    /** @return iterable<string, array{string, string}> text of a file, what is said of it */
    public static function hostile(): iterable
    {
        yield 'no YAML at all' => ["slug: [\n  - {", 'This is not a YAML or JSON file'];
        yield 'only text' => ['just a sentence', 'This is not a ladder'];
        yield 'an object of PHP' => ['slug: !php/object O:8:"stdClass":0:{}', 'This is not a YAML or JSON file'];
        yield 'a list' => ["- a\n- b", 'must match the type: object'];
        yield 'wrong types' => ["slug: 7\nname: odd\nshort: odd\ndemand: hip-stability\nrungs: none", 'slug: '];
        yield 'HTML' => ["slug: odd\nname: '<img src=x onerror=alert(1)>'\nshort: odd\ndemand: hip-stability\nrungs: [{stands_on: side-bridge/hip-lift}]", 'name: '];
        yield 'a slug that climbs the folders' => ["slug: ../../odd\nname: Odd\nshort: odd\ndemand: hip-stability\nrungs: [{stands_on: side-bridge/hip-lift}]", 'slug: '];
        $laughs = 'a: &a [x, x, x, x, x, x, x, x, x, x]';
        foreach (range('b', 'h') as $name) {
            $before = chr(ord($name) - 1);
            $laughs .= "\n{$name}: &{$name} [*{$before}, *{$before}, *{$before}, *{$before}, *{$before}, *{$before}, *{$before}, *{$before}, *{$before}, *{$before}]";
        }
        yield 'a file that unfolds to ten million values' => [$laughs, 'too large for a ladder'];
    }

    #[DataProvider('hostile')]
    public function test_a_broken_or_hostile_file_is_refused_with_what_is_wrong_and_nothing_is_kept(string $text, string $says): void
    {
        $answer = $this->postJson('/api/ladders/read', ['text' => $text])->assertOk()->assertJsonPath('ladder', null)->assertJsonPath('document', null);

        self::assertStringContainsString($says, implode("\n", (array) $answer->json('problems')));
        $this->assertDatabaseCount('practice_ladders', 0);
    }

    public function test_a_file_of_ten_megabytes_is_refused_before_it_is_read(): void
    {
        $this->postJson('/api/ladders/read', ['text' => str_repeat('# much ado about nothing', 450_000)])->assertStatus(413)->assertJsonPath('code', 'too-long');
        $this->postJson('/api/ladders/read', ['text' => str_repeat('# much ado about nothing', 45_000)])->assertUnprocessable()->assertJsonPath('fields.text.0', 'This file is larger than a ladder can be (400 000 characters).');
    }

    public function test_everything_wrong_with_a_ladder_is_said_at_once_and_nothing_is_kept(): void
    {
        $document = (array) $this->getJson('/api/ladders/squat')->json('document');
        unset($document['rungs'][2]['lever']);
        $document['rungs'][3]['fallback_rung'] = 'nowhere';
        $document['rungs'][4]['short'] = $document['rungs'][3]['short'];
        $check = $this->postJson('/api/ladders/check', ['document' => $document])->assertOk();

        self::assertSame([
            '“Bodyweight squat” does not say what makes it harder than the rung below.',
            '“Squat, weight at the chest, 3-1-3-1” falls back to “squat/nowhere”, which is not there.',
            'Two rungs have the short name “at the chest”.',
        ], $check->json('problems'));
        $this->putJson('/api/ladders/squat', ['version' => 0, 'document' => $document])->assertUnprocessable()->assertJsonCount(3, 'fields.document');
        $document['rungs'][0]['height'] = 95;
        $this->postJson('/api/ladders/check', ['document' => $document])->assertJsonPath('problems.0', 'On the ladder squat, squat/sit-to-stand stands lower than the rung before it.');
        $this->assertDatabaseCount('practice_ladders', 0);
    }

    /** @return list<array<string, mixed>> */
    private function rungs(string $ladder): array
    {
        foreach ((array) $this->getJson('/api/library')->json('ladders') as $one) {
            if ($one['slug'] === $ladder) {
                return $one['rungs'];
            }
        }
        self::fail("The library has no ladder {$ladder}.");
    }
}
