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

    /** Where it is still asked for, as the row says once nobody else can write it. */
    public function erase(string $id, Day $today): void
    {
        DB::transaction(function () use ($id, $today): void {
            $person = Person::query()->where('erase_on', '<=', $today->iso())->lockForUpdate()->find($id);
            if ($person === null) {
                return;
            }
            Photo::query()->where('person_id', $id)->lazyById()->each(fn(Photo $photo) => $this->shelf->remove($photo));
            // The rows of a person refer to each other in circles.
            DB::statement('SET FOREIGN_KEY_CHECKS = 0');
            try {
                self::rows($id);
            } finally {
                DB::statement('SET FOREIGN_KEY_CHECKS = 1');
            }
            Erasure::query()->create(['practice_id' => $person->practice_id, 'user_id' => $person->erase_asked_by, 'erased_on' => $today->iso()]);
        });
    }

    private static function rows(string $id): void
    {
        foreach (self::THROUGH as $table => [$column, $parents]) {
            DB::table($table)->join($parents, "{$parents}.id", '=', "{$table}.{$column}")->where("{$parents}.person_id", $id)->delete();
        }
        $owners = [$id, ...DB::table('programs')->where('person_id', $id)->pluck('id')->all()];
        foreach (['own_methods', 'method_changes'] as $table) {
            DB::table($table)->whereIn('owner_id', $owners)->delete();
        }
        foreach (Schema::getTableListing(Schema::getCurrentSchemaName(), schemaQualified: false) as $table) {
            if (! Schema::hasColumn($table, 'person_id')) {
                continue;
            }
            if (Schema::hasColumn($table, 'id')) {
                // What was created is not known as taken any more either.
                DB::table('takings')->join($table, "{$table}.id", '=', 'takings.id')->where("{$table}.person_id", $id)->delete();
            }
            DB::table($table)->where('person_id', $id)->delete();
        }
        DB::table('takings')->where('id', $id)->delete();
        DB::table('people')->where('id', $id)->delete();
    }
}
