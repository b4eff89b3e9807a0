<?php

declare(strict_types=1);

use App\Http\Bench\BenchController;
use App\Http\Board\BoardController;
use App\Http\Checks\BraceController;
use App\Http\Checks\ChecksController;
use App\Http\Checks\PictureController;
use App\Http\Coach\CoachController;
use App\Http\Coach\TrainingController;
use App\Http\Home\ContactController;
use App\Http\Home\HomeController;
use App\Http\Home\HomeDoor;
use App\Http\Home\LinkController;
use App\Http\Home\NotesController;
use App\Http\Home\StagesController;
use App\Http\Library\LadderController;
use App\Http\Library\LibraryController;
use App\Http\Method\MethodController;
use App\Http\Middleware\AtHome;
use App\Http\Middleware\NotesAccess;
use App\Http\Middleware\OneWritingAtATime;
use App\Http\Middleware\StillHere;
use App\Http\Middleware\TakesBothSteps;
use App\Http\People\PeopleController;
use App\Http\Person\PersonController;
use App\Http\Person\RecordController;
use App\Http\Person\TakenBackController;
use App\Http\Practice\AccessController;
use App\Http\Practice\AccountController;
use App\Http\Practice\CatalogueController;
use App\Http\Practice\SecondStepController;
use App\Http\Practice\SignInController;
use App\Http\Practice\TrainersController;
use App\Http\Reading\ReadersController;
use App\Http\Reading\ReadingController;
use App\Http\Review\LogController;
use App\Http\Review\ReviewController;
use App\Http\Rules\RulesController;
use App\Http\Session\ComposerController;
use App\Http\Session\SessionController;
use App\Http\Shared\ApiRequest;
use App\Http\Sheet\SheetController;
use App\Http\Squad\SquadsController;
use App\Http\UpController;
use App\Http\Week\CalendarController;
use App\Http\Week\WeekController;
use App\Http\Weeks\ProgramController;
use Illuminate\Support\Facades\Route;

// Names are those of the operations in the API document.
Route::prefix('api')->group(function (): void {
    Route::post('/sign-in', [SignInController::class, 'store'])->middleware('throttle:sign-in')->name('signIn');
    Route::controller(AccountController::class)->group(function (): void {
        Route::post('/forgotten', 'forgotten')->middleware('throttle:forgotten')->name('forgotPassword');
        Route::post('/password', 'reset')->middleware('throttle:link')->name('resetPassword');
        Route::post('/join', 'join')->middleware('throttle:link')->name('join');
    });

    // A person's own page: what opens it is the cookie of a link, and it is theirs alone.
    Route::post('/home/no-more/{who}', [ContactController::class, 'endFromMessage'])->middleware('throttle:link')->name('endMessages');
    Route::post('/home/open', [HomeDoor::class, 'open'])->middleware('throttle:link')->name('openHome');
    Route::controller(HomeController::class)->middleware('throttle:home')->group(function (): void {
        Route::post('/home/code', 'code')->middleware('throttle:link')->name('homeCode');
        Route::middleware([AtHome::class, OneWritingAtATime::class])->group(function (): void {
            Route::get('/home', 'show')->name('home');
            Route::get('/home/sessions/{session}/cues', 'cues')->name('homeCues');
            Route::get('/home/trainings/{training}', 'training')->name('homeTraining');
            Route::post('/home/trainings/{training}', 'tell')->name('tellFromHome');
            Route::post('/home/signs', 'signs')->name('tellSigns');
            Route::post('/home/not-today', 'notToday')->name('notToday');
            Route::post('/home/words', 'words')->name('tellWords');
            Route::post('/home/no-messages', 'noMessages')->name('endMessagesHere');
        });
    });

    // Whatever is written about a person is written one after the other; what only asks by POST is let out below.
    Route::middleware(['auth', StillHere::class, TakesBothSteps::class, 'auth.session', 'throttle:work', OneWritingAtATime::class, NotesAccess::class])->group(function (): void {
        Route::controller(SignInController::class)->group(function (): void {
            Route::post('/sign-out', 'destroy')->name('signOut');
            Route::get('/me', 'show')->name('me');
        });
        Route::controller(AccountController::class)->group(function (): void {
            Route::put('/me', 'update')->name('changeMe');
            Route::put('/me/password', 'password')->middleware('throttle:link')->name('changePassword');
        });
        Route::controller(SecondStepController::class)->middleware('throttle:link')->group(function (): void {
            Route::post('/me/second-step', 'begin')->name('beginSecondStep');
            Route::put('/me/second-step', 'confirm')->name('confirmSecondStep');
            Route::post('/me/second-step/end', 'end')->name('endSecondStep');
        });
        Route::get('/rules', [RulesController::class, 'show'])->name('rules');
        Route::controller(ReadingController::class)->middleware('can:read')->group(function (): void {
            Route::get('/reading', 'index')->name('readings');
            Route::get('/reading/{person}', 'show')->name('reading');
            Route::post('/reading/{person}/notes', 'write')->name('writeNote');
            Route::delete('/reading/{person}/notes/{note}', 'takeBack')->name('takeOwnNoteBack');
        });

        // Who only reads has nothing to do with what follows.
        Route::middleware('can:train')->group(function (): void {
            Route::controller(TrainersController::class)->middleware('can:run-practice')->group(function (): void {
                Route::get('/practice/trainers', 'index')->name('trainers');
                Route::post('/practice/trainers', 'store')->middleware('throttle:link')->name('inviteTrainer');
                Route::post('/practice/trainers/{trainer}/invitation', 'again')->middleware('throttle:link')->name('inviteAgain');
                Route::delete('/practice/trainers/{trainer}', 'destroy')->name('endAccess');
                Route::post('/practice/trainers/{trainer}/access', 'back')->name('letInAgain');
                Route::delete('/practice/trainers/{trainer}/second-step', 'oneStep')->name('endSecondStepOf');
                Route::put('/practice/trainers/{trainer}/role', 'role')->name('changeRole');
                Route::put('/practice/second-step', 'askSecondStep')->name('askSecondStep');
            });
            Route::get('/practice/access', AccessController::class)->middleware('can:run-practice')->name('access');
            Route::controller(BenchController::class)->group(function (): void {
                Route::get('/bench', 'show')->name('bench');
                Route::get('/floor', 'floor')->name('floor');
                Route::put('/floor/days', 'days')->name('setKeptDays');
                Route::post('/ping', 'ping')->name('ping');
            });
            Route::controller(CatalogueController::class)->group(function (): void {
                Route::get('/catalogue', 'show')->name('catalogue');
            });
            Route::controller(LibraryController::class)->group(function (): void {
                Route::get('/library', 'show')->name('library');
                Route::get('/figures/{ladder}', 'figures')->name('figures');
                Route::get('/figures/{ladder}/{rung}', 'faults')->name('figures.faults');
            });
            Route::controller(LadderController::class)->group(function (): void {
                Route::post('/ladders/check', 'check')->name('checkLadder');
                Route::post('/ladders/read', 'read')->name('readLadder');
                Route::get('/ladders/{ladder}', 'show')->name('ladder');
                Route::put('/ladders/{ladder}', 'update')->name('keepLadder');
                Route::delete('/ladders/{ladder}', 'destroy')->name('letGoOfLadder');
                Route::get('/ladders/{ladder}/file', 'file')->name('ladderFile');
            });
            Route::controller(MethodController::class)->group(function (): void {
                Route::get('/method', 'show')->name('method');
                Route::put('/method', 'change')->name('changeMethod');
                Route::get('/method/mine', 'mine')->name('ownMethod');
                Route::put('/method/mine', 'changeMine')->name('changeOwnMethod');
                Route::get('/people/{person}/method/own', 'ofOne')->name('methodOfPerson');
                Route::put('/people/{person}/method/own', 'changeOfOne')->name('changeMethodOfPerson');
                Route::get('/people/{person}/method/program', 'ofProgram')->name('methodOfProgram');
                Route::put('/people/{person}/method/program', 'changeOfProgram')->name('changeMethodOfProgram');
                Route::get('/people/{person}/method', 'trial')->name('methodTrial');
            });
            Route::controller(PeopleController::class)->group(function (): void {
                Route::get('/people', 'index')->name('people');
            });
            Route::controller(SquadsController::class)->group(function (): void {
                Route::get('/squads', 'index')->name('squads');
                Route::post('/squads', 'store')->name('beginSquad');
                Route::get('/squads/{squad}', 'show')->name('squad');
                Route::get('/squads/{squad}/times', 'times')->name('squadTimes');
                Route::put('/squads/{squad}', 'update')->name('changeSquad');
                Route::delete('/squads/{squad}', 'destroy')->name('letGoOfSquad');
                Route::post('/squads/{squad}/restore', 'restore')->name('bringSquadBack');
                Route::post('/squads/{squad}/sessions', 'write')->name('writeSquadSessions');
            });
            Route::controller(PersonController::class)->group(function (): void {
                Route::post('/people', 'store')->name('addPerson');
                Route::post('/people/{person}/archive', 'archive')->name('archivePerson');
                Route::delete('/people/{person}/archive', 'restore')->name('restorePerson');
                Route::get('/people/{person}', 'show')->name('person');
                Route::put('/people/{person}', 'update')->name('changePerson');
                Route::post('/people/{person}/screenings', 'screen')->name('screen');
                Route::post('/people/{person}/screenings/{screening}/take-back', 'takeScreeningBack')->name('takeScreeningBack');
                Route::post('/people/{person}/clearances', 'clear')->name('clear');
                Route::delete('/people/{person}/clearances/{clearance}', 'takeClearanceBack')->name('takeClearanceBack');
            });
            Route::controller(RecordController::class)->middleware('can:run-practice')->group(function (): void {
                Route::get('/people/{person}/record', 'copy')->middleware('throttle:link')->name('personCopy');
                Route::delete('/people/{person}/record', 'erase')->name('erasePerson');
            });
            Route::controller(ChecksController::class)->group(function (): void {
                Route::get('/people/{person}/checks', 'show')->name('checks');
                Route::post('/people/{person}/holds', 'hold')->name('keepHold');
                Route::delete('/people/{person}/holds/{hold}', 'takeHoldBack')->name('takeHoldBack');
                Route::post('/people/{person}/climbs/next', 'next')->name('nextTrial')->withoutMiddleware(OneWritingAtATime::class);
                Route::post('/people/{person}/climbs', 'climb')->name('keepClimb');
                Route::delete('/people/{person}/climbs/{climb}', 'takeClimbBack')->name('takeClimbBack');
            });
            Route::post('/people/{person}/taken-back/{kind}/{row}', [TakenBackController::class, 'bringBack'])->name('bringBack');
            Route::controller(BraceController::class)->group(function (): void {
                Route::post('/people/{person}/brace/preview', 'preview')->name('previewBrace')->withoutMiddleware(OneWritingAtATime::class);
                Route::post('/people/{person}/brace', 'store')->name('keepBrace');
                Route::delete('/people/{person}/brace/{brace}', 'takeBack')->name('takeBraceBack');
            });
            Route::controller(PictureController::class)->group(function (): void {
                Route::post('/people/{person}/photos', 'store')->name('keepPhoto');
                Route::get('/people/{person}/photos/{photo}', 'show')->name('photo');
                Route::delete('/people/{person}/photos/{photo}', 'destroy')->name('removePhoto');
                Route::post('/people/{person}/alignments/preview', 'preview')->name('previewAlignment')->withoutMiddleware(OneWritingAtATime::class);
                Route::post('/people/{person}/alignments', 'align')->name('keepAlignment');
                Route::delete('/people/{person}/alignments/{alignment}', 'takeBack')->name('takeAlignmentBack');
            });
            Route::controller(BoardController::class)->group(function (): void {
                Route::get('/people/{person}/board', 'show')->name('board');
                Route::get('/people/{person}/hardness/{ladder}/{rung}', 'hardness')->name('hardness');
                Route::get('/people/{person}/instead/{ladder}/{rung}', 'instead')->name('instead');
                Route::get('/people/{person}/path', 'path')->name('path');
                Route::post('/people/{person}/board/preview', 'preview')->name('previewBoard')->withoutMiddleware(OneWritingAtATime::class);
                Route::post('/people/{person}/placements', 'store')->name('place');
                Route::put('/people/{person}/set-ups', 'setUp')->name('setUp');
                Route::put('/people/{person}/marks', 'mark')->name('writeMark');
                Route::post('/people/{person}/allowances', 'allow')->name('allowRung');
                Route::delete('/people/{person}/allowances/{allowance}', 'forbid')->name('takeAllowanceBack');
                Route::delete('/people/{person}/placements/{placement}', 'destroy')->name('takePlacingBack');
            });
            Route::controller(ComposerController::class)->group(function (): void {
                Route::post('/people/{person}/sessions/start', 'start')->name('startSession')->withoutMiddleware(OneWritingAtATime::class);
                Route::get('/people/{person}/sessions/templates', 'templates')->name('sessionTemplates');
                Route::get('/people/{person}/sessions/next-doses', 'nextDoses')->name('nextDoses');
                Route::post('/people/{person}/sessions/text', 'text')->name('readSessionText')->withoutMiddleware(OneWritingAtATime::class);
                Route::post('/people/{person}/sessions/sums', 'sums')->name('sumSession')->withoutMiddleware(OneWritingAtATime::class);
                Route::post('/people/{person}/sessions/orders', 'orders')->name('orderSession')->withoutMiddleware(OneWritingAtATime::class);
                Route::post('/people/{person}/sessions/fit', 'fit')->name('fitSession')->withoutMiddleware(OneWritingAtATime::class);
            });
            Route::controller(SessionController::class)->group(function (): void {
                Route::get('/people/{person}/sessions', 'index')->name('sessions');
                Route::post('/people/{person}/sessions/preview', 'preview')->name('previewSession')->withoutMiddleware(OneWritingAtATime::class);
                Route::post('/people/{person}/sessions', 'store')->name('writeSession');
                Route::get('/people/{person}/sessions/{session}', 'show')->name('session');
                Route::put('/people/{person}/sessions/{session}', 'update')->name('changeSession');
                Route::delete('/people/{person}/sessions/{session}', 'destroy')->name('deleteSession');
                Route::post('/people/{person}/sessions/{session}/restore', 'restore')->name('bringSessionBack');
            });
            Route::controller(ReadersController::class)->group(function (): void {
                Route::get('/people/{person}/readers', 'show')->name('readers');
                Route::put('/people/{person}/readers/{reader}', 'share')->name('share');
                Route::delete('/people/{person}/readers/{reader}', 'end')->name('endSharing');
                Route::post('/people/{person}/readers/{reader}/notes', 'write')->name('writeReader');
                Route::put('/people/{person}/notes/{note}', 'mark')->name('markNote');
                Route::delete('/people/{person}/notes/{note}', 'takeBack')->name('takeNoteBack');
            });
            Route::controller(LinkController::class)->group(function (): void {
                Route::get('/people/{person}/home-links', 'show')->name('homeLinks');
                Route::post('/people/{person}/home-links', 'store')->name('makeHomeLink');
                Route::put('/people/{person}/home-links', 'update')->name('renewHomeLinks');
                Route::post('/people/{person}/home-links/message', 'message')->middleware('throttle:link')->name('sendHomeLink');
                Route::delete('/people/{person}/home-links', 'destroy')->name('revokeHomeLinks');
            });
            Route::controller(NotesController::class)->group(function (): void {
                Route::get('/people/{person}/home-notes', 'show')->name('homeNotes');
                Route::post('/people/{person}/home-notes', 'store')->name('writeHome');
                Route::post('/people/{person}/home-notes/{note}/settle', 'settle')->name('settleHomeNote');
                Route::post('/people/{person}/home-messages/{message}/settle', 'undelivered')->name('settleMessage');
            });
            Route::controller(ContactController::class)->group(function (): void {
                Route::get('/people/{person}/contact', 'show')->name('contact');
                Route::put('/people/{person}/contact', 'update')->name('changeContact');
            });
            Route::controller(StagesController::class)->group(function (): void {
                Route::get('/people/{person}/sessions/{session}/stages', 'show')->name('stages');
                Route::post('/people/{person}/sessions/{session}/stages', 'store')->name('addStage');
                Route::post('/people/{person}/sessions/{session}/stages/one-a-week', 'oneAWeek')->name('oneExerciseAWeek');
                Route::delete('/people/{person}/sessions/{session}/stages/one-a-week', 'allAtOnce')->name('takeOneAWeekBack');
                Route::post('/people/{person}/sessions/{session}/stages/{stage}/again', 'again')->name('bringStageAgain');
                Route::delete('/people/{person}/sessions/{session}/stages/{stage}', 'destroy')->name('removeStage');
            });
            Route::controller(SheetController::class)->group(function (): void {
                Route::get('/people/{person}/sessions/{session}/sheet', 'show')->name('sheet');
                Route::post('/people/{person}/sessions/{session}/sheet/pdf', 'pdf')->name('sheetPdf')->withoutMiddleware(OneWritingAtATime::class);
            });
            Route::controller(CoachController::class)->group(function (): void {
                Route::get('/people/{person}/sessions/{session}/cues', 'cues')->name('cueSheet');
                Route::post('/people/{person}/sessions/{session}/line', 'line')->name('readLogLine');
                Route::post('/people/{person}/logs', 'store')->name('logSession');
                Route::put('/people/{person}/logs/{log}/time', 'time')->name('correctLogTime');
                Route::post('/people/{person}/mornings', 'morning')->name('tellMorning');
            });
            Route::controller(TrainingController::class)->group(function (): void {
                Route::get('/people/{person}/trainings/{training}', 'show')->name('training');
                Route::post('/people/{person}/trainings/{training}', 'tell')->name('tellTraining')->where('training', trim(ApiRequest::ID, '/^$'));
            });
            Route::controller(WeekController::class)->group(function (): void {
                Route::get('/people/{person}/weeks/{date}', 'show')->name('week');
                Route::put('/people/{person}/weeks/{date}', 'update')->name('layOutWeek');
                Route::post('/people/{person}/weeks/{date}/shape', 'shape')->name('shapeWeek');
                Route::post('/people/{person}/soreness', 'soreness')->name('tellSoreness');
            });
            Route::controller(CalendarController::class)->group(function (): void {
                Route::get('/people/{person}/calendar', 'show')->name('calendar');
                Route::put('/people/{person}/calendar', 'update')->name('setUpCalendar');
                Route::get('/people/{person}/calendar/file', 'file')->name('calendarFile');
                Route::post('/people/{person}/calendar/address', 'subscribe')->name('makeCalendarAddress');
                Route::delete('/people/{person}/calendar/address', 'revoke')->name('revokeCalendarAddress');
            });
            Route::controller(ProgramController::class)->group(function (): void {
                Route::get('/people/{person}/program', 'show')->name('program');
                Route::get('/people/{person}/program/why/{ladder}', 'why')->name('programWhy');
                Route::post('/people/{person}/program/proposal', 'propose')->name('proposeProgram')->withoutMiddleware(OneWritingAtATime::class);
                Route::post('/people/{person}/program/weeks/{date}', 'write')->name('writeProgramWeek');
                Route::post('/people/{person}/program/weeks/{date}/take-out', 'takeOut')->name('takeOutProgramWeek');
                Route::post('/people/{person}/programs', 'store')->name('takeProgram');
                Route::get('/people/{person}/programs/{program}', 'version')->name('programVersion');
                Route::post('/people/{person}/programs/{program}/again', 'again')->name('takeProgramAgain');
                Route::post('/people/{person}/programs/{program}/take-back', 'takeBack')->name('takeProgramBack');
            });
            Route::controller(LogController::class)->group(function (): void {
                Route::get('/people/{person}/logs/{log}/sets', 'sets')->name('loggedSets');
                Route::post('/people/{person}/logs/{log}/corrections', 'correct')->name('correctSet');
            });
            Route::controller(ReviewController::class)->group(function (): void {
                Route::get('/people/{person}/review', 'show')->name('review');
                Route::get('/people/{person}/decisions', 'index')->name('decisions');
                Route::post('/people/{person}/decisions', 'store')->name('decide');
                Route::post('/people/{person}/decisions/{decision}/take-back', 'takeBack')->name('takeDecisionBack');
            });
        });
    });
});

// Calendars that know the private address of a plan; whoever has it needs no account.
Route::get('/calendar/{token}.ics', [CalendarController::class, 'subscribed'])->where('token', '[A-Za-z0-9]{40}')->middleware('throttle:calendar');

Route::get('/up', UpController::class)->withoutMiddleware('web')->name('up');

// Every other address is the application's page; its own router shows what belongs there.
Route::view('/{any?}', 'app')->where('any', '^(?!api/|build/).*$')->name('login');
