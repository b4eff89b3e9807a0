<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Erasure;
use App\Models\Person;
use App\Models\Photo;
use App\Photos\PhotoShelf;
use EvenRungs\Calendar\Day;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Everything that is kept of a person, gone for good. Backups made before keep it as long as they are kept. */
final readonly class ErasePerson
{
    /** So long it can be taken back. */
    public const AFTER_DAYS = 30;

    /** What knows the person by another row only: the column, and where that row is. */
    private const THROUGH = [
        'set_logs' => ['session_log_id', 'session_logs'],
        'set_corrections' => ['session_log_id', 'session_logs'],
        'log_ladders' => ['session_log_id', 'session_logs'],
        'training_events' => ['training_id', 'trainings'],
    ];

    public function __construct(private PhotoShelf $shelf) {}

    public function erase(Person $person, Day $today): void
    {
        DB::transaction(function () use ($person, $today): void {
            Photo::query()->where('person_id', $person->id)->lazyById()->each(fn(Photo $photo) => $this->shelf->remove($photo));
            // The rows of a person refer to each other in circles.
            DB::statement('SET FOREIGN_KEY_CHECKS = 0');
            foreach (self::THROUGH as $table => [$column, $parents]) {
                DB::table($table)->join($parents, "{$parents}.id", '=', "{$table}.{$column}")->where("{$parents}.person_id", $person->id)->delete();
            }
            DB::table('takings')->where('id', $person->id)->delete();
            $owners = [$person->id, ...DB::table('programs')->where('person_id', $person->id)->pluck('id')->all()];
            foreach (['own_methods', 'method_changes'] as $table) {
                DB::table($table)->whereIn('owner_id', $owners)->delete();
            }
            foreach (Schema::getTableListing(Schema::getCurrentSchemaName(), schemaQualified: false) as $table) {
                if (Schema::hasColumn($table, 'person_id')) {
                    // What was created is not known as taken any more either.
                    if (Schema::hasColumn($table, 'id')) {
                        DB::table('takings')->join($table, "{$table}.id", '=', 'takings.id')->where("{$table}.person_id", $person->id)->delete();
                    }
                    DB::table($table)->where('person_id', $person->id)->delete();
                }
            }
            DB::table('people')->where('id', $person->id)->delete();
            DB::statement('SET FOREIGN_KEY_CHECKS = 1');
            Erasure::query()->create(['practice_id' => $person->practice_id, 'user_id' => $person->erase_asked_by, 'erased_on' => $today->iso()]);
        });
    }
}
