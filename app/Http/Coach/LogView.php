<?php

declare(strict_types=1);

namespace App\Http\Coach;

use App\Http\Shared\ReasonView;
use App\Models\SessionLog;
use App\Models\TrainingSession;
use App\Records\PersonFile;
use EvenRungs\Load\ActiveTime;

/** A logged session. */
final readonly class LogView
{
    /**
     * @param int|null        $seconds that were trained
     * @param ReasonView|null $odd     why the time is asked about
     */
    public function __construct(
        public string $id,
        public string $title,
        public string $doneOn,
        public int $sets,
        public ?int $seconds,
        public ?ReasonView $odd,
    ) {}

    public static function of(SessionLog $log, PersonFile $file): self
    {
        $session = TrainingSession::withTrashed()->findOrFail($log->training_session_id);
        $sets = $log->sets()->count();
        $written = $file->record->read($session->inCore()->blocks)->session?->secondsFor($sets);
        $odd = $written === null ? null : ActiveTime::odd($log->seconds, $written);

        return new self(id: $log->id, title: $log->title, doneOn: $log->done_on, sets: $sets, seconds: $log->seconds, odd: $odd === null ? null : ReasonView::of($odd));
    }
}
