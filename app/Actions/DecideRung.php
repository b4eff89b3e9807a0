<?php

declare(strict_types=1);

namespace App\Actions;

use App\Library\PracticeLibrary;
use App\Models\Decision;
use App\Models\Placement;
use App\Models\User;
use App\Records\PersonFile;
use EvenRungs\Calendar\Day;
use EvenRungs\Ladder\InvalidLadder;
use EvenRungs\Person\Consequences;
use EvenRungs\Person\PendingDecision;
use EvenRungs\Progress\Decision as ProgressDecision;
use EvenRungs\Reason\Reason;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Stores what the trainer decides about a rung, with what the rules proposed, and moves the board. */
final readonly class DecideRung
{
    public function __construct(private Placing $placing, private PracticeLibrary $ladders) {}

    /** @throws InvalidLadder when there is no rung to climb to */
    public function decide(PersonFile $file, PendingDecision $pending, ProgressDecision $choice, string $reason, User $by, string $id): Decision
    {
        $to = (new Consequences($file->record, $pending))->destination($choice);

        return DB::transaction(function () use ($file, $pending, $choice, $reason, $by, $id, $to): Decision {
            $decision = Decision::query()->create([
                'id' => $id,
                'person_id' => $file->person->id,
                'session_log_id' => $pending->log->id,
                'ladder' => $pending->ladder->slug,
                'side' => $pending->side->value,
                'rung' => $pending->rung->slug,
                'rung_snapshot' => $this->ladders->snapshot($pending->rung->slug),
                'library_version' => $file->record->library->version,
                'proposed' => $pending->proposal->choice->value,
                'reasons' => array_map(static fn(Reason $reason): array => $reason->toArray(), $pending->proposal->reasons),
                'choice' => $choice->value,
                'to_rung' => $to?->range === null ? $to?->rung->slug : null,
                'choice_reason' => $reason,
                'decided_on' => $file->record->today->iso(),
                'time_zone' => $file->clock->timeZone(),
                'user_id' => $by->id,
                'sequence' => $file->clock->sequence(),
            ]);
            $why = $choice->inWords().($to?->range === null ? '' : ", {$to->range->inWords()}").($reason === '' ? '' : ": {$reason}");
            if ($to !== null) {
                $this->placing->record($file, $to->rung, $pending->side, $by, strtolower((string) Str::ulid()), $why, decision: $id, range: $to->range);
            }
            if ($choice === ProgressDecision::StopLadder || $choice === ProgressDecision::Refer) {
                $this->placing->record($file, $pending->rung, $pending->side, $by, strtolower((string) Str::ulid()), $why, stopped: true, decision: $id);
            }

            return $decision;
        });
    }

    /**
     * Takes a decision back with the move it made; what was moved since on the same ladder stays as it is.
     *
     * @return list<string> rungs and dates of the moves that stay
     */
    public function takeBack(Decision $decision): array
    {
        if ($decision->taken_back_at === null) {
            DB::transaction(static function () use ($decision): void {
                $decision->update(['taken_back_at' => now()]);
                Placement::query()->where('decision_id', $decision->id)->update(['undone_at' => now()]);
            });
        }
        $library = $this->ladders->library();

        return array_values(Placement::query()->where('person_id', $decision->person_id)->where('ladder', $decision->ladder)->whereNull('undone_at')->where('sequence', '>', $decision->sequence)->orderBy('sequence')->get()
            ->map(static fn(Placement $row): string => '“'.$library->rung($row->rung)->name.'” of '.Day::parse($row->placed_on)->inWords())->all());
    }
}
