<?php

declare(strict_types=1);

namespace App\Http\Squad;

use App\Http\Shared\PainPlaceView;
use App\Http\Shared\ReasonView;
use App\Models\Plan;
use App\Models\SessionLog;
use App\Models\SorenessAnswer;
use App\Models\TrainingSession;
use App\Records\PersonFile;
use App\Records\SquadFile;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Ladder\Ladder;
use EvenRungs\Person\EasierNow;
use EvenRungs\Progress\FormQuestion;
use EvenRungs\Progress\Pain;
use EvenRungs\Progress\PainPlace;
use EvenRungs\Reason\Reason;
use EvenRungs\Session\Cue;
use EvenRungs\Session\CueWay;
use EvenRungs\Session\Totals;
use EvenRungs\Squad\Squad;
use EvenRungs\Squad\SquadMember;
use EvenRungs\Squad\SquadPlace;
use EvenRungs\Week\Meeting;
use EvenRungs\Week\Soreness;

/** What the core makes of a squad, in the view's terms. */
final readonly class SquadPage
{
    private Squad $squad;

    /** @var array<int, int> station by number of the member */
    private array $starts;

    /** @var array<string, string> ids of the sessions written for its people, by person */
    private array $written;

    /** @var array<string, string> the last day each of them is told of */
    private array $told;

    public function __construct(private SquadFile $file)
    {
        $this->squad = $file->squad;
        $this->starts = $file->squad->starts($file->here);
        $people = array_map(static fn(PersonFile $one): string => $one->person->id, $file->files);
        $this->written = array_filter(TrainingSession::query()->where('squad_id', $file->row->id)->whereIn('person_id', $people)->pluck('id', 'person_id')->all(), is_string(...));
        $this->told = array_filter(SessionLog::query()->whereIn('person_id', $people)->whereIn('training_session_id', array_values($this->written))->groupBy('training_session_id')->selectRaw('training_session_id, max(done_on) as last')->pluck('last', 'training_session_id')->all(), is_string(...));
    }

    public function view(): SquadView
    {
        $clock = $this->squad->clock;

        return new SquadView(
            id: $this->file->row->id,
            name: $this->file->row->name,
            version: $this->file->row->version,
            work: $clock->work,
            change: $clock->change,
            rounds: $clock->rounds,
            roundRest: $clock->roundRest,
            kit: $this->file->row->kit(),
            meets: $this->meets(),
            lengthText: Totals::clock($clock->seconds()),
            turns: $clock->turns(),
            stations: array_map(fn(Ladder $ladder, int $at): SquadStationView => new SquadStationView(
                ladder: $ladder->slug,
                name: $ladder->name,
                demand: $ladder->demand,
                demandName: $ladder->demand->shortName(),
                kit: self::counted($this->squad->kit($at, $this->starts)),
                next: $clock->station($at, 1),
            ), $this->squad->stations, array_keys($this->squad->stations)),
            members: array_map($this->member(...), array_keys($this->squad->members)),
            notes: ReasonView::all($this->squad->notes()),
            proposal: $this->proposal(),
            painPlaces: array_map(PainPlaceView::of(...), PainPlace::cases()),
            painStopsAbove: Pain::STOPS_ABOVE,
        );
    }

    /** @return list<SquadMeetingView> */
    private function meets(): array
    {
        $meetings = $this->file->row->meetings();
        $plans = $meetings === [] ? [] : Plan::query()->whereIn('person_id', array_map(static fn(PersonFile $one): string => $one->person->id, $this->file->files))->get()->keyBy('person_id')->all();

        return array_map(fn(Meeting $meeting): SquadMeetingView => new SquadMeetingView(
            day: $meeting->cell->day,
            part: $meeting->cell->part,
            time: $meeting->cell->time(),
            effort: $meeting->effort,
            text: $meeting->cell->inWords(),
            without: array_values(array_map(static fn(PersonFile $one): string => $one->person->name, array_filter($this->file->files, fn(PersonFile $one): bool => ($plans[$one->person->id] ?? null)?->inCore()->hasMeeting($meeting->slotId($this->file->row->id)) !== true))),
        ), $meetings);
    }

    private function member(int $number): SquadMemberView
    {
        [$file, $member] = [$this->file->files[$number], $this->squad->members[$number]];
        $session = $this->written[$file->person->id] ?? null;

        return new SquadMemberView(
            person: $file->person->id,
            name: $file->person->name,
            here: in_array($number, $this->file->here, true),
            start: $this->starts[$number] ?? null,
            way: isset($this->starts[$number]) ? $this->squad->clock->way($this->starts[$number]) : [],
            closed: $member->record->admission()->reason?->sentence,
            session: $session,
            toldOn: $session === null ? null : ($this->told[$session] ?? null),
            highestEffort: $member->record->circumstances()->highestEffort(),
            places: array_map(fn(SquadPlace $place): SquadPlaceView => $this->place($file, $member, $place), $member->places),
            cautions: ReasonView::all([...$this->sore($file), ...$member->cautions($this->squad->clock)]),
        );
    }

    /** @return list<Reason> what soreness told today asks for */
    private function sore(PersonFile $file): array
    {
        $ofTen = SorenessAnswer::toldOn($file->person->id, $this->file->today);
        $reason = $ofTen === null ? null : Soreness::against($ofTen);

        return $reason === null ? [] : [$reason];
    }

    /** @param string|null $easier what makes it an easier version of another; null where it is none */
    private function place(PersonFile $file, SquadMember $member, SquadPlace $place, ?string $easier = null): SquadPlaceView
    {
        $circumstances = $member->record->circumstances();
        $item = $place->item;
        $way = $item === null ? null : CueWay::of($item);

        return new SquadPlaceView(
            id: $item->id ?? '',
            rung: $item?->rung->slug,
            name: $item->rung->name ?? '',
            height: $item?->rung->height->label() ?? '',
            dose: $item === null ? '' : DoseLine::print($item->dose),
            work: $place->work(),
            words: $place->inWords(),
            pieces: array_map(static fn(Cue $cue): SquadPieceView => new SquadPieceView(stretch: $cue->stretch, seconds: $cue->seconds, side: $cue->side), $place->pieces()),
            targets: $way?->targets() ?? [],
            sides: $way?->sides() ?? [],
            cues: $item?->rung->cues($circumstances) ?? [],
            easier: $easier ?? ($item === null ? '' : EasierNow::inWords($member->record, $item->rung)),
            versions: $easier !== null ? [] : array_map(fn(array $version): SquadPlaceView => $this->place($file, $member, $version[1], $version[0]), $member->easier($place)),
            questions: $item === null ? [] : array_column(FormQuestion::asked($item->rung->asksForBreathing($item->dose), $circumstances->watchDoming(), ! $item->isOneSided()), 'value'),
            setUp: $item === null ? '' : $file->setUp($item->rung->slug),
            loads: $item === null ? [] : array_column(PainPlace::loadedBy($item->rung), 'value'),
            notes: ReasonView::all($place->notes),
        );
    }

    private function proposal(): ?SquadProposalView
    {
        $proposal = $this->file->proposal();
        $slugs = static fn(Squad $squad): array => array_map(static fn(Ladder $ladder): string => $ladder->slug, $squad->stations);
        $clock = $proposal->clock;
        if ($slugs($proposal) === $slugs($this->squad) && $clock == $this->squad->clock) {
            return null;
        }

        return new SquadProposalView(
            stations: $slugs($proposal),
            work: $clock->work,
            change: $clock->change,
            rounds: $clock->rounds,
            roundRest: $clock->roundRest,
            text: implode(', ', array_map(static fn(Ladder $ladder): string => (string) preg_replace('/ ladder$/', '', $ladder->name), $proposal->stations)).": {$clock->work} s on, {$clock->change} s to change, ".($clock->rounds === 1 ? 'one round' : "{$clock->rounds} rounds").'.',
        );
    }

    /**
     * @param array<string, int> $kit
     *
     * @return list<string>
     */
    private static function counted(array $kit): array
    {
        return array_map(static fn(string $label, int $count): string => $count === 1 ? $label : "{$count} × {$label}", array_keys($kit), $kit);
    }
}
