<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\DecideRung;
use App\Actions\KeepProgram;
use App\Actions\KeepSquad;
use App\Actions\Placing;
use App\Actions\RecordLog;
use App\Actions\WriteSquadSessions;
use App\Library\LibraryFiles;
use App\Models\HomeDevice;
use App\Models\HomeLink;
use App\Models\Morning;
use App\Models\Person;
use App\Models\PersonLimit;
use App\Models\Plan;
use App\Models\ReaderNote;
use App\Models\Readership;
use App\Models\Screening;
use App\Models\SheetStage;
use App\Models\Squad;
use App\Models\SquadMember;
use App\Models\TimedHold;
use App\Models\TrainingSession;
use App\Models\User;
use App\Records\OpenPerson;
use App\Records\OpenSquad;
use App\Records\PersonFile;
use App\Time\PracticeClock;
use EvenRungs\Assessment\HoldEnd;
use EvenRungs\Assessment\HoldKind;
use EvenRungs\Body\Side;
use EvenRungs\Body\Sidedness;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\Unit;
use EvenRungs\Home\Stage;
use EvenRungs\Home\StageAfter;
use EvenRungs\Home\StageKind;
use EvenRungs\Log\ReportedSet;
use EvenRungs\Method\Method;
use EvenRungs\Person\SessionStart;
use EvenRungs\Person\SharedPart;
use EvenRungs\Program\ProgramSlot;
use EvenRungs\Program\WrittenRequest;
use EvenRungs\Program\WrittenWeek;
use EvenRungs\Progress\DoseStep;
use EvenRungs\Progress\Felt;
use EvenRungs\Progress\FormQuestion;
use EvenRungs\Screening\DangerSign;
use EvenRungs\Screening\Respondent;
use EvenRungs\Session\WrittenBlock;
use EvenRungs\Session\WrittenItem;
use EvenRungs\Week\Cell;
use EvenRungs\Week\DayPart;
use EvenRungs\Week\SessionRole as WeekPlacement;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/** What a trainer does at the desk on the days of the demo, with the application's own actions: person, board, session, log, decision. */
final class DemoDesk
{
    private User $trainer;

    public function __construct(
        private readonly OpenPerson $open,
        private readonly Placing $placing,
        private readonly RecordLog $record,
        private readonly DecideRung $decide,
        private readonly LibraryFiles $files,
        private readonly KeepProgram $keep,
        private readonly KeepSquad $squads,
        private readonly OpenSquad $together,
        private readonly WriteSquadSessions $sessions,
    ) {}

    /** Who is at the desk from here on. */
    public function by(User $trainer): void
    {
        $this->trainer = $trainer;
    }

    /** A link to the person’s own page, made and opened so many days ago. Its token is known to nobody. */
    public function atHome(Person $person, int $madeAgo, int $seenAgo): void
    {
        $made = Carbon::now()->subDays($madeAgo);
        $link = HomeLink::query()->create(['person_id' => $person->id, 'user_id' => $this->trainer->id, 'token' => HomeLink::hash(HomeLink::newToken()), 'expires_at' => $made->copy()->addWeeks(HomeLink::WEEKS), 'created_at' => $made]);
        HomeDevice::query()->create(['person_id' => $person->id, 'home_link_id' => $link->id, 'token' => HomeLink::hash(HomeLink::newToken()), 'admitted_at' => $made, 'seen_at' => Carbon::now()->subDays($seenAgo), 'created_at' => $made]);
    }

    /**
     * A person is shared with a reader, who may have written, and was answered then.
     *
     * @param list<SharedPart> $parts
     */
    public function share(string $name, User $reader, array $parts, string ...$words): void
    {
        $person = Person::query()->where('name', $name)->firstOrFail();
        $clock = PracticeClock::of($this->trainer);
        $row = ['person_id' => $person->id, 'reader_id' => $reader->id, 'on_day' => $clock->today()->iso(), 'time_zone' => $clock->timeZone()];
        Readership::query()->create([...$row, 'parts' => array_column($parts, 'value'), 'user_id' => $this->trainer->id, 'sequence' => $clock->sequence()]);
        foreach (array_values($words) as $at => $text) {
            ReaderNote::query()->create([...$row, 'text' => $text, 'user_id' => $at % 2 === 0 ? $reader->id : $this->trainer->id, 'sequence' => $clock->sequence() + $at, 'read_at' => $at === 0 ? Carbon::now() : null, 'read_by' => $at === 0 ? $this->trainer->id : null]);
        }
    }

    /**
     * A squad with the session proposed for it, written for each.
     *
     * @param list<Person> $people
     */
    public function squad(string $name, array $people): Squad
    {
        $row = $this->squads->begin(self::ulid(), $name, array_map(static fn(Person $person): string => $person->id, $people), PracticeClock::of($this->trainer)->today(), $this->trainer);
        $this->sessions->write($this->together->of($row, $this->trainer), $this->trainer);

        return $row;
    }

    /**
     * In everybody's week, in the evening.
     *
     * @param list<int> $days
     */
    public function meets(Squad $squad, array $days, string $time): void
    {
        $meets = array_map(static fn(int $day): array => ['day' => $day, 'part' => DayPart::Evening->value, 'time' => $time, 'effort' => 6], $days);
        $line = array_values($squad->members()->get()->map(static fn(SquadMember $member): array => ['person' => $member->person_id, 'here' => true])->all());
        $this->squads->change($squad, $squad->version, ['meets' => $meets], $line, PracticeClock::of($this->trainer)->today(), $this->trainer);
    }

    /** @param array<string, string> $what */
    public function stage(Person $person, TrainingSession $session, StageKind $kind, int $day, array $what): void
    {
        $clock = PracticeClock::of($this->trainer);
        SheetStage::query()->create([...$what, 'person_id' => $person->id, 'training_session_id' => $session->id, 'kind' => $kind, 'after' => StageAfter::Days, 'count' => $day, 'begins_on' => $clock->today()->iso(), 'due_on' => Stage::dueOn(StageAfter::Days, $day, $clock->today())?->iso(), 'user_id' => $this->trainer->id, 'sequence' => $clock->sequence()]);
    }

    /** A program from this week on, three sessions a week. */
    public function program(Person $person, int $weeks, string $why): void
    {
        $file = $this->open->of($person->unsetRelations()->load('plan'), $this->trainer);
        $hand = $file->program();
        $place = static fn(string $id, int $day, DayPart $part): ProgramSlot => new ProgramSlot($id, new Cell($day, $part), WeekPlacement::OwnDay, 25, 6);
        $wish = new WrittenRequest($hand->today()->monday(), $weeks, 1, null, [$place('tue', 2, DayPart::Midday), $place('thu', 4, DayPart::Midday), $place('sat', 6, DayPart::Morning)]);
        $made = array_map(WrittenWeek::of(...), $hand->make($wish)->weeks);
        $this->keep->keep($file, $hand, self::ulid(), $hand->taking($made, null), $wish, $why, $this->trainer);
    }

    /**
     * The sessions of every week.
     *
     * @param list<array{TrainingSession, int, string, string, int}> $slots session, day, part, placement, effort
     */
    public function week(Person $person, array $slots): void
    {
        Plan::query()->create(['id' => self::ulid(), 'person_id' => $person->id, 'version' => 1, 'moves' => [], 'away' => [], 'slots' => array_map(
            static fn(int $number, array $slot): array => ['id' => 'slot-'.($number + 1), 'session' => $slot[0]->id, 'day' => $slot[1], 'part' => $slot[2], 'placement' => $slot[3], 'effort' => $slot[4], 'only' => null, 'since' => Carbon::now()->format('Y-m-d')],
            array_keys($slots),
            $slots,
        )]);
    }

    public function hold(Person $person, HoldKind $kind, Side $side, int $seconds): void
    {
        $file = $this->file($person);
        TimedHold::query()->create([
            'id' => self::ulid(), 'person_id' => $person->id, 'kind' => $kind->value, 'side' => $side->value, 'seconds' => $seconds, 'end' => HoldEnd::FormLost->value, 'note' => '',
            'tested_on' => $file->record->today->iso(), 'time_zone' => $file->clock->timeZone(), 'user_id' => $this->trainer->id, 'sequence' => $file->clock->sequence(),
        ]);
        Carbon::setTestNow(Carbon::now()->addMinutes(2));
    }

    public function at(Carbon $now, int $daysAgo): void
    {
        $at = $now->copy()->subDays($daysAgo)->setTime(15, 0);
        // Nothing of the demo lies ahead of now, also in the morning.
        $latest = $now->copy()->subHour();
        Carbon::setTestNow($at->isAfter($latest) ? $latest : $at);
    }

    /**
     * @param list<int>                          $days
     * @param list<string>                       $kit
     * @param list<array{string, string, string}> $limits state, side, note
     */
    public function person(string $name, string $about, string $aim, array $days, int $minutes, array $kit, array $limits = []): Person
    {
        $person = Person::query()->create(['id' => self::ulid(), 'name' => $name, 'about' => $about, 'aim' => $aim, 'training_days' => $days, 'minutes' => $minutes, 'places' => [['name' => 'here', 'kit' => $kit]], 'version' => 1]);
        foreach ($limits as [$state, $side, $note]) {
            PersonLimit::query()->create(['id' => self::ulid(), 'person_id' => $person->id, 'state' => $state, 'side' => $side, 'note' => $note, 'since' => Carbon::now()->format('Y-m-d')]);
        }
        $this->screen($person, []);

        return $person;
    }

    /** @param list<DangerSign> $signs */
    public function screen(Person $person, array $signs): void
    {
        $file = $this->file($person);
        Screening::query()->create([
            'id' => self::ulid(),
            'person_id' => $person->id,
            'answers' => array_map(static fn(DangerSign $sign): string => $sign->value, $signs),
            'denied' => array_values(array_map(static fn(DangerSign $sign): string => $sign->value, array_filter(DangerSign::cases(), static fn(DangerSign $sign): bool => ! in_array($sign, $signs, true)))),
            'asked' => Respondent::Person->value,
            'urgency' => $signs === [] ? null : $signs[0]->urgency()->value,
            'answered_on' => $file->record->today->iso(),
            'time_zone' => $file->clock->timeZone(),
            'user_id' => $this->trainer->id,
            'sequence' => $file->clock->sequence(),
        ]);
    }

    /** @param list<string> $rungs */
    public function place(Person $person, array $rungs): void
    {
        foreach ($rungs as $rung) {
            $this->placeOn($person, $rung, Side::Both, 'last clean rung at the first session');
        }
    }

    public function placeOn(Person $person, string $rung, Side $side, string $reason): void
    {
        $this->placing->record($this->file($person), $this->files->shelf()->library()->rung($rung), $side, $this->trainer, self::ulid(), $reason);
    }

    public function session(Person $person, string $title): TrainingSession
    {
        $file = $this->file($person);
        $blocks = array_map(fn(WrittenBlock $block): WrittenBlock => $this->atMark($block, $file->record->method), SessionStart::fromBoard($file->record)->blocks);
        $snapshots = [];
        foreach ($blocks as $block) {
            foreach ($block->items as $item) {
                $snapshots[$item->rung] = $this->files->shelf()->snapshot($item->rung);
            }
        }

        return TrainingSession::query()->create([
            'id' => self::ulid(),
            'person_id' => $person->id,
            'title' => $title,
            'origin' => 'from the board',
            'total_seconds' => $file->record->read($blocks)->session?->timeline()->totals()->total(),
            'blocks' => array_map(static fn(WrittenBlock $block): array => $block->toArray(), $blocks),
            'rung_snapshots' => $snapshots,
            'library_version' => $file->record->library->version,
            'version' => 1,
        ]);
    }

    /** These people have been on their rungs for a while: what they train stands at the leaving mark. */
    private function atMark(WrittenBlock $block, Method $method): WrittenBlock
    {
        $items = [];
        foreach ($block->items as $item) {
            $rung = $this->files->shelf()->library()->rung($item->rung);
            $dose = DoseLine::parse($item->dose, $rung->sidedness);
            while (($step = DoseStep::up($rung, $dose, $method)) !== null) {
                $dose = $step->dose;
            }
            $items[] = new WrittenItem($item->id, $item->rung, DoseLine::print($dose));
        }

        return new WrittenBlock($block->isCircuit, $items, $block->gapSeconds, $block->roundRestSeconds, $block->part);
    }

    /** @param array<string, int> $painIn by ladder, in the last set */
    public function log(Person $person, TrainingSession $session, int $effort, int $short = 0, string $faultInLastSetOf = '', array $painIn = []): void
    {
        $sets = [];
        foreach ($session->blocks as $block) {
            foreach (WrittenBlock::read($block)->items as $item) {
                $rung = $this->files->shelf()->library()->rung($item->rung);
                $dose = DoseLine::parse($item->dose, $rung->sidedness);
                for ($set = 1; $set <= $dose->sets(); $set++) {
                    $target = $dose->body($set)->target();
                    $done = $dose->unit() === Unit::Reps ? max(1, $target - $short) : $target;
                    $last = $set === $dose->sets();
                    $sides = $rung->sidedness !== Sidedness::Both;
                    $sets[] = new ReportedSet(
                        $item->id,
                        $set,
                        $sides ? null : $done,
                        $sides ? $done : null,
                        $sides ? $done : null,
                        [...array_fill_keys(array_map(static fn(FormQuestion $question): string => $question->value, FormQuestion::cases()), true), FormQuestion::BackAndPelvis->value => ! ($last && $rung->ladder === $faultInLastSetOf)],
                        $last ? ($painIn[$rung->ladder] ?? 0) : 0,
                        $effort,
                        false,
                        Felt::Right,
                        '',
                    );
                }
            }
        }
        $file = $this->file($person);
        $planned = $file->record->read($session->inCore()->blocks)->session?->timeline()->totals()->total() ?? 0;
        // A little longer than planned, as it goes.
        $this->record->record($file, $session, $this->trainer, self::ulid(), $planned + 90, $sets);
        Carbon::setTestNow(Carbon::now()->addMinutes(20));
    }

    /** The trainer follows every proposal. */
    public function decideAll(Person $person): void
    {
        // One opening for all: what is decided on one ladder changes nothing of another; only the hour goes on.
        $file = $this->file($person);
        foreach ($file->record->judgement()->pending() as $pending) {
            $this->decide->decide(new PersonFile($file->person, $file->record, PracticeClock::of($this->trainer)), $pending, $pending->proposal->choice, '', $this->trainer, self::ulid());
            Carbon::setTestNow(Carbon::now()->addMinute());
        }
    }

    public function morning(Person $person, string $ladder, int $pain, Carbon $now, int $ago): void
    {
        $this->at($now, $ago);
        $file = $this->file($person);
        Morning::query()->create([
            'id' => self::ulid(),
            'person_id' => $person->id,
            'session_log_id' => $file->record->lastLog()->id ?? '',
            'ladder' => $ladder,
            'pain' => $pain,
            'worse' => false,
            'answered_on' => $file->record->today->iso(),
            'time_zone' => $file->clock->timeZone(),
            'user_id' => $this->trainer->id,
            'sequence' => $file->clock->sequence(),
        ]);
    }

    private function file(Person $person): PersonFile
    {
        return $this->open->of($person->unsetRelations(), $this->trainer);
    }

    public static function ulid(): string
    {
        return strtolower((string) Str::ulid());
    }
}
