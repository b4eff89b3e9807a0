<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Access;
use App\Models\AlignmentCheck;
use App\Models\BraceTest;
use App\Models\Clearance;
use App\Models\Climb;
use App\Models\Decision;
use App\Models\HomeContact;
use App\Models\HomeDevice;
use App\Models\HomeLink;
use App\Models\HomeMessage;
use App\Models\HomeNote;
use App\Models\MethodChange;
use App\Models\Morning;
use App\Models\OwnMethod;
use App\Models\Person;
use App\Models\PersonLimit;
use App\Models\Photo;
use App\Models\Placement;
use App\Models\Plan;
use App\Models\PlanCalendar;
use App\Models\Program;
use App\Models\ReaderNote;
use App\Models\Readership;
use App\Models\RungAllowance;
use App\Models\RungMark;
use App\Models\Screening;
use App\Models\SessionLog;
use App\Models\SetCorrection;
use App\Models\SetEntry;
use App\Models\SetUp;
use App\Models\SheetStage;
use App\Models\SorenessAnswer;
use App\Models\SquadMember;
use App\Models\TimedHold;
use App\Models\Training;
use App\Models\TrainingSession;
use App\Models\User;
use App\Models\WeekWriting;
use App\Photos\PhotoShelf;
use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Contracts\Filesystem\FileNotFoundException;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletingScope;

/**
 * A copy of everything that is kept of a person, as one archive: record.json with every row, trainings.csv with a line for each
 * set, and the pictures. Written row by row, so that years of records take no more memory than a week.
 */
final readonly class PersonCopy
{
    /** Raised where what is in it changes its meaning. */
    public const VERSION = 1;

    /** What a table holds of a person, by its name. */
    public const KINDS = [
        'person_limits' => PersonLimit::class, 'screenings' => Screening::class, 'clearances' => Clearance::class, 'holds' => TimedHold::class,
        'climbs' => Climb::class, 'brace_checks' => BraceTest::class, 'alignments' => AlignmentCheck::class, 'photos' => Photo::class,
        'placements' => Placement::class, 'decisions' => Decision::class, 'rung_marks' => RungMark::class, 'rung_allowances' => RungAllowance::class,
        'set_ups' => SetUp::class, 'training_sessions' => TrainingSession::class, 'session_logs' => SessionLog::class, 'mornings' => Morning::class,
        'soreness_answers' => SorenessAnswer::class, 'trainings' => Training::class, 'plans' => Plan::class, 'week_writings' => WeekWriting::class,
        'calendars' => PlanCalendar::class, 'programs' => Program::class, 'sheet_stages' => SheetStage::class, 'home_links' => HomeLink::class,
        'home_devices' => HomeDevice::class, 'home_contacts' => HomeContact::class, 'home_notes' => HomeNote::class, 'home_messages' => HomeMessage::class,
        'accesses' => Access::class, 'readerships' => Readership::class, 'reader_notes' => ReaderNote::class,
        'squad_members' => SquadMember::class,
    ];

    /** Keys of doors, and what is the same in every row. */
    private const LEFT_OUT = ['practice_id', 'person_id', 'token', 'token_hash', 'code', 'tries'];

    /** What stands in place of a value that was kept but cannot be read any more. */
    private const UNREADABLE = 'kept, and cannot be read';

    private const AT_ONCE = 200;

    public function __construct(private PhotoShelf $shelf) {}

    /** @return string where it was written; whoever asked takes it away again */
    public function write(Person $person, User $by): string
    {
        // In clear: where something fails none of them stays.
        [$path, $json, $csv] = [self::file(), self::file(), self::file()];
        try {
            $this->record($person, $by, $json);
            $this->trainings($person, $csv);
            $zip = new \ZipArchive;
            $zip->open($path, \ZipArchive::OVERWRITE);
            $zip->addFile($json, 'record.json');
            $zip->addFile($csv, 'trainings.csv');
            foreach (Photo::query()->where('person_id', $person->id)->whereNull('undone_at')->orderBy('id')->get() as $photo) {
                try {
                    $zip->addFromString("pictures/{$photo->id}.jpg", $this->shelf->jpeg($photo));
                } catch (FileNotFoundException|DecryptException) {
                    // Let go of meanwhile, or of another key.
                }
            }
            if (! $zip->close()) {
                throw new \RuntimeException('The copy could not be written.');
            }
        } catch (\Throwable $problem) {
            unlink($path);
            throw $problem;
        } finally {
            unlink($json);
            unlink($csv);
        }

        return $path;
    }

    private function record(Person $person, User $by, string $path): void
    {
        $out = fopen($path, 'w') ?: throw new \RuntimeException('The copy could not be written.');
        $who = User::query()->where('practice_id', $person->practice_id)->pluck('name', 'id')->all();
        $head = ['format' => 'even-rungs person', 'version' => self::VERSION, 'made' => now()->toIso8601ZuluString(), 'practice' => $by->practice->name, 'who wrote it' => $who, 'person' => self::row($person)];
        fwrite($out, substr(self::json($head), 0, -1).',"records":{');
        $this->list($out, 'method', OwnMethod::query()->whereIn('owner_id', self::owners($person)));
        fwrite($out, ',');
        $this->list($out, 'method_changes', MethodChange::query()->whereIn('owner_id', self::owners($person)));
        foreach (self::KINDS as $name => $kind) {
            fwrite($out, ',');
            $rows = $kind::query()->where('person_id', $person->id);
            $this->list($out, $name, in_array($kind, [TrainingSession::class, SheetStage::class], true) ? $rows->withoutGlobalScope(SoftDeletingScope::class) : $rows);
        }
        fwrite($out, '}}');
        fclose($out);
    }

    /**
     * @param resource       $out
     * @param Builder<covariant Model> $rows
     */
    private function list($out, string $name, Builder $rows): void
    {
        fwrite($out, self::json($name).':[');
        $between = '';
        $rows->chunkById(self::AT_ONCE, function ($chunk) use ($out, &$between): void {
            $with = self::with(array_values($chunk->all()));
            foreach ($chunk as $row) {
                $key = $row->getKey();
                fwrite($out, $between.self::json([...self::row($row), ...$with[is_string($key) ? $key : ''] ?? []]));
                $between = ",\n";
            }
        });
        fwrite($out, ']');
    }

    /**
     * What hangs on rows, by their ids: sets and their corrections, and what devices told of a training.
     *
     * @param list<Model> $rows
     *
     * @return array<array-key, array<string, mixed>>
     */
    private static function with(array $rows): array
    {
        $ids = array_map(static fn(Model $row): string => is_string($row->getKey()) ? $row->getKey() : '', $rows);
        $with = [];
        if (($rows[0] ?? null) instanceof SessionLog) {
            foreach (['sets' => SetEntry::class, 'corrections' => SetCorrection::class] as $name => $kind) {
                foreach ($kind::query()->whereIn('session_log_id', $ids)->orderBy('id')->get() as $row) {
                    $with[$row->session_log_id][$name][] = self::row($row);
                }
            }
        }
        if (($rows[0] ?? null) instanceof Training) {
            foreach ($ids as $id) {
                try {
                    $with[$id]['told'] = TrainingEvents::told([$id])[$id] ?? [];
                } catch (\Throwable) {
                    $with[$id]['told'] = self::UNREADABLE;
                }
            }
        }

        return $with;
    }

    /** @return array<string, mixed> as it is, in clear; what cannot be read says so, and takes nothing else with it */
    private static function row(Model $row): array
    {
        try {
            return array_diff_key($row->attributesToArray(), array_flip(self::LEFT_OUT));
        } catch (\Throwable) {
            $names = array_diff(array_keys($row->getAttributes()), self::LEFT_OUT);

            return array_combine($names, array_map(static fn(string $name): mixed => self::one($row, $name), $names));
        }
    }

    private static function one(Model $row, string $name): mixed
    {
        try {
            return (clone $row)->setVisible([$name])->attributesToArray()[$name] ?? null;
        } catch (\Throwable) {
            return self::UNREADABLE;
        }
    }

    /** @return list<string> whose method is theirs */
    private static function owners(Person $person): array
    {
        return [$person->id, ...array_values(Program::query()->where('person_id', $person->id)->pluck('id')->all())];
    }

    private function trainings(Person $person, string $path): void
    {
        $out = fopen($path, 'w') ?: throw new \RuntimeException('The copy could not be written.');
        self::line($out, ['date', 'session', 'exercise', 'in place of', 'set', 'planned', 'both', 'left', 'right', 'faults', 'pain', 'effort', 'felt']);
        SessionLog::query()->where('person_id', $person->id)->with('sets')->chunkById(self::AT_ONCE, static function ($logs) use ($out): void {
            foreach ($logs as $log) {
                $rungs = $log->rung_snapshots;
                foreach ($log->sets->sortBy(['item', 'set_number']) as $set) {
                    $form = $set->getAttribute('form');
                    $faults = array_keys(array_filter(is_array($form) ? $form : [], static fn(mixed $yes): bool => $yes === false));
                    self::line($out, [$log->done_on, $log->title, self::name($rungs, $set->rung), $set->instead_of === null ? '' : self::name($rungs, $set->instead_of), $set->set_number, $set->dose, $set->done_both, $set->done_left, $set->done_right, implode(' ', $faults), $set->pain, $set->effort, $set->felt]);
                }
            }
        });
        fclose($out);
    }

    /** @param array<string, mixed> $rungs as they were, by name */
    private static function name(array $rungs, string $rung): string
    {
        $kept = $rungs[$rung] ?? null;

        return is_array($kept) && is_string($kept['name'] ?? null) ? $kept['name'] : $rung;
    }

    /**
     * A text that a table program would take for a formula is none.
     *
     * @param resource                   $out
     * @param list<string|int|null> $cells
     */
    private static function line($out, array $cells): void
    {
        fputcsv($out, array_map(static fn(string|int|null $cell): string => is_string($cell) && preg_match('/^[=+\-@\t\r]/', $cell) === 1 ? "'{$cell}" : (string) $cell, $cells), escape: '');
    }

    private static function json(mixed $value): string
    {
        return json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    private static function file(): string
    {
        return tempnam(sys_get_temp_dir(), 'even-rungs-copy-') ?: throw new \RuntimeException('The copy could not be written.');
    }
}
