<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\DecideRung;
use App\Actions\KeepProgram;
use App\Actions\Placing;
use App\Actions\RecordLog;
use App\Library\LibraryFiles;
use App\Models\HomeContact;
use App\Models\HomeDevice;
use App\Models\HomeLink;
use App\Models\Morning;
use App\Models\Person;
use App\Models\PersonLimit;
use App\Models\Plan;
use App\Models\Practice;
use App\Models\Scopes\PracticeScope;
use App\Models\Screening;
use App\Models\SessionLog;
use App\Models\SheetStage;
use App\Models\TimedHold;
use App\Models\TrainingSession;
use App\Models\User;
use App\Records\OpenPerson;
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

/**
 * The demo: a made-up practice in a made-up lake town, with two weeks of history told through the same use
 * cases the application uses, and a second practice that must never see it.
 */
final class DemoSeeder
{
    public const EMAIL = 'wren@tarn-row.example';

    /** Of every practice of the demo, the first one's among them. */
    public const EMAILS = [self::EMAIL, 'odo@mere-end.example'];

    public const PASSWORD = 'even-rungs-demo';

    private User $trainer;

    public function __construct(
        private readonly OpenPerson $open,
        private readonly Placing $placing,
        private readonly RecordLog $record,
        private readonly DecideRung $decide,
        private readonly LibraryFiles $files,
        private readonly KeepProgram $keep,
    ) {}

    public function run(): void
    {
        $now = Carbon::now('UTC');
        try {
            $tarn = Practice::query()->create(['name' => 'Tarn Row Movement Room', 'time_zone' => 'Europe/Vienna']);
            $this->trainer = $this->user($tarn, 'Wren Aldous', self::EMAIL, 'owner');
            $this->user($tarn, 'Pell Sorrin', 'pell@tarn-row.example', 'trainer');
            PracticeScope::actingFor($tarn->id, function () use ($now): void {
                $this->viola($now);
                $this->lockKeeper($now);
                $this->beekeeper($now);
                $this->waller($now);
                $this->cartographer($now);
                $this->bellRinger($now);
                $this->pastryCook($now);
                $this->rigger($now);
            });

            $mere = Practice::query()->create(['name' => 'Mere End Studio', 'time_zone' => 'Europe/Vienna']);
            $this->trainer = $this->user($mere, 'Odo Fenwright', self::EMAILS[1], 'owner');
            PracticeScope::actingFor($mere->id, function () use ($now): void {
                Carbon::setTestNow($now);
                $this->person('Juna Harrel', 'sign painter with a sore shoulder', 'desk-and-back', [2, 4], 15, ['mat', 'wall', 'bench']);
            });
        } finally {
            Carbon::setTestNow();
        }
    }

    /** Two clean weeks: two decisions wait. All fours is closed by the wrist, so the back is worked face down. */
    private function viola(Carbon $now): void
    {
        $this->at($now, 40);
        $person = $this->person('Ilse Torvane', 'viola player, back after a wrist strain', 'desk-and-back', [1, 3, 5], 20, ['mat', 'wall', 'bench', 'step', 'band'], [['wrist-pain', 'left', 'Sore after long rehearsals; no weight on the flat hand.']]);
        $person->update(['birth_year' => (int) $now->format('Y') - 31, 'sex' => 'female', 'hand' => 'right', 'injured_side' => 'left', 'consented_on' => $now->copy()->subDays(40)->format('Y-m-d'), 'notes' => 'Concert tour in spring: two weeks away from the room.']);
        $this->hold($person, HoldKind::BackExtensor, Side::Both, 96);
        $this->hold($person, HoldKind::SidePlank, Side::Right, 21);
        $this->place($person, ['front-plank/forearms-wall', 'side-bridge/wall-lean', 'press-out/seated']);
        $this->at($now, 15);
        $this->place($person, ['front-plank/forearms-knees', 'side-bridge/hip-lift', 'press-out/seated']);
        $session = $this->session($person, 'Monday, after practice');
        foreach ([14, 12, 9] as $ago) {
            $this->at($now, $ago);
            $this->log($person, $session, effort: $ago === 14 ? 8 : 6);
            $this->decideAll($person);
        }
        $this->at($now, 7);
        $this->log($person, $session, effort: 6);
        $this->decideAll($person);
        $session = $this->session($person, 'After practice, one rung up');
        $this->week($person, [[$session, 1, 'evening', 'own-day', 6], [$session, 3, 'evening', 'own-day', 6], [$session, 5, 'midday', 'own-day', 6]]);
        foreach ([5, 2] as $ago) {
            $this->at($now, $ago);
            $this->log($person, $session, effort: 6, faultInLastSetOf: $ago === 2 ? 'side-bridge' : '');
            if ($ago === 5) {
                $this->decideAll($person);
                $this->morning($person, 'front-plank', 0, $now, 4);
            }
        }
        // The last one she did alone: it waits for the trainer.
        SessionLog::query()->where('person_id', $person->id)->orderByDesc('sequence')->limit(1)->update(['at_home' => true]);
        $this->atHome($person, 5, 2);
        HomeContact::query()->create(['person_id' => $person->id, 'mail' => 'ilse@home.example', 'by_mail' => true, 'agreed_on' => $now->copy()->subDays(5)->format('Y-m-d')]);
        $this->at($now, 1);
        $this->place($person, ['dead-bug/alternating-lifts', 'prone-extension/one-leg', 'bridge/short-top', 'hip-side/leg-lift', 'shoulder-girdle/wall-push-away']);
    }

    /** Left side half a rung ahead of the right. */
    private function lockKeeper(Carbon $now): void
    {
        $this->at($now, 40);
        $person = $this->person('Corvin Strake', 'canal lock keeper, winds sluices by hand', 'even', [2, 5], 25, ['mat', 'wall', 'bench', 'step', 'band', 'cable', 'sliders', 'kettlebell', 'ball', 'dowel', 'blocks']);
        $person->update(['birth_year' => (int) $now->format('Y') - 33, 'sex' => 'male', 'hand' => 'right', 'consented_on' => $now->copy()->subDays(40)->format('Y-m-d'), 'week' => [['what' => 'work', 'heavy' => true, 'day' => 1, 'part' => 'morning'], ['what' => 'endurance', 'heavy' => false, 'day' => 3, 'part' => 'evening'], ['what' => 'lifting', 'heavy' => true, 'day' => 5, 'part' => 'evening'], ['what' => 'work', 'heavy' => true, 'day' => 6, 'part' => 'morning', 'every' => 2, 'from' => $now->format('Y-m-d')]]]);
        foreach ([[HoldKind::FrontPlank, Side::Both, 38], [HoldKind::SidePlank, Side::Left, 52], [HoldKind::SidePlank, Side::Right, 37], [HoldKind::BackExtensor, Side::Both, 101]] as [$kind, $side, $seconds]) {
            $this->hold($person, $kind, $side, $seconds);
        }
        $this->place($person, ['front-plank/forearms-knees', 'all-fours/leg-lift', 'press-out/tall-kneeling', 'side-bridge/knees-bent']);
        $this->at($now, 14);
        foreach ([[HoldKind::FrontPlank, Side::Both, 55], [HoldKind::SidePlank, Side::Left, 64], [HoldKind::SidePlank, Side::Right, 44], [HoldKind::BackExtensor, Side::Both, 138], [HoldKind::TrunkFlexor, Side::Both, 150]] as [$kind, $side, $seconds]) {
            $this->hold($person, $kind, $side, $seconds);
        }
        $this->place($person, ['front-plank/forearms-toes', 'all-fours/opposite-short', 'press-out/standing-short']);
        $this->placeOn($person, 'side-bridge/top-leg-straight', Side::Left, 'last clean rung on the left');
        $this->placeOn($person, 'side-bridge/knees-bent', Side::Right, 'the right gives way first');
        $session = $this->session($person, 'Lock-house floor');
        $this->week($person, [[$session, 2, 'evening', 'own-day', 7], [$session, 3, 'midday', 'own-day', 7], [$session, 5, 'midday', 'own-day', 5]]);
        foreach ([13, 10, 6, 3] as $ago) {
            $this->at($now, $ago);
            $this->log($person, $session, effort: 8, short: 2);
            $this->decideAll($person);
        }
        $this->at($now, 2);
        $this->place($person, ['dead-bug/ninety-heel-digs', 'leg-slide/held-slide', 'carry/one-side-light', 'hinge/blocks-two-hands', 'floor-anti-rotation/hover-taps', 'bridge/band-knees', 'hip-side/banded-leg-lift', 'shoulder-girdle/push-away-knees', 'squat/bodyweight']);
    }

    /** Pain of 4 in the press-out at the last session: a step down waits. */
    private function beekeeper(Carbon $now): void
    {
        $this->at($now, 45);
        $person = $this->person('Maud Ferrick', 'beekeeper, lifts full hives', 'strength', [1, 4], 30, ['mat', 'wall', 'bench', 'band', 'sliders', 'plate']);
        $person->update(['birth_year' => (int) $now->format('Y') - 46, 'sex' => 'female', 'hand' => 'right', 'consented_on' => $now->copy()->subDays(45)->format('Y-m-d')]);
        $this->hold($person, HoldKind::FrontPlank, Side::Both, 71);
        $this->at($now, 13);
        $this->place($person, ['front-plank/tight-plank', 'side-bridge/top-foot-front', 'all-fours/touch-between', 'press-out/split-stance']);
        $session = $this->session($person, 'Hive-lifting days');
        foreach ([11, 8, 4] as $ago) {
            $this->at($now, $ago);
            $this->log($person, $session, effort: 8, short: 1);
            $this->decideAll($person);
        }
        $this->at($now, 1);
        $this->log($person, $session, effort: 7, short: 1, painIn: ['press-out' => 4]);
    }

    /** A danger sign that waits for a clinician's note. */
    private function waller(Carbon $now): void
    {
        $this->at($now, 12);
        $person = $this->person('Osk Brannoch', 'dry-stone waller with a history of back pain', 'desk-and-back', [1, 3], 20, ['mat', 'wall', 'bench', 'step', 'band'], [['back-worse-bending', 'both', 'Worst after a day of low courses.']]);
        $this->place($person, ['front-plank/forearms-knees', 'side-bridge/knees-bent', 'all-fours/leg-slide', 'press-out/tall-kneeling']);
        $session = $this->session($person, 'Before the quarry');
        foreach ([10, 7] as $ago) {
            $this->at($now, $ago);
            $this->log($person, $session, effort: 6, short: 1);
            $this->decideAll($person);
        }
        $this->at($now, 1);
        $this->screen($person, [DangerSign::LegPain]);
    }

    /** Tested this morning, not placed yet. Age and osteoporosis both ask for care. */
    private function cartographer(Carbon $now): void
    {
        $this->at($now, 0);
        $person = $this->person('Edda Quillon', 'retired cartographer with osteoporosis', 'even', [2, 4], 20, ['mat', 'wall', 'bench', 'band', 'pillow'], [['osteoporosis', 'both', 'Known for six years; no break so far.']]);
        $person->update(['birth_year' => (int) $now->format('Y') - 71, 'sex' => 'female', 'hand' => 'right', 'consented_on' => $now->format('Y-m-d')]);
        $this->hold($person, HoldKind::FrontPlank, Side::Both, 17);
        $this->hold($person, HoldKind::SidePlank, Side::Left, 14);
        $this->hold($person, HoldKind::SidePlank, Side::Right, 9);
    }

    /** Fifteen: effort at most 6, on days that do not follow each other. */
    private function bellRinger(Carbon $now): void
    {
        $this->at($now, 8);
        $person = $this->person('Tam Oakrigg', 'rings bells in the tower, at school', 'youth', [1, 3, 6], 15, ['mat', 'wall', 'bench', 'band']);
        $person->update(['birth_year' => (int) $now->format('Y') - 15, 'hand' => 'left', 'consented_on' => $now->copy()->subDays(8)->format('Y-m-d'), 'week' => [['what' => 'sport', 'heavy' => false, 'day' => 2, 'part' => 'evening']]]);
        $this->hold($person, HoldKind::FrontPlank, Side::Both, 34);
        $this->place($person, ['front-plank/forearms-toes', 'side-bridge/top-leg-straight', 'all-fours/leg-lift', 'press-out/standing-short']);
        $session = $this->session($person, 'After ringing');
        foreach ([6, 4] as $ago) {
            $this->at($now, $ago);
            $this->log($person, $session, effort: 6, short: 1);
            $this->decideAll($person);
        }
        $this->atHome($person, 6, 4);
    }

    /** New today: nothing asked, nothing tested. */
    private function pastryCook(Carbon $now): void
    {
        $this->at($now, 0);
        Person::query()->create([
            'id' => self::ulid(), 'name' => 'Brida Holm', 'about' => 'pastry cook, on her feet all day', 'aim' => 'desk-and-back', 'training_days' => [1, 4], 'minutes' => 15, 'version' => 1,
            'places' => [['name' => 'bakery', 'kit' => ['wall', 'towel']], ['name' => 'home', 'kit' => ['mat', 'wall', 'bench']]], 'place' => 1,
            'week' => [['what' => 'work', 'heavy' => true, 'day' => 5, 'part' => 'morning'], ['what' => 'work', 'heavy' => true, 'day' => 6, 'part' => 'morning']],
        ]);
    }

    /** Six weeks of history: climbs, a missed week, and a program of two versions. */
    private function rigger(Carbon $now): void
    {
        $this->at($now, 44);
        $person = $this->person('Perrin Vask', 'stage-lighting rigger, works overhead', 'even', [2, 4, 6], 25, ['mat', 'wall', 'bench', 'step', 'band', 'kettlebell', 'dumbbell', 'sliders']);
        $person->update(['birth_year' => (int) $now->format('Y') - 38, 'sex' => 'male', 'hand' => 'right', 'consented_on' => $now->copy()->subDays(44)->format('Y-m-d'), 'week' => [['what' => 'work', 'heavy' => true, 'day' => 5, 'part' => 'evening']]]);
        $this->hold($person, HoldKind::FrontPlank, Side::Both, 33);
        $this->place($person, ['front-plank/forearms-knees', 'side-bridge/hip-lift', 'all-fours/leg-slide', 'press-out/tall-kneeling', 'carry/two-hand-carry', 'bridge/band-knees', 'shoulder-girdle/push-away-all-fours']);
        $this->program($person, 6, 'Made');
        // The third week fell to a tour: nothing was done in it.
        foreach ([[42, 'side-bridge'], [40, ''], [38, 'press-out'], [35, ''], [33, 'carry'], [31, ''], [19, ''], [17, 'all-fours'], [14, ''], [12, 'side-bridge'], [10, ''], [7, 'front-plank'], [5, '']] as [$ago, $fault]) {
            $this->at($now, $ago);
            $session = $this->session($person, 'Get-in days');
            $this->log($person, $session, effort: 6, faultInLastSetOf: $fault);
            $this->decideAll($person);
        }
        $this->at($now, 4);
        foreach ([[HoldKind::FrontPlank, Side::Both, 58], [HoldKind::SidePlank, Side::Left, 41], [HoldKind::SidePlank, Side::Right, 40]] as [$kind, $side, $seconds]) {
            $this->hold($person, $kind, $side, $seconds);
        }
        $this->at($now, 2);
        $session = $this->session($person, 'Get-in days');
        $this->week($person, [[$session, 2, 'midday', 'own-day', 6], [$session, 4, 'midday', 'own-day', 6], [$session, 6, 'morning', 'own-day', 6]]);
        $this->atHome($person, 2, 1);
        $this->stage($person, $session, StageKind::Addition, 5, ['rung' => 'dead-bug/opposite-short', 'dose' => '2x6/side', 'message' => 'Now the legs join in: slowly, and only as far as the back stays down.']);
        $this->stage($person, $session, StageKind::Dose, 10, ['item' => $session->inCore()->blocks[0]->items[0]->id, 'dose' => '3x(5x10s/5)', 'message' => 'One hold less in the plank, and each of them as tight as you can.']);
        $this->stage($person, $session, StageKind::Retest, 14, ['message' => 'We look how far you hold now.']);
        $this->at($now, 0);
        $this->program($person, 8, 'Changed');
    }

    /** A link to the person’s own page, made and opened so many days ago. Its token is known to nobody. */
    private function atHome(Person $person, int $madeAgo, int $seenAgo): void
    {
        $made = Carbon::now()->subDays($madeAgo);
        $link = HomeLink::query()->create(['person_id' => $person->id, 'user_id' => $this->trainer->id, 'token' => HomeLink::hash(HomeLink::newToken()), 'expires_at' => $made->copy()->addWeeks(HomeLink::WEEKS), 'created_at' => $made]);
        HomeDevice::query()->create(['person_id' => $person->id, 'home_link_id' => $link->id, 'token' => HomeLink::hash(HomeLink::newToken()), 'admitted_at' => $made, 'seen_at' => Carbon::now()->subDays($seenAgo), 'created_at' => $made]);
    }

    /** @param array<string, string> $what */
    private function stage(Person $person, TrainingSession $session, StageKind $kind, int $day, array $what): void
    {
        $clock = PracticeClock::of($this->trainer);
        SheetStage::query()->create([...$what, 'person_id' => $person->id, 'training_session_id' => $session->id, 'kind' => $kind, 'after' => StageAfter::Days, 'count' => $day, 'begins_on' => $clock->today()->iso(), 'due_on' => Stage::dueOn(StageAfter::Days, $day, $clock->today())?->iso(), 'user_id' => $this->trainer->id, 'sequence' => $clock->sequence()]);
    }

    /** A program from this week on, three sessions a week. */
    private function program(Person $person, int $weeks, string $why): void
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
    private function week(Person $person, array $slots): void
    {
        Plan::query()->create(['id' => self::ulid(), 'person_id' => $person->id, 'version' => 1, 'moves' => [], 'away' => [], 'slots' => array_map(
            static fn(int $number, array $slot): array => ['id' => 'slot-'.($number + 1), 'session' => $slot[0]->id, 'day' => $slot[1], 'part' => $slot[2], 'placement' => $slot[3], 'effort' => $slot[4], 'only' => null, 'since' => Carbon::now()->format('Y-m-d')],
            array_keys($slots),
            $slots,
        )]);
    }

    private function hold(Person $person, HoldKind $kind, Side $side, int $seconds): void
    {
        $file = $this->file($person);
        TimedHold::query()->create([
            'id' => self::ulid(), 'person_id' => $person->id, 'kind' => $kind->value, 'side' => $side->value, 'seconds' => $seconds, 'end' => HoldEnd::FormLost->value, 'note' => '',
            'tested_on' => $file->record->today->iso(), 'time_zone' => $file->clock->timeZone(), 'user_id' => $this->trainer->id, 'sequence' => $file->clock->sequence(),
        ]);
        Carbon::setTestNow(Carbon::now()->addMinutes(2));
    }

    private function at(Carbon $now, int $daysAgo): void
    {
        $at = $now->copy()->subDays($daysAgo)->setTime(15, 0);
        // Nothing of the demo lies ahead of now, also in the morning.
        $latest = $now->copy()->subHour();
        Carbon::setTestNow($at->isAfter($latest) ? $latest : $at);
    }

    private function user(Practice $practice, string $name, string $email, string $role): User
    {
        return User::query()->create(['practice_id' => $practice->id, 'name' => $name, 'email' => $email, 'password' => self::PASSWORD, 'role' => $role])->setRelation('practice', $practice);
    }

    /**
     * @param list<int>                          $days
     * @param list<string>                       $kit
     * @param list<array{string, string, string}> $limits state, side, note
     */
    private function person(string $name, string $about, string $aim, array $days, int $minutes, array $kit, array $limits = []): Person
    {
        $person = Person::query()->create(['id' => self::ulid(), 'name' => $name, 'about' => $about, 'aim' => $aim, 'training_days' => $days, 'minutes' => $minutes, 'places' => [['name' => 'here', 'kit' => $kit]], 'version' => 1]);
        foreach ($limits as [$state, $side, $note]) {
            PersonLimit::query()->create(['id' => self::ulid(), 'person_id' => $person->id, 'state' => $state, 'side' => $side, 'note' => $note, 'since' => Carbon::now()->format('Y-m-d')]);
        }
        $this->screen($person, []);

        return $person;
    }

    /** @param list<DangerSign> $signs */
    private function screen(Person $person, array $signs): void
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
    private function place(Person $person, array $rungs): void
    {
        foreach ($rungs as $rung) {
            $this->placeOn($person, $rung, Side::Both, 'last clean rung at the first session');
        }
    }

    private function placeOn(Person $person, string $rung, Side $side, string $reason): void
    {
        $this->placing->record($this->file($person), $this->files->shelf()->library()->rung($rung), $side, $this->trainer, self::ulid(), $reason);
    }

    private function session(Person $person, string $title): TrainingSession
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
    private function log(Person $person, TrainingSession $session, int $effort, int $short = 0, string $faultInLastSetOf = '', array $painIn = []): void
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
    private function decideAll(Person $person): void
    {
        // One opening for all: what is decided on one ladder changes nothing of another; only the hour goes on.
        $file = $this->file($person);
        foreach ($file->record->judgement()->pending() as $pending) {
            $this->decide->decide(new PersonFile($file->person, $file->record, PracticeClock::of($this->trainer)), $pending, $pending->proposal->choice, '', $this->trainer, self::ulid());
            Carbon::setTestNow(Carbon::now()->addMinute());
        }
    }

    private function morning(Person $person, string $ladder, int $pain, Carbon $now, int $ago): void
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

    private static function ulid(): string
    {
        return strtolower((string) Str::ulid());
    }
}
