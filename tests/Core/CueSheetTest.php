<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Session\Circuit;
use EvenRungs\Session\Cue;
use EvenRungs\Session\CueSheet;
use EvenRungs\Session\EasierVersion;
use EvenRungs\Session\Segment;
use EvenRungs\Session\Session;
use EvenRungs\Session\StraightSets;
use PHPUnit\Framework\TestCase;

/**
 * The pieces the player strings together. `tests/Cases/strung-cues.json` holds them beside what the clock makes of the same
 * session: the front end's tests string the same pieces and must come to the same cues.
 */
final class CueSheetTest extends TestCase
{
    private const PLANK = 'front-plank/forearms-toes';
    private const SIDE = 'side-bridge/knees-bent';
    private const PRESS = 'press-out/standing';

    public function test_the_pieces_are_those_the_front_end_is_tested_with(): void
    {
        $kept = (string) file_get_contents(__DIR__.'/../Cases/strung-cues.json');

        self::assertJsonStringEqualsJsonString(self::cases(), $kept, 'Write them anew with: php tests/Cases/write-strung-cues.php');
    }

    public function test_an_open_set_is_counted_up_to_its_cap(): void
    {
        [$hold] = Cue::ofSet(ShippedLibrary::item(self::PLANK, '2xmax~20s<=40s'), 1);
        [$reps] = Cue::ofSet(ShippedLibrary::item('front-plank/small-rock', '1xmax~8<=12 2-0-2-0'), 1);
        [$free] = Cue::ofSet(ShippedLibrary::item(self::PLANK, '1xmax~20s'), 1);

        self::assertSame([20, 40], [$hold->seconds, $hold->until]);
        self::assertSame([32, 48, 12], [$reps->seconds, $reps->until, $reps->repetitions]);
        self::assertSame(600, $free->until, 'without a cap as long as somebody holds on');
    }

    public function test_an_optional_set_is_a_piece_of_its_own_like_the_last(): void
    {
        $sheet = CueSheet::of(new Session([new StraightSets(ShippedLibrary::item(self::PLANK, '2x30s +1'))]));

        self::assertCount(2, $sheet->steps, 'none of the steps: it is offered only');
        self::assertSame(30, $sheet->ways[0]->sets[2][0]->seconds);
    }

    public static function cases(): string
    {
        $cases = array_map(self::told(...), self::sessions());

        return json_encode($cases, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    /** @return array<string, array{Session, array<string, list<EasierVersion>>}> by what it is about */
    private static function sessions(): array
    {
        $plank = ShippedLibrary::item(self::PLANK, '2x(2x10s/5) r30 +1', 'plank');
        $knees = new EasierVersion(ShippedLibrary::item('front-plank/forearms-knees', '2x(2x10s/5) r30', 'plank'), 'On the knees');
        $press = ShippedLibrary::item(self::PRESS, '2x5/side 2-1-2-0 r45', 'press');
        $circuit = [ShippedLibrary::item(self::SIDE, '2x20s/side', 'side'), ShippedLibrary::item(self::PLANK, '3x20s', 'hold'), ShippedLibrary::item(self::PRESS, '2x5/side', 'out')];

        return [
            'straight sets, a change-over between them' => [new Session([new StraightSets($plank), new StraightSets($press)]), ['plank' => [$knees]]],
            'a circuit that a station leaves early' => [new Session([new Circuit($circuit, [0, 15], 40), new StraightSets($plank)]), []],
        ];
    }

    /**
     * @param array{Session, array<string, list<EasierVersion>>} $case
     *
     * @return array<string, mixed>
     */
    private static function told(array $case): array
    {
        [$session, $easier] = $case;
        $sheet = CueSheet::of($session, $easier);

        return [
            'sheet' => [
                'blocks' => $sheet->blocks,
                'steps' => $sheet->steps,
                'ways' => array_map(static fn($way): array => ['id' => $way->item->id, 'key' => $way->key, 'easier' => $way->easier, 'sets' => $way->item->dose->allSets(), 'optional' => $way->item->dose->optionalSets, 'restSeconds' => $way->item->restSeconds(), 'pieces' => $way->sets], $sheet->ways),
                'changeOvers' => $sheet->changeOvers,
            ],
            'cues' => array_map(static fn(Cue $cue, Segment $of): array => [...get_object_vars($cue), 'item' => $of->item->id, 'set' => $of->set], Cue::all($session->timeline()->segments), $session->timeline()->segments),
        ];
    }
}
