<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\ErasePerson;
use App\Models\Person;
use App\Models\Practice;
use App\Models\Scopes\PracticeScope;
use EvenRungs\Calendar\Day;
use Illuminate\Console\Command;

/** Each night: records whose day has come, and that nobody took back, are erased. */
final class ErasePeople extends Command
{
    protected $signature = 'people:erase';

    protected $description = 'Erases the records of people whose owner asked for it thirty days ago';

    public function handle(ErasePerson $action): int
    {
        $failed = 0;
        foreach (Practice::query()->orderBy('id')->get() as $practice) {
            PracticeScope::actingFor($practice->id, static function () use ($practice, $action, &$failed): void {
                $today = Day::parse(now()->setTimezone($practice->time_zone)->format('Y-m-d'));
                foreach (Person::query()->where('erase_on', '<=', $today->iso())->orderBy('id')->pluck('id') as $id) {
                    try {
                        $action->erase($id, $today);
                    } catch (\Throwable $problem) {
                        // One that cannot be erased keeps nobody else's record.
                        report($problem);
                        $failed++;
                    }
                }
            });
        }

        return $failed === 0 ? self::SUCCESS : self::FAILURE;
    }
}
