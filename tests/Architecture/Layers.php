<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** The arrows between the layers, checked by PHPStan. LayersTest proves for each that breaking it is noticed. */
final class Layers
{
    /** @var non-empty-list<non-empty-list<string>> floors of the core from the ground up: a room knows the floors below its own, and of the ground the whole of it. */
    public const FLOORS = [
        ['Reason', 'Body', 'Calendar'],
        ['Figure'],
        ['Statics'],
        ['Method'],
        ['Dose'],
        ['Ladder', 'Screening', 'Load'],
        ['Session', 'Progress'],
        ['Assessment', 'Log'],
        ['Balance', 'Week'],
        ['Program'],
        ['Home'],
        ['Person'],
        ['Squad'],
    ];

    /** Rooms of the interface: none knows another, what they share is in App\Http\Shared. */
    public const ROOMS = ['Bench', 'Board', 'Checks', 'Coach', 'Home', 'Library', 'Method', 'People', 'Person', 'Practice', 'Reading', 'Review', 'Rules', 'Session', 'Sheet', 'Squad', 'Week', 'Weeks'];

    /** What one room lends another: a person at home plays the cue sheet of the floor, and tells it alike. */
    private const LENT = ['Home' => ['Coach']];

    #[TestRule]
    public function coreKnowsNoFramework(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('EvenRungs'))
            ->shouldNot()->dependOn()
            ->classes(
                Selector::inNamespace('Illuminate'),
                Selector::inNamespace('Laravel'),
                Selector::inNamespace('App'),
                Selector::inNamespace('Carbon'),
                Selector::inNamespace('Symfony'),
                Selector::inNamespace('Opis'),
            )
            ->because('the core knows no framework');
    }

    /** @return list<string> rooms that one on this floor must not know: those above, and but on the ground those beside it */
    public static function hiddenFrom(int $floor, string $room): array
    {
        $hidden = $floor === 0 ? [] : array_values(array_diff(self::FLOORS[$floor] ?? [], [$room]));
        foreach (array_slice(self::FLOORS, $floor + 1) as $above) {
            array_push($hidden, ...$above);
        }

        return $hidden;
    }

    /** @return iterable<string, Rule> */
    #[TestRule]
    public function roomsOfTheCoreKnowOnlyTheFloorsBelow(): iterable
    {
        foreach (self::FLOORS as $floor => $rooms) {
            foreach ($rooms as $room) {
                $hidden = self::hiddenFrom($floor, $room);
                if ($hidden !== []) {
                    yield $room => PHPat::rule()
                        ->classes(Selector::inNamespace("EvenRungs\\{$room}"))
                        ->shouldNot()->dependOn()
                        ->classes(...array_map(static fn(string $name) => Selector::inNamespace("EvenRungs\\{$name}"), $hidden))
                        ->because('arrows point down');
                }
            }
        }
    }

    /** @return iterable<string, Rule> */
    #[TestRule]
    public function roomsOfTheInterfaceDoNotKnowEachOther(): iterable
    {
        foreach (self::ROOMS as $room) {
            yield $room => PHPat::rule()
                ->classes(Selector::inNamespace("App\\Http\\{$room}"))
                ->shouldNot()->dependOn()
                ->classes(...array_map(static fn(string $name) => Selector::inNamespace("App\\Http\\{$name}"), array_values(array_diff(self::ROOMS, [$room, ...self::LENT[$room] ?? []]))))
                ->because('what two rooms share is in Shared');
        }
    }

    #[TestRule]
    public function whatRoomsShareKnowsNoRoom(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Http\Shared'))
            ->shouldNot()->dependOn()
            ->classes(...array_map(static fn(string $name) => Selector::inNamespace("App\\Http\\{$name}"), self::ROOMS))
            ->because('arrows point down');
    }

    #[TestRule]
    public function appDoesNotReachIntoItsOwnEdge(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Actions'), Selector::inNamespace('App\Models'), Selector::inNamespace('App\Library'), Selector::inNamespace('App\Records'), Selector::inNamespace('App\Exchange'))
            ->shouldNot()->dependOn()
            ->classes(Selector::inNamespace('App\Http'))
            ->because('HTTP calls the use cases, not the other way round');
    }
}
