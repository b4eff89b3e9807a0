<?php

declare(strict_types=1);

namespace App\Records;

use App\Library\PracticeLibrary;
use App\Models\Person;
use App\Models\Squad as SquadRow;
use App\Models\User;
use App\Time\PracticeClock;
use EvenRungs\Ladder\Ladder;
use EvenRungs\Person\PersonRecord;
use EvenRungs\Squad\Squad;

/** Reads a squad into the terms of the core: its stations, its clock, and each person with what they did. */
final readonly class OpenSquad
{
    public function __construct(private OpenPerson $open, private PracticeLibrary $ladders) {}

    public function of(SquadRow $row, User $by): SquadFile
    {
        $files = $here = [];
        $today = PracticeClock::of($by)->today();
        foreach ($row->members()->get() as $member) {
            // One by one, as they are read everywhere: what only some have is asked for of those.
            $person = Person::query()->with('setUps')->whereNull('archived_at')->find($member->person_id);
            // Who was put away is of the squad again once they are brought back.
            if ($person === null) {
                continue;
            }
            if ($member->away_on !== $today->iso()) {
                $here[] = count($files);
            }
            $files[] = $this->open->of($person, $by)->inSquad($row);
        }
        $stations = $this->stations($row->stations);

        return new SquadFile($row, $files, $here, $today, $this->ladders->library(), Squad::of($stations, $row->clock(count($stations)), array_map(static fn(PersonFile $file): PersonRecord => $file->record, $files)));
    }

    /**
     * Ladders that were let go of have no station any more.
     *
     * @param list<string> $slugs
     *
     * @return list<Ladder>
     */
    private function stations(array $slugs): array
    {
        $library = $this->ladders->library();

        return array_values(array_map($library->ladder(...), array_filter($slugs, $library->hasLadder(...))));
    }
}
