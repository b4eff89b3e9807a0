<?php

declare(strict_types=1);

namespace App\Http\Shared;

use App\Models\Training;
use App\Records\TrainingEvents;
use EvenRungs\Ladder\Library;
use EvenRungs\Ladder\UnknownRung;
use EvenRungs\Log\Event;
use EvenRungs\Log\Told;

/** A set that was told in different ways: the first one holds until somebody says which it was. */
final readonly class DifferingSetView
{
    /**
     * @param string             $name of the exercise
     * @param list<ToldSetView>  $ways the first told first
     */
    public function __construct(public string $item, public int $number, public string $name, public array $ways) {}

    /** @return list<self> of a training and those that are the same */
    public static function all(Training $root, Library $library): array
    {
        return array_map(static fn(array $ways): self => self::of($ways, $library), Told::of(TrainingEvents::of($root))->differing);
    }

    /** @param non-empty-list<Event> $ways of one set */
    private static function of(array $ways, Library $library): self
    {
        try {
            $name = $library->rung($ways[0]->set->rung ?? '')->name;
        } catch (UnknownRung) {
            $name = (string) $ways[0]->item;
        }
        $told = [];
        foreach ($ways as $way) {
            if ($way->set !== null) {
                $told[] = new ToldSetView($way->id, $way->set, $way->set->inWords());
            }
        }

        return new self((string) $ways[0]->item, $ways[0]->number ?? 1, $name, $told);
    }
}
