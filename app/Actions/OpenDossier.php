<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Person;
use App\Models\User;
use App\Time\PracticeClock;
use EvenRungs\Ladder\Library;
use EvenRungs\Progress\Choice;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Collection as Several;

/** Reads a person, or all of a practice, with every record the core asks for. */
final readonly class OpenDossier
{
    private const RECORDS = ['limits', 'screenings', 'clearances', 'placements', 'decisions', 'logs.sets', 'logs.mornings', 'holds', 'climbs', 'setUps'];

    public function __construct(private Library $library) {}

    public function of(Person $person, User $by): Dossier
    {
        $person->load(self::RECORDS);

        return new Dossier($person, $this->library, $this->clock($by));
    }

    /** With what planning needs, and nothing of the history: for the composer, which asks at every change. */
    public function forPlanning(Person $person, User $by): Dossier
    {
        $person->load([
            'limits' => static fn($rows) => $rows->where('lifted_on', null)->select(['id', 'person_id', 'state', 'side', 'since', 'lifted_on', 'cleared']),
            'screenings' => static fn($rows) => $rows->where('urgency', '!=', null)->select(['id', 'person_id', 'urgency', 'sequence']),
            'placements' => static fn($rows) => $rows->select(['id', 'person_id', 'ladder', 'side', 'rung', 'stopped', 'sequence']),
            'decisions' => static fn($rows) => $rows->where('choice', Choice::Refer->value)->select(['id', 'person_id', 'choice', 'sequence', 'taken_back_at']),
        ]);
        // A clearance matters only against a sign or for a cleared limit, and most people have neither.
        if ($person->screenings->isEmpty() && $person->decisions->isEmpty() && ! $person->limits->contains('cleared', true)) {
            $person->setRelation('clearances', new Collection);
        } else {
            $person->load(['clearances' => static fn($rows) => $rows->select(['id', 'person_id', 'from', 'until', 'sequence'])]);
        }

        return new Dossier($person, $this->library, $this->clock($by));
    }

    /** @return Several<int, Dossier> everyone of the practice, or those that are not archived */
    public function all(User $by, bool $archived = false): Several
    {
        $clock = $this->clock($by);

        $people = Person::query()->when(! $archived, static fn($rows) => $rows->where('archived_at', null))->with([...self::RECORDS, 'trainingSessions'])->get();

        return $people->map(fn(Person $person): Dossier => new Dossier($person, $this->library, $clock))->values()->toBase();
    }

    private function clock(User $by): PracticeClock
    {
        return PracticeClock::of($by);
    }
}
