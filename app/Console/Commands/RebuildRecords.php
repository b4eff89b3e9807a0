<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Person;
use App\Models\Practice;
use App\Models\Scopes\PracticeScope;
use App\Models\SessionLog;
use App\Models\User;
use App\Records\LoggedSessions;
use App\Records\PersonLines;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** Makes anew what is kept beside the records so that lists and rules need not read all of them. */
final class RebuildRecords extends Command
{
    protected $signature = 'records:rebuild {--old : only the lines that have come due: for each night}';

    protected $description = 'Makes the lines of bench and lists, and sessions in brief, anew from the records';

    public function handle(PersonLines $lines): int
    {
        $people = 0;
        foreach (Practice::query()->orderBy('id')->get() as $practice) {
            $by = User::query()->where('practice_id', $practice->id)->orderBy('id')->first();
            if ($by === null) {
                continue;
            }
            $by->setRelation('practice', $practice);
            PracticeScope::actingFor($practice->id, function () use ($lines, $by, &$people): void {
                if ($this->option('old') === true) {
                    $lines->freshen($by, null);

                    return;
                }
                foreach (Person::query()->lazyById() as $person) {
                    DB::transaction(static function () use ($lines, $person, $by): void {
                        // As every writing begins: nothing is written about the person meanwhile.
                        DB::table('people')->where('id', $person->id)->increment('records');
                        foreach (SessionLog::query()->where('person_id', $person->id)->pluck('id') as $log) {
                            LoggedSessions::keepBrief($log);
                        }
                        $lines->keep($person, $by, anew: true);
                    });
                    $people++;
                }
            });
        }
        $this->info($this->option('old') === true ? 'Lines that had come due were made anew.' : "{$people} people made anew.");

        return self::SUCCESS;
    }
}
