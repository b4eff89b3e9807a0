<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Person;
use App\Models\Placement;
use App\Models\Practice;
use App\Models\Scopes\PracticeScope;
use App\Models\User;
use App\Records\OpenPerson;
use EvenRungs\Calendar\Day;
use EvenRungs\Ladder\UnknownRung;
use EvenRungs\Person\Tenures;
use EvenRungs\Program\Forecast;
use EvenRungs\Program\Rate;
use Illuminate\Console\Command;

/** Holds the forecast against what happened: each gate as it would have been forecast on the day somebody came to the rung below. */
final class BackTest extends Command
{
    protected $signature = 'forecast:back-test';

    protected $description = 'Prints which share of the gates that were reached lay inside their forecast band';

    public function handle(OpenPerson $open): int
    {
        $inside = $all = 0;
        foreach (Practice::query()->orderBy('name')->get() as $practice) {
            /** @var User $by */
            $by = User::query()->where('practice_id', $practice->id)->orderBy('id')->firstOrFail();
            $by->setRelation('practice', $practice);
            PracticeScope::actingFor($practice->id, function () use ($open, $by, &$inside, &$all): void {
                // One after the other: nobody's records are read for somebody else.
                foreach (Person::query()->orderBy('name')->cursor() as $person) {
                    [$hits, $gates] = $this->person($open, $person, $by);
                    $inside += $hits;
                    $all += $gates;
                    if ($gates > 0) {
                        $this->line(sprintf('%-20s %d of %d gates inside the band', $person->name, $hits, $gates));
                    }
                }
            });
        }
        $this->info($all === 0 ? 'No gate was reached yet.' : sprintf('forecast, back-tested: %d of %d gates inside the band (%d %%)', $inside, $all, intdiv(100 * $inside, $all)));

        return self::SUCCESS;
    }

    /** @return array{int, int} gates inside the band, and gates reached */
    private function person(OpenPerson $open, Person $person, User $by): array
    {
        $file = $open->of($person, $by);
        $rows = array_values($person->placements->all());
        $inside = $all = 0;
        foreach ($rows as $index => $row) {
            $next = $this->nextOn($rows, $index);
            if ($next === null || $next->decision_id === null) {
                continue;
            }
            try {
                [$from, $to] = [$file->record->library->rung($row->rung), $file->record->library->rung($next->rung)];
            } catch (UnknownRung) {
                continue;
            }
            if ($to->height->above($from->height) <= 0) {
                continue;
            }
            $day = Day::parse($row->placed_on);
            // Only what was known by then.
            $known = Tenures::of(array_slice($file->record->history->placings, 0, $index + 1), $day, $file->record->library);
            $gate = Forecast::of($from, 0, $file->record->library->ladder($from->ladder), $file->record->circumstances(), Rate::fromLog($known) ?? Rate::stated(Rate::STATED_TENTHS), count($person->training_days), 1)[0] ?? null;
            $all++;
            $inside += (int) ($gate?->holds($day->daysUntil(Day::parse($next->placed_on)) / 7) ?? false);
        }

        return [$inside, $all];
    }

    /** @param list<Placement> $rows */
    private function nextOn(array $rows, int $index): ?Placement
    {
        foreach (array_slice($rows, $index + 1) as $row) {
            if ($row->ladder === $rows[$index]->ladder && ($row->side === $rows[$index]->side || $row->side === 'both' || $rows[$index]->side === 'both')) {
                return $row;
            }
        }

        return null;
    }
}
