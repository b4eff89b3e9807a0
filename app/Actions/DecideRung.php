<?php

declare(strict_types=1);

namespace App\Actions;

use App\Library\PracticeLibrary;
use App\Models\Decision;
use App\Models\Placement;
use App\Models\User;
use App\Records\PersonFile;
use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Dose\Range;
use EvenRungs\Ladder\InvalidLadder;
use EvenRungs\Ladder\Rung;
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
        $range = $this->rangeAfter($file, $pending, $choice);
        $to = $range !== null ? $pending->rung : $this->rungAfter($file, $pending, $choice);

        return DB::transaction(function () use ($file, $pending, $choice, $reason, $by, $id, $to, $range): Decision {
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
                'to_rung' => $range === null ? $to?->slug : null,
                'choice_reason' => $reason,
                'decided_on' => $file->record->today->iso(),
                'time_zone' => $file->clock->timeZone(),
                'user_id' => $by->id,
                'sequence' => $file->clock->sequence(),
            ]);
            $why = $choice->inWords().($range === null ? '' : ", {$range->inWords()}").($reason === '' ? '' : ": {$reason}");
            if ($to !== null) {
                $this->placing->record($file, $to, $pending->side, $by, strtolower((string) Str::ulid()), $why, decision: $id, range: $range);
            }
            if ($choice === ProgressDecision::StopLadder || $choice === ProgressDecision::Refer) {
                $this->placing->record($file, $pending->rung, $pending->side, $by, strtolower((string) Str::ulid()), $why, stopped: true, decision: $id);
            }

            return $decision;
        });
    }

    /** @throws InvalidLadder when there is no rung to climb to */
    private function rungAfter(PersonFile $file, PendingDecision $pending, ProgressDecision $choice): ?Rung
    {
        $on = $pending->side === Side::Both ? null : $pending->side;
        $circumstances = $file->record->circumstances();

        return match ($choice) {
            ProgressDecision::Climb => $circumstances->nextOpen($pending->ladder, $pending->rung, up: true, on: $on) ?? throw InvalidLadder::because('No higher rung of this ladder is open to this person.'),
            ProgressDecision::StepDown => $circumstances->nextOpen($pending->ladder, $pending->rung, up: false, on: $on),
            default => null,
        };
    }

    /** Over which range of the same rung it goes on; null where the rung has none, or the step is another one. */
    private function rangeAfter(PersonFile $file, PendingDecision $pending, ProgressDecision $choice): ?Range
    {
        $next = $pending->rung->range === null ? null : $file->record->doses()->next()[$pending->rung->slug] ?? null;

        return match ($choice) {
            ProgressDecision::StepDown => $pending->proposal->toRange,
            ProgressDecision::Stay => $next?->dose->range?->is($pending->session->dose->range) === false ? $next->dose->range : null,
            default => null,
        };
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
