<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\HomeContact;
use App\Models\Person;
use App\Models\Practice;
use App\Models\Scopes\PracticeScope;
use App\Models\SessionLog;
use App\Models\User;
use EvenRungs\Assessment\HoldKind;
use EvenRungs\Body\Side;
use EvenRungs\Home\StageKind;
use EvenRungs\Person\SharedPart;
use EvenRungs\Screening\DangerSign;
use Illuminate\Support\Carbon;

/**
 * The demo: a made-up practice in a made-up lake town, with two weeks of history told through the same use
 * cases the application uses, and a second practice that must never see it.
 */
final class DemoSeeder
{
    public const EMAIL = 'wren@tarn-row.example';

    /** Of every practice of the demo, the first one's among them. */
    public const EMAILS = [self::EMAIL, 'odo@mere-end.example'];

    /** A clinician of the first one, who sees what is shared. */
    public const READER = 'hale@tarn-row.example';

    public const PASSWORD = 'even-rungs-demo';

    public function __construct(private readonly DemoDesk $desk) {}

    public function run(): void
    {
        $now = Carbon::now('UTC');
        try {
            $tarn = Practice::query()->create(['name' => 'Tarn Row Movement Room', 'time_zone' => 'Europe/Vienna']);
            $this->desk->by(self::user($tarn, 'Wren Aldous', self::EMAIL, 'owner'));
            self::user($tarn, 'Pell Sorrin', 'pell@tarn-row.example', 'trainer');
            $reader = self::user($tarn, 'Hale Brunmoor', self::READER, User::READER);
            PracticeScope::actingFor($tarn->id, function () use ($now, $reader): void {
                $this->viola($now);
                $this->lockKeeper($now);
                $this->beekeeper($now);
                $this->waller($now);
                $this->cartographer($now);
                $this->bellRinger($now);
                $this->pastryCook($now);
                $this->rigger($now);
                $this->fellRescue($now);
                $this->readAlong($reader, $now);
            });

            $mere = Practice::query()->create(['name' => 'Mere End Studio', 'time_zone' => 'Europe/Vienna']);
            $this->desk->by(self::user($mere, 'Odo Fenwright', self::EMAILS[1], 'owner'));
            PracticeScope::actingFor($mere->id, function () use ($now): void {
                Carbon::setTestNow($now);
                $this->desk->person('Juna Harrel', 'sign painter with a sore shoulder', 'desk-and-back', [2, 4], 15, ['mat', 'wall', 'bench']);
            });
        } finally {
            Carbon::setTestNow();
        }
    }

    /** Two clean weeks: two decisions wait. All fours is closed by the wrist, so the back is worked face down. */
    private function viola(Carbon $now): void
    {
        $this->desk->at($now, 40);
        $person = $this->desk->person('Ilse Torvane', 'viola player, back after a wrist strain', 'desk-and-back', [1, 3, 5], 20, ['mat', 'wall', 'bench', 'step', 'band'], [['wrist-pain', 'left', 'Sore after long rehearsals; no weight on the flat hand.']]);
        $person->update(['birth_year' => (int) $now->format('Y') - 31, 'sex' => 'female', 'hand' => 'right', 'injured_side' => 'left', 'consented_on' => $now->copy()->subDays(40)->format('Y-m-d'), 'notes' => 'Concert tour in spring: two weeks away from the room.']);
        $this->desk->hold($person, HoldKind::BackExtensor, Side::Both, 96);
        $this->desk->hold($person, HoldKind::SidePlank, Side::Right, 21);
        $this->desk->place($person, ['front-plank/forearms-wall', 'side-bridge/wall-lean', 'press-out/seated']);
        $this->desk->at($now, 15);
        $this->desk->place($person, ['front-plank/forearms-knees', 'side-bridge/hip-lift', 'press-out/seated']);
        $session = $this->desk->session($person, 'Monday, after practice');
        foreach ([14, 12, 9] as $ago) {
            $this->desk->at($now, $ago);
            $this->desk->log($person, $session, effort: $ago === 14 ? 8 : 6);
            $this->desk->decideAll($person);
        }
        $this->desk->at($now, 7);
        $this->desk->log($person, $session, effort: 6);
        $this->desk->decideAll($person);
        $session = $this->desk->session($person, 'After practice, one rung up');
        $this->desk->week($person, [[$session, 1, 'evening', 'own-day', 6], [$session, 3, 'evening', 'own-day', 6], [$session, 5, 'midday', 'own-day', 6]]);
        foreach ([5, 2] as $ago) {
            $this->desk->at($now, $ago);
            $this->desk->log($person, $session, effort: 6, faultInLastSetOf: $ago === 2 ? 'side-bridge' : '');
            if ($ago === 5) {
                $this->desk->decideAll($person);
                $this->desk->morning($person, 'front-plank', 0, $now, 4);
            }
        }
        // The last one she did alone: it waits for the trainer.
        SessionLog::query()->where('person_id', $person->id)->orderByDesc('sequence')->limit(1)->update(['at_home' => true]);
        $this->desk->atHome($person, 5, 2);
        HomeContact::query()->create(['person_id' => $person->id, 'mail' => 'ilse@home.example', 'by_mail' => true, 'agreed_on' => $now->copy()->subDays(5)->format('Y-m-d')]);
        $this->desk->at($now, 1);
        $this->desk->place($person, ['dead-bug/alternating-lifts', 'prone-extension/one-leg', 'bridge/short-top', 'hip-side/leg-lift', 'shoulder-girdle/wall-push-away']);
    }

    /** Left side half a rung ahead of the right. */
    private function lockKeeper(Carbon $now): void
    {
        $this->desk->at($now, 40);
        $person = $this->desk->person('Corvin Strake', 'canal lock keeper, winds sluices by hand', 'even', [2, 5], 25, ['mat', 'wall', 'bench', 'step', 'band', 'cable', 'sliders', 'kettlebell', 'ball', 'dowel', 'blocks']);
        $person->update(['birth_year' => (int) $now->format('Y') - 33, 'sex' => 'male', 'hand' => 'right', 'consented_on' => $now->copy()->subDays(40)->format('Y-m-d'), 'week' => [['what' => 'work', 'heavy' => true, 'day' => 1, 'part' => 'morning'], ['what' => 'endurance', 'heavy' => false, 'day' => 3, 'part' => 'evening'], ['what' => 'lifting', 'heavy' => true, 'day' => 5, 'part' => 'evening'], ['what' => 'work', 'heavy' => true, 'day' => 6, 'part' => 'morning', 'every' => 2, 'from' => $now->format('Y-m-d')]]]);
        foreach ([[HoldKind::FrontPlank, Side::Both, 38], [HoldKind::SidePlank, Side::Left, 52], [HoldKind::SidePlank, Side::Right, 37], [HoldKind::BackExtensor, Side::Both, 101]] as [$kind, $side, $seconds]) {
            $this->desk->hold($person, $kind, $side, $seconds);
        }
        $this->desk->place($person, ['front-plank/forearms-knees', 'all-fours/leg-lift', 'press-out/tall-kneeling', 'side-bridge/knees-bent']);
        $this->desk->at($now, 14);
        foreach ([[HoldKind::FrontPlank, Side::Both, 55], [HoldKind::SidePlank, Side::Left, 64], [HoldKind::SidePlank, Side::Right, 44], [HoldKind::BackExtensor, Side::Both, 138], [HoldKind::TrunkFlexor, Side::Both, 150]] as [$kind, $side, $seconds]) {
            $this->desk->hold($person, $kind, $side, $seconds);
        }
        $this->desk->place($person, ['front-plank/forearms-toes', 'all-fours/opposite-short', 'press-out/standing-short']);
        $this->desk->placeOn($person, 'side-bridge/top-leg-straight', Side::Left, 'last clean rung on the left');
        $this->desk->placeOn($person, 'side-bridge/knees-bent', Side::Right, 'the right gives way first');
        $session = $this->desk->session($person, 'Lock-house floor');
        $this->desk->week($person, [[$session, 2, 'evening', 'own-day', 7], [$session, 3, 'midday', 'own-day', 7], [$session, 5, 'midday', 'own-day', 5]]);
        foreach ([13, 10, 6, 3] as $ago) {
            $this->desk->at($now, $ago);
            $this->desk->log($person, $session, effort: 8, short: 2);
            $this->desk->decideAll($person);
        }
        $this->desk->at($now, 2);
        $this->desk->place($person, ['dead-bug/ninety-heel-digs', 'leg-slide/held-slide', 'carry/one-side-light', 'hinge/blocks-two-hands', 'floor-anti-rotation/hover-taps', 'bridge/band-knees', 'hip-side/banded-leg-lift', 'shoulder-girdle/push-away-knees', 'squat/bodyweight']);
    }

    /** Pain of 4 in the press-out at the last session: a step down waits. */
    private function beekeeper(Carbon $now): void
    {
        $this->desk->at($now, 45);
        $person = $this->desk->person('Maud Ferrick', 'beekeeper, lifts full hives', 'strength', [1, 4], 30, ['mat', 'wall', 'bench', 'band', 'sliders', 'plate']);
        $person->update(['birth_year' => (int) $now->format('Y') - 46, 'sex' => 'female', 'hand' => 'right', 'consented_on' => $now->copy()->subDays(45)->format('Y-m-d')]);
        $this->desk->hold($person, HoldKind::FrontPlank, Side::Both, 71);
        $this->desk->at($now, 13);
        $this->desk->place($person, ['front-plank/tight-plank', 'side-bridge/top-foot-front', 'all-fours/touch-between', 'press-out/split-stance']);
        $session = $this->desk->session($person, 'Hive-lifting days');
        foreach ([11, 8, 4] as $ago) {
            $this->desk->at($now, $ago);
            $this->desk->log($person, $session, effort: 8, short: 1);
            $this->desk->decideAll($person);
        }
        $this->desk->at($now, 1);
        $this->desk->log($person, $session, effort: 7, short: 1, painIn: ['press-out' => 4]);
    }

    /** A danger sign that waits for a clinician's note. */
    private function waller(Carbon $now): void
    {
        $this->desk->at($now, 12);
        $person = $this->desk->person('Osk Brannoch', 'dry-stone waller with a history of back pain', 'desk-and-back', [1, 3], 20, ['mat', 'wall', 'bench', 'step', 'band'], [['back-worse-bending', 'both', 'Worst after a day of low courses.']]);
        $this->desk->place($person, ['front-plank/forearms-knees', 'side-bridge/knees-bent', 'all-fours/leg-slide', 'press-out/tall-kneeling']);
        $session = $this->desk->session($person, 'Before the quarry');
        foreach ([10, 7] as $ago) {
            $this->desk->at($now, $ago);
            $this->desk->log($person, $session, effort: 6, short: 1);
            $this->desk->decideAll($person);
        }
        $this->desk->at($now, 1);
        $this->desk->screen($person, [DangerSign::LegPain]);
    }

    /** Tested this morning, not placed yet. Age and osteoporosis both ask for care. */
    private function cartographer(Carbon $now): void
    {
        $this->desk->at($now, 0);
        $person = $this->desk->person('Edda Quillon', 'retired cartographer with osteoporosis', 'even', [2, 4], 20, ['mat', 'wall', 'bench', 'band', 'pillow'], [['osteoporosis', 'both', 'Known for six years; no break so far.']]);
        $person->update(['birth_year' => (int) $now->format('Y') - 71, 'sex' => 'female', 'hand' => 'right', 'consented_on' => $now->format('Y-m-d')]);
        $this->desk->hold($person, HoldKind::FrontPlank, Side::Both, 17);
        $this->desk->hold($person, HoldKind::SidePlank, Side::Left, 14);
        $this->desk->hold($person, HoldKind::SidePlank, Side::Right, 9);
    }

    /** Fifteen: effort at most 6, on days that do not follow each other. */
    private function bellRinger(Carbon $now): void
    {
        $this->desk->at($now, 8);
        $person = $this->desk->person('Tam Oakrigg', 'rings bells in the tower, at school', 'youth', [1, 3, 6], 15, ['mat', 'wall', 'bench', 'band']);
        $person->update(['birth_year' => (int) $now->format('Y') - 15, 'hand' => 'left', 'consented_on' => $now->copy()->subDays(8)->format('Y-m-d'), 'week' => [['what' => 'sport', 'heavy' => false, 'day' => 2, 'part' => 'evening']]]);
        $this->desk->hold($person, HoldKind::FrontPlank, Side::Both, 34);
        $this->desk->place($person, ['front-plank/forearms-toes', 'side-bridge/top-leg-straight', 'all-fours/leg-lift', 'press-out/standing-short']);
        $session = $this->desk->session($person, 'After ringing');
        foreach ([6, 4] as $ago) {
            $this->desk->at($now, $ago);
            $this->desk->log($person, $session, effort: 6, short: 1);
            $this->desk->decideAll($person);
        }
        $this->desk->atHome($person, 6, 4);
    }

    /** New today: nothing asked, nothing tested. */
    private function pastryCook(Carbon $now): void
    {
        $this->desk->at($now, 0);
        Person::query()->create([
            'id' => DemoDesk::ulid(), 'name' => 'Brida Holm', 'about' => 'pastry cook, on her feet all day', 'aim' => 'desk-and-back', 'training_days' => [1, 4], 'minutes' => 15, 'version' => 1,
            'places' => [['name' => 'bakery', 'kit' => ['wall', 'towel']], ['name' => 'home', 'kit' => ['mat', 'wall', 'bench']]], 'place' => 1,
            'week' => [['what' => 'work', 'heavy' => true, 'day' => 5, 'part' => 'morning'], ['what' => 'work', 'heavy' => true, 'day' => 6, 'part' => 'morning']],
        ]);
    }

    /** Six weeks of history: climbs, a missed week, and a program of two versions. */
    private function rigger(Carbon $now): void
    {
        $this->desk->at($now, 44);
        $person = $this->desk->person('Perrin Vask', 'stage-lighting rigger, works overhead', 'even', [2, 4, 6], 25, ['mat', 'wall', 'bench', 'step', 'band', 'kettlebell', 'dumbbell', 'sliders']);
        $person->update(['birth_year' => (int) $now->format('Y') - 38, 'sex' => 'male', 'hand' => 'right', 'consented_on' => $now->copy()->subDays(44)->format('Y-m-d'), 'week' => [['what' => 'work', 'heavy' => true, 'day' => 5, 'part' => 'evening']]]);
        $this->desk->hold($person, HoldKind::FrontPlank, Side::Both, 33);
        $this->desk->place($person, ['front-plank/forearms-knees', 'side-bridge/hip-lift', 'all-fours/leg-slide', 'press-out/tall-kneeling', 'carry/two-hand-carry', 'bridge/band-knees', 'shoulder-girdle/push-away-all-fours']);
        $this->desk->program($person, 6, 'Made');
        // The third week fell to a tour: nothing was done in it.
        foreach ([[42, 'side-bridge'], [40, ''], [38, 'press-out'], [35, ''], [33, 'carry'], [31, ''], [19, ''], [17, 'all-fours'], [14, ''], [12, 'side-bridge'], [10, ''], [7, 'front-plank'], [5, '']] as [$ago, $fault]) {
            $this->desk->at($now, $ago);
            $session = $this->desk->session($person, 'Get-in days');
            $this->desk->log($person, $session, effort: 6, faultInLastSetOf: $fault);
            $this->desk->decideAll($person);
        }
        $this->desk->at($now, 4);
        foreach ([[HoldKind::FrontPlank, Side::Both, 58], [HoldKind::SidePlank, Side::Left, 41], [HoldKind::SidePlank, Side::Right, 40]] as [$kind, $side, $seconds]) {
            $this->desk->hold($person, $kind, $side, $seconds);
        }
        $this->desk->at($now, 2);
        $session = $this->desk->session($person, 'Get-in days');
        $this->desk->week($person, [[$session, 2, 'midday', 'own-day', 6], [$session, 4, 'midday', 'own-day', 6], [$session, 6, 'morning', 'own-day', 6]]);
        $this->desk->atHome($person, 2, 1);
        $this->desk->stage($person, $session, StageKind::Addition, 5, ['rung' => 'dead-bug/opposite-short', 'dose' => '2x6/side', 'message' => 'Now the legs join in: slowly, and only as far as the back stays down.']);
        $this->desk->stage($person, $session, StageKind::Dose, 10, ['item' => $session->inCore()->blocks[0]->items[0]->id, 'dose' => '3x(5x10s/5)', 'message' => 'One hold less in the plank, and each of them as tight as you can.']);
        $this->desk->stage($person, $session, StageKind::Retest, 14, ['message' => 'We look how far you hold now.']);
        $this->desk->at($now, 0);
        $this->desk->program($person, 8, 'Changed');
    }

    /** Eight volunteers who train together: each on their own rungs, one with a sore wrist, one stronger on the left. */
    private function fellRescue(Carbon $now): void
    {
        $kit = ['mat', 'wall', 'bench', 'step', 'band'];
        $volunteers = [
            ['Hesper Crayle', 'carries the post on foot', ['front-plank/forearms-toes', 'side-bridge/top-foot-front', 'all-fours/opposite-short', 'press-out/standing', 'bridge/one-leg'], [1, 2, 4, 5]],
            ['Joran Felwick', 'shepherd, two dogs', ['front-plank/tight-plank', 'side-bridge/feet-stacked', 'all-fours/opposite-held', 'press-out/split-stance', 'bridge/one-leg'], [2, 4, 6]],
            ['Liss Underby', 'keeps the boathouse', ['front-plank/forearms-knees', 'side-bridge/knees-bent', 'all-fours/leg-lift', 'press-out/standing-short', 'bridge/long-top'], [1, 2, 3, 5]],
            ['Merrin Stoake', 'bakes, lifts flour', ['front-plank/forearms-low-step', 'side-bridge/top-leg-straight', 'all-fours/kickback', 'press-out/standing', 'bridge/long-top'], [2, 4, 5]],
            ['Nell Thackrow', 'schoolteacher, new to the team', ['front-plank/forearms-bench', 'side-bridge/hip-lift', 'all-fours/leg-slide', 'press-out/tall-kneeling', 'bridge/short-top'], [2, 4, 6]],
            ['Orrin Valder', 'climbs, builds walls', ['front-plank/foot-lift', 'side-bridge/hip-dips', 'all-fours/small-square', 'press-out/feet-together', 'bridge/one-leg'], [2, 4, 5, 6]],
            ['Petra Lowmere', 'ferry hand', ['front-plank/forearms-toes', 'side-bridge/top-leg-straight', 'all-fours/opposite-short', 'press-out/standing', 'bridge/long-top'], [1, 2, 4]],
            ['Quill Harsop', 'mends radios, sits long', ['front-plank/forearms-knees', 'side-bridge/knees-bent', 'all-fours/leg-lift', 'press-out/half-kneeling-wide', 'bridge/short-top'], [2, 4, 5]],
        ];
        $people = [];
        foreach ($volunteers as [$name, $about, $rungs, $days]) {
            $this->desk->at($now, 8);
            $person = $this->desk->person($name, "fell-rescue volunteer, {$about}", 'even', $days, 20, $kit, $name === 'Merrin Stoake' ? [['wrist-pain', 'both', 'Since a fall on the ice: the flat hand takes no weight.']] : []);
            $this->desk->place($person, $rungs);
            if ($name === 'Hesper Crayle') {
                $this->desk->placeOn($person, 'side-bridge/feet-stacked', Side::Left, 'last clean rung on the left');
                $this->desk->placeOn($person, 'side-bridge/top-leg-straight', Side::Right, 'the right gives way first');
            }
            $people[] = $person;
        }
        $people[1]->update(['week' => [['what' => 'lifting', 'heavy' => true, 'day' => 4, 'part' => 'evening', 'time' => '17:30']]]);
        $people[5]->update(['week' => [['what' => 'sport', 'heavy' => false, 'day' => 5, 'part' => 'evening']]]);
        $this->desk->at($now, 7);
        $squad = $this->desk->squad('Tarn Row fell-rescue team', $people);
        $this->desk->at($now, 0);
        $this->desk->meets($squad, [2, 4], '19:00');
    }

    /** A clinician sees whom a limit or a danger sign is known of, and has written about one of them. */
    private function readAlong(User $reader, Carbon $now): void
    {
        $this->desk->at($now, 2);
        $this->desk->share('Ilse Torvane', $reader, SharedPart::cases(), 'The wrist may take weight again from next month on, on the fist first. Please tell me if the hand tingles.', 'Thank you. We stay on the forearms until then.');
        $this->desk->at($now, 0);
        $this->desk->share('Osk Brannoch', $reader, [SharedPart::Health, SharedPart::Done]);
        $this->desk->share('Edda Quillon', $reader, [SharedPart::Health, SharedPart::Tests, SharedPart::Board, SharedPart::Plan]);
    }

    private static function user(Practice $practice, string $name, string $email, string $role): User
    {
        return User::query()->create(['practice_id' => $practice->id, 'name' => $name, 'email' => $email, 'password' => self::PASSWORD, 'role' => $role])->setRelation('practice', $practice);
    }
}
