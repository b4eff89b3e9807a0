<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route as Routes;

/** Nobody sees another practice's people: all routes walked as a guest and as a stranger. */
final class StrangerTest extends ApiTestCase
{
    /** Every route with a person in it: a new one is written down here, and so is walked. */
    private const WITH_A_PERSON = [
        'methodTrial', 'methodOfPerson', 'changeMethodOfPerson', 'methodOfProgram', 'changeMethodOfProgram', 'archivePerson', 'restorePerson', 'personCopy', 'erasePerson', 'person', 'changePerson', 'screen', 'takeScreeningBack', 'clear', 'takeClearanceBack', 'bringBack', 'checks', 'keepHold', 'takeHoldBack', 'nextTrial',
        'keepClimb', 'takeClimbBack', 'correctLogTime', 'previewBrace', 'keepBrace', 'takeBraceBack', 'keepPhoto', 'photo', 'removePhoto', 'previewAlignment',
        'keepAlignment', 'takeAlignmentBack', 'board', 'hardness', 'instead', 'path', 'previewBoard', 'place', 'setUp', 'writeMark', 'takePlacingBack', 'startSession', 'sessionTemplates',
        'nextDoses', 'readSessionText', 'sumSession', 'orderSession', 'fitSession', 'sessions', 'previewSession', 'writeSession', 'session', 'changeSession', 'deleteSession', 'bringSessionBack',
        'sheet', 'cueSheet', 'readLogLine', 'logSession', 'training', 'tellTraining', 'tellMorning', 'week', 'layOutWeek', 'shapeWeek', 'tellSoreness', 'calendar', 'setUpCalendar', 'calendarFile',
        'makeCalendarAddress', 'revokeCalendarAddress', 'program', 'programWhy', 'proposeProgram', 'writeProgramWeek', 'takeProgram', 'programVersion', 'takeProgramAgain', 'takeProgramBack', 'takeOutProgramWeek',
        'review', 'decide', 'decisions', 'takeDecisionBack', 'allowRung', 'takeAllowanceBack', 'homeLinks', 'makeHomeLink', 'revokeHomeLinks', 'renewHomeLinks', 'sendHomeLink',
        'homeNotes', 'writeHome', 'settleHomeNote', 'settleMessage', 'contact', 'changeContact', 'stages', 'addStage', 'oneExerciseAWeek', 'takeOneAWeekBack', 'bringStageAgain', 'removeStage', 'sheetPdf', 'loggedSets', 'correctSet',
        'readers', 'share', 'endSharing', 'writeReader', 'markNote', 'takeNoteBack', 'reading', 'writeNote', 'takeOwnNoteBack',
    ];

    public function test_a_guest_is_turned_away_everywhere_but_at_the_door(): void
    {
        Auth::logout();
        foreach ($this->routes() as [$method, $uri]) {
            if (! in_array($uri, ['/api/sign-in', '/api/forgotten', '/api/password', '/api/join', '/api/home/code', '/api/home/open'], true)) {
                $this->json($method, $this->filled($uri, array_fill(0, 3, self::id())))->assertUnauthorized();
            }
        }
    }

    public function test_a_stranger_finds_nothing_of_another_practice(): void
    {
        $person = $this->person();
        $placement = $this->place($person, 'press-out/standing');
        $session = $this->writtenSession($person, ['press-out/standing' => '2x10/side']);
        $this->logAndDecide($person, $session);
        $this->postJson("/api/people/{$person}/holds", ['id' => $hold = self::id(), 'kind' => 'front-plank', 'side' => 'both', 'seconds' => 40, 'end' => 'form-lost', 'note' => ''])->assertCreated();
        $this->postJson("/api/people/{$person}/climbs", ['id' => $climb = self::id(), ...self::fallAtOnce()])->assertCreated();
        $this->postJson("/api/people/{$person}/alignments", ['id' => $alignment = self::id(), ...self::levelPelvis()])->assertCreated();
        $this->postJson("/api/people/{$person}/brace", ['id' => $brace = self::id(), ...self::twoReadings()])->assertCreated();
        $photo = self::id();
        DB::table('photos')->insert(['id' => $photo, 'practice_id' => $this->trainer->practice_id, 'person_id' => $person, 'tested_on' => '2026-06-01', 'time_zone' => 'Europe/Vienna', 'sequence' => 1, 'width' => 100, 'height' => 100]);
        $decision = (string) $this->getJson("/api/people/{$person}/review")->json('decisions.0.id');

        $this->postJson("/api/people/{$person}/programs", ['id' => $program = self::id(), 'replaces' => null, 'mondays' => null, 'why' => '', 'wish' => self::wish()])->assertCreated();

        DB::table('rung_allowances')->insert(['id' => $allowance = self::id(), 'practice_id' => $this->trainer->practice_id, 'person_id' => $person, 'rung' => 'press-out/standing', 'against' => '[]', 'reason' => '', 'allowed_on' => '2026-06-01', 'time_zone' => 'Europe/Vienna', 'user_id' => $this->trainer->id, 'sequence' => 1]);
        $row = ['practice_id' => $this->trainer->practice_id, 'person_id' => $person];
        DB::table('home_notes')->insert([...$row, 'id' => $note = self::id(), 'kind' => 'words', 'on_day' => '2026-06-01', 'user_id' => $this->trainer->id, 'time_zone' => 'Europe/Vienna', 'sequence' => 1]);
        DB::table('reader_notes')->insert([...$row, 'id' => $readerNote = self::id(), 'reader_id' => $this->trainer->id, 'text' => '', 'on_day' => '2026-06-01', 'user_id' => $this->trainer->id, 'time_zone' => 'Europe/Vienna', 'sequence' => 1]);
        DB::table('home_messages')->insert([...$row, 'id' => $message = self::id(), 'kind' => 'link', 'about' => 'a', 'way' => 'mail', 'due_at' => now()]);
        DB::table('sheet_stages')->insert([...$row, 'id' => $stage = self::id(), 'training_session_id' => $session, 'kind' => 're-test', 'after' => 'days', 'count' => 5, 'begins_on' => '2026-06-01', 'due_on' => '2026-06-05', 'user_id' => $this->trainer->id, 'sequence' => 1]);
        $log = (string) DB::table('session_logs')->value('id');
        $stranger = $this->practiceWithTrainer('Mere End Studio', 'odo@mere-end.example');
        $this->actingAs($stranger);
        $walked = [];
        foreach ($this->routes() as [$method, $uri, $name]) {
            if (! str_contains($uri, '{person}')) {
                continue;
            }
            $walked[] = $name;
            $record = match (true) {
                str_contains($uri, '{placement}') => $placement,
                str_contains($uri, '{decision}') => $decision,
                str_contains($uri, '{hold}') => $hold,
                str_contains($uri, '{climb}') => $climb,
                str_contains($uri, '{alignment}') => $alignment,
                str_contains($uri, '{brace}') => $brace,
                str_contains($uri, '{photo}') => $photo,
                str_contains($uri, '{program}') => $program,
                str_contains($uri, '{allowance}') => $allowance,
                str_contains($uri, '{date}') => '2026-06-01',
                str_contains($uri, '{reader}') => $this->trainer->id,
                str_contains($uri, 'home-notes/{note}') => $note,
                str_contains($uri, '{note}') => $readerNote,
                str_contains($uri, '{message}') => $message,
                str_contains($uri, '{log}') => $log,
                default => $session,
            };
            $this->json($method, $this->filled($uri, [$person, $record, $stage]), $this->bodyFor($uri, $person, $session))
                ->assertNotFound()->assertJsonPath('code', 'not-found');
        }
        self::assertEqualsCanonicalizing(self::WITH_A_PERSON, $walked, 'A route with a person in it is named here.');
        $this->getJson('/api/bench')->assertOk()->assertJsonPath('lines', []);
        $this->getJson('/api/people')->assertOk()->assertJsonPath('people', []);
    }

    public function test_an_id_of_another_practice_cannot_be_taken_over(): void
    {
        $person = $this->person();
        $this->actingAs($this->practiceWithTrainer('Mere End Studio', 'odo@mere-end.example'));

        $this->postJson('/api/people', self::fields($person))->assertConflict();
    }

    private function logAndDecide(string $person, string $session): void
    {
        $log = self::id();
        $this->postJson("/api/people/{$person}/logs", ['id' => $log, 'session' => $session, 'seconds' => 300, 'sets' => [self::set('press-out/standing', 1, 10), self::set('press-out/standing', 2, 10)]])->assertCreated();
        $this->postJson("/api/people/{$person}/decisions", ['id' => self::id(), 'log' => $log, 'ladder' => 'press-out', 'side' => 'both', 'choice' => 'stay', 'reason' => ''])->assertCreated();
    }

    /** @return array<string, mixed> a body that would be taken from a trainer of the practice */
    private function bodyFor(string $uri, string $person, string $session): array
    {
        return match (true) {
            str_contains($uri, '/readers/{reader}') && ! str_ends_with($uri, 'notes') => ['parts' => ['done'], 'until' => null],
            str_ends_with($uri, '/notes/{note}') => ['read' => true],
            str_ends_with($uri, '/notes'), str_ends_with($uri, 'home-notes') => ['id' => self::id(), 'text' => 'mine'],
            str_ends_with($uri, '/settle') => ['text' => 'mine'],
            str_ends_with($uri, '/contact') => ['version' => 0, 'mail' => 'a@b.example', 'byMail' => true, 'byText' => false, 'reminders' => true, 'mornings' => true, 'agreed' => true],
            str_ends_with($uri, '/stages') => ['id' => self::id(), 'kind' => 're-test', 'after' => 'days', 'count' => 5],
            str_ends_with($uri, '/pdf') => ['layout' => 'page'],
            str_ends_with($uri, '/corrections') => ['id' => self::id(), 'item' => 'press-out-standing', 'set' => 1, 'both' => null, 'left' => 9, 'right' => 9, 'pain' => 0, 'effort' => 5],
            str_ends_with($uri, 'sessions'), str_ends_with($uri, '{session}') => ['id' => $session, 'version' => 1, 'title' => 'Mine now', 'blocks' => self::blocks(['press-out/standing' => '2x10/side'])],
            str_contains($uri, 'program/proposal') => ['wish' => self::wish()],
            str_ends_with($uri, 'programs') => ['id' => self::id(), 'replaces' => null, 'mondays' => null, 'why' => '', 'wish' => self::wish()],
            str_ends_with($uri, 'again') => ['id' => self::id(), 'replaces' => self::id()],
            str_contains($uri, 'weeks/') => ['version' => 0, 'slots' => [], 'moves' => [], 'away' => []],
            str_contains($uri, 'calendar') => ['version' => 0, 'morning' => '07:30', 'midday' => '12:30', 'evening' => '18:00', 'alarmMinutes' => null],
            str_ends_with($uri, 'soreness') => ['id' => self::id(), 'ofTen' => 2],
            str_ends_with($uri, 'marks') => ['rung' => 'press-out/standing', 'target' => 10, 'reason' => 'mine'],
            str_ends_with($uri, 'method/own'), str_ends_with($uri, 'method/program') => ['version' => 0, 'question' => 'effort', 'answer' => null],
            str_ends_with($uri, 'allowances') => ['id' => self::id(), 'rung' => 'press-out/standing', 'reason' => 'mine'],
            str_ends_with($uri, 'set-ups') => ['rung' => 'press-out/standing', 'text' => 'mine', 'version' => 0],
            str_ends_with($uri, 'board/preview') => ['kit' => [], 'limits' => []],
            str_ends_with($uri, 'sessions/start') => ['from' => 'board'],
            str_ends_with($uri, 'sessions/text') => ['text' => 'plank 2x20s'],
            str_ends_with($uri, 'sessions/preview'), str_ends_with($uri, 'sessions/orders'), str_ends_with($uri, 'sessions/sums'), str_ends_with($uri, 'sessions/fit') => ['id' => self::id(), 'blocks' => self::blocks(['press-out/standing' => '2x10/side'])],
            str_ends_with($uri, 'placements') => ['id' => self::id(), 'rung' => 'press-out/seated', 'side' => 'both', 'reason' => ''],
            str_contains($uri, '{screening}') => ['reason' => 'mine'],
            str_ends_with($uri, 'screenings') => self::answers(),
            str_ends_with($uri, 'clearances') => ['id' => self::id(), 'clinician' => 'A. Clinician', 'scope' => 'all', 'from' => '2026-06-01', 'until' => '2026-07-01'],
            str_ends_with($uri, 'holds') => ['id' => self::id(), 'kind' => 'front-plank', 'side' => 'both', 'seconds' => 40, 'end' => 'form-lost', 'note' => ''],
            str_contains($uri, 'alignments') => ['id' => self::id(), ...self::levelPelvis()],
            str_contains($uri, '/brace') => ['id' => self::id(), ...self::twoReadings()],
            str_contains($uri, 'climbs') => ['id' => self::id(), ...self::fallAtOnce()],
            str_ends_with($uri, 'line') => ['line' => 'press-out 10'],
            str_ends_with($uri, 'time') => ['seconds' => 600],
            str_ends_with($uri, 'logs') => ['id' => self::id(), 'session' => $session, 'seconds' => 1, 'sets' => [self::set('press-out/standing', 1, 10)]],
            str_ends_with($uri, 'mornings') => ['id' => self::id(), 'log' => self::id(), 'ladder' => 'press-out', 'pain' => 0, 'worse' => false],
            str_ends_with($uri, 'decisions') => ['id' => self::id(), 'log' => self::id(), 'ladder' => 'press-out', 'side' => 'both', 'choice' => 'stay', 'reason' => ''],
            default => [...self::fields($person), 'version' => 1],
        };
    }

    /** @return array<string, mixed> a climb test that ended on the lowest rung */
    private static function fallAtOnce(): array
    {
        return ['ladder' => 'front-plank', 'side' => 'both', 'guess' => null, 'trials' => [['rung' => 'front-plank/forearms-wall', 'faults' => ['ribs'], 'pain' => 0]]];
    }

    /** @return array<string, mixed> an alignment check from behind */
    private static function levelPelvis(): array
    {
        return ['view' => 'behind', 'photo' => null, 'marks' => ['left' => ['x' => 100, 'y' => 100], 'right' => ['x' => 200, 'y' => 100]], 'scaleFrom' => null, 'scaleTo' => null, 'centimetres' => null, 'note' => ''];
    }

    /** @return array<string, mixed> the shortest brace check */
    private static function twoReadings(): array
    {
        return ['samples' => [['ms' => 0, 'mmHg' => 40], ['ms' => 200, 'mmHg' => 40]]];
    }

    /** @return list<array{string, string, string}> method, address, name */
    private function routes(): array
    {
        $routes = [];
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            if (str_starts_with($route->uri(), 'api/')) {
                $routes[] = [$route->methods()[0], '/'.$route->uri(), (string) $route->getName()];
            }
        }

        return $routes;
    }

    /** @param list<string> $values */
    private function filled(string $uri, array $values): string
    {
        foreach ($values as $value) {
            $uri = (string) preg_replace('/\{\w+\}/', $value, $uri, 1);
        }

        return $uri;
    }
}
