<?php

declare(strict_types=1);

namespace App\Http\Review;

use App\Actions\CorrectSet;
use App\Api\Reads;
use App\Api\Writes;
use App\Models\Person;
use App\Models\SessionLog;
use App\Models\SetCorrection;
use App\Models\SetEntry;
use App\Models\User;
use App\Records\OpenPerson;
use EvenRungs\Calendar\Day;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Ladder\Library;
use EvenRungs\Reason\Refusal;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

/** What was told of a training, set by set, and the correction of a typing error in it. */
final readonly class LogController
{
    public function __construct(private OpenPerson $open) {}

    #[Reads('/api/people/{person}/logs/{log}/sets', 'loggedSets', LoggedSetsView::class)]
    public function sets(Person $person, SessionLog $log, #[CurrentUser] User $by): JsonResponse
    {
        return $this->answer($person, $log, $by);
    }

    #[Writes('/api/people/{person}/logs/{log}/corrections', 'correctSet', LoggedSetsView::class, CorrectionRequest::class, 201)]
    public function correct(Person $person, SessionLog $log, CorrectionRequest $input, CorrectSet $corrections): JsonResponse
    {
        abort_unless($log->person_id === $person->id, 404);
        $entry = SetEntry::query()->where('session_log_id', $log->id)->where('item', $input->text('item'))->where('set_number', $input->integer('set'))->firstOrFail();
        $corrections->correct($this->open->of($person, $input->by()), $log, $entry, $input->figures(), $input->text('id'), $input->by());

        return $this->answer($person, $log->unsetRelations(), $input->by(), 201);
    }

    private function answer(Person $person, SessionLog $log, User $by, int $status = 200): JsonResponse
    {
        abort_unless($log->person_id === $person->id, 404);
        $library = $this->open->forPlanning($person->id, $by)->record->library;
        $was = [];
        foreach (SetCorrection::query()->where('session_log_id', $log->id)->orderBy('sequence')->get() as $row) {
            $was["{$row->item} {$row->set_number}"][] = "{$row->before} (until ".Day::parse($row->corrected_on)->inWords().')';
        }
        $sets = SetEntry::query()->where('session_log_id', $log->id)->orderBy('id')->get();

        return new JsonResponse(new LoggedSetsView(
            title: $log->title,
            doneOn: $log->done_on,
            atHome: $log->at_home,
            sets: array_values($sets->map(static fn(SetEntry $row): LoggedSetView => new LoggedSetView(item: $row->item, set: $row->set_number, name: self::name($row, $log, $library), unit: self::unit($row, $library), both: $row->done_both, left: $row->done_left, right: $row->done_right, pain: $row->pain, effort: $row->effort, was: $was["{$row->item} {$row->set_number}"] ?? []))->all()),
        ), $status);
    }

    /** As it was called when it was done. */
    private static function name(SetEntry $row, SessionLog $log, Library $library): string
    {
        $name = data_get($log->rung_snapshots, [$row->rung, 'name']);

        return is_string($name) ? $name : ($library->has($row->rung) ? $library->rung($row->rung)->name : $row->rung);
    }

    private static function unit(SetEntry $row, Library $library): string
    {
        try {
            return $library->has($row->rung) ? trim(DoseLine::parse($row->dose, $library->rung($row->rung)->sidedness)->unit()->suffix()) : '';
        } catch (Refusal) {
            return '';
        }
    }
}
