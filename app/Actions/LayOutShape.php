<?php

declare(strict_types=1);

namespace App\Actions;

use App\Library\PracticeLibrary;
use App\Models\Plan;
use App\Models\TrainingSession;
use App\Records\PersonFile;
use EvenRungs\Person\LaidWeek;
use EvenRungs\Person\ShapedSession;
use EvenRungs\Person\StoodThen;
use EvenRungs\Session\SessionLength;
use EvenRungs\Session\WrittenBlock;
use EvenRungs\Week\Shape;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Writes the sessions a shape of the week asks for. Where they stand is for the plan to take, or to leave. */
final readonly class LayOutShape
{
    private const ORIGIN = 'from a shape: ';

    public function __construct(private PracticeLibrary $ladders) {}

    /** @return array<string, TrainingSession> by key of the shape */
    public function write(PersonFile $file, Shape $shape, LaidWeek $laid): array
    {
        return DB::transaction(function () use ($file, $shape, $laid): array {
            self::letGoOfTried($file->person->id);
            $rows = [];
            foreach ($laid->sessions as $session) {
                $rows[$session->key] = $this->session($file, $shape, $session);
            }

            return $rows;
        });
    }

    /** What shapes wrote before and nobody placed, trained or changed; that of the last day stays, for undo. */
    private static function letGoOfTried(string $person): void
    {
        $placed = array_column(Plan::query()->where('person_id', $person)->first()->slots ?? [], 'session');
        TrainingSession::query()->where('person_id', $person)->where('origin', 'like', self::ORIGIN.'%')->where('version', 1)->where('created_at', '<', now()->subDay())
            ->whereNotIn('id', $placed)
            ->whereNotExists(static fn(Builder $logs) => $logs->from('session_logs')->whereColumn('session_logs.training_session_id', 'training_sessions.id'))
            ->delete();
    }

    private function session(PersonFile $file, Shape $shape, ShapedSession $session): TrainingSession
    {
        $snapshots = [];
        foreach ($session->blocks as $block) {
            foreach ($block->items as $item) {
                $snapshots[$item->rung] = $this->ladders->snapshot($item->rung);
            }
        }

        return TrainingSession::query()->create([
            'id' => strtolower((string) Str::ulid()),
            'person_id' => $file->person->id,
            'version' => 1,
            'title' => Str::limit($session->title, 117),
            'minutes' => $session->minutes,
            'picks' => $session->picks,
            'blocks' => array_map(static fn(WrittenBlock $block): array => $block->toArray(), StoodThen::on($session->blocks, $file->record, $file->clock->sequence())),
            'rung_snapshots' => $snapshots,
            'library_version' => $file->record->library->version,
            'total_seconds' => SessionLength::of($file->record->read($session->blocks)->session, $session->picks)->longest,
            'origin' => self::ORIGIN.lcfirst($shape->label()),
        ]);
    }
}
