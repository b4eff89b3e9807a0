<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Person;
use App\Models\User;
use App\Time\PracticeClock;
use EvenRungs\Ladder\Library;
use Illuminate\Support\Collection;

/** Reads a person, or all of a practice, with every record the core asks for. */
final readonly class OpenDossier
{
    private const RECORDS = ['limits', 'screenings', 'clearances', 'placements', 'decisions', 'logs.sets', 'logs.mornings'];

    public function __construct(private Library $library) {}

    public function of(Person $person, User $by): Dossier
    {
        $person->load(self::RECORDS);

        return new Dossier($person, $this->library, $this->clock($by));
    }

    /** With what planning needs, and nothing of the history: for the composer, which asks at every change. */
    public function forPlanning(Person $person, User $by): Dossier
    {
        $person->load(['limits', 'screenings', 'clearances', 'placements', 'decisions']);

        return new Dossier($person, $this->library, $this->clock($by));
    }

    /** @return Collection<int, Dossier> */
    public function all(User $by): Collection
    {
        $clock = $this->clock($by);

        $people = Person::query()->with([...self::RECORDS, 'trainingSessions'])->get();

        return $people->map(fn(Person $person): Dossier => new Dossier($person, $this->library, $clock))->values()->toBase();
    }

    private function clock(User $by): PracticeClock
    {
        return PracticeClock::of($by->practice);
    }
}
