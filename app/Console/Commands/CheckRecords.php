<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Practice;
use App\Models\Scopes\PracticeScope;
use App\Models\User;
use App\Records\PersonLines;
use Illuminate\Console\Command;

/** Holds what is kept for lists against the records, and names the people of whom it says something else. */
final class CheckRecords extends Command
{
    protected $signature = 'records:check';

    protected $description = 'Finds people whose line on bench and lists is not what their records say';

    public function handle(PersonLines $lines): int
    {
        $wrong = [];
        foreach (Practice::query()->orderBy('id')->get() as $practice) {
            $by = User::query()->where('practice_id', $practice->id)->orderBy('id')->first()?->setRelation('practice', $practice);
            if ($by !== null) {
                array_push($wrong, ...PracticeScope::actingFor($practice->id, static fn(): array => $lines->wrong($by)));
            }
        }
        foreach ($wrong as $person) {
            $this->error("{$person} is kept otherwise than the records say.");
        }
        $this->info(count($wrong).' of the lines differ. '.($wrong === [] ? '' : 'Make them anew with records:rebuild.'));

        return $wrong === [] ? self::SUCCESS : self::FAILURE;
    }
}
