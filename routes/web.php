<?php

declare(strict_types=1);

use App\Http\Bench\BenchController;
use App\Http\Board\BoardController;
use App\Http\Checks\BraceController;
use App\Http\Checks\ChecksController;
use App\Http\Checks\PictureController;
use App\Http\Coach\CoachController;
use App\Http\Library\LadderController;
use App\Http\Library\LibraryController;
use App\Http\Person\PersonController;
use App\Http\Practice\SignInController;
use App\Http\Review\ReviewController;
use App\Http\Session\ComposerController;
use App\Http\Session\SessionController;
use App\Http\Week\CalendarController;
use App\Http\Week\WeekController;
use App\Http\Weeks\ProgramController;
use Illuminate\Support\Facades\Route;

Route::prefix('api')->group(function (): void {
    Route::post('/sign-in', [SignInController::class, 'store'])->middleware('throttle:sign-in');

    Route::middleware(['auth', 'throttle:work'])->group(function (): void {
        Route::post('/sign-out', [SignInController::class, 'destroy']);
        Route::get('/me', [SignInController::class, 'show']);
        Route::get('/bench', [BenchController::class, 'show']);
        Route::get('/catalogue', [BenchController::class, 'catalogue']);
        Route::post('/ping', [BenchController::class, 'ping']);

        Route::get('/library', [LibraryController::class, 'show']);
        Route::post('/ladders/check', [LadderController::class, 'check']);
        Route::post('/ladders/read', [LadderController::class, 'read']);
        Route::get('/ladders/{ladder}', [LadderController::class, 'show']);
        Route::put('/ladders/{ladder}', [LadderController::class, 'update']);
        Route::delete('/ladders/{ladder}', [LadderController::class, 'destroy']);
        Route::get('/ladders/{ladder}/file', [LadderController::class, 'file']);
        Route::get('/method', [LibraryController::class, 'method']);
        Route::put('/method', [LibraryController::class, 'change']);

        Route::get('/people', [PersonController::class, 'index']);
        Route::post('/people', [PersonController::class, 'store']);
        Route::post('/people/{person}/archive', [PersonController::class, 'archive']);
        Route::delete('/people/{person}/archive', [PersonController::class, 'restore']);
        Route::get('/people/{person}', [PersonController::class, 'show']);
        Route::put('/people/{person}', [PersonController::class, 'update']);
        Route::post('/people/{person}/screenings', [PersonController::class, 'screen']);
        Route::post('/people/{person}/clearances', [PersonController::class, 'clear']);

        Route::get('/people/{person}/checks', [ChecksController::class, 'show']);
        Route::post('/people/{person}/holds', [ChecksController::class, 'hold']);
        Route::delete('/people/{person}/holds/{hold}', [ChecksController::class, 'takeHoldBack']);
        Route::post('/people/{person}/climbs/next', [ChecksController::class, 'next']);
        Route::post('/people/{person}/climbs', [ChecksController::class, 'climb']);
        Route::delete('/people/{person}/climbs/{climb}', [ChecksController::class, 'takeClimbBack']);

        Route::get('/people/{person}/brace/readings', [BraceController::class, 'readings']);
        Route::post('/people/{person}/brace/preview', [BraceController::class, 'preview']);
        Route::post('/people/{person}/brace', [BraceController::class, 'store']);
        Route::delete('/people/{person}/brace/{brace}', [BraceController::class, 'takeBack']);

        Route::post('/people/{person}/photos', [PictureController::class, 'store']);
        Route::get('/people/{person}/photos/{photo}', [PictureController::class, 'show']);
        Route::delete('/people/{person}/photos/{photo}', [PictureController::class, 'destroy']);
        Route::post('/people/{person}/alignments/preview', [PictureController::class, 'preview']);
        Route::post('/people/{person}/alignments', [PictureController::class, 'align']);
        Route::delete('/people/{person}/alignments/{alignment}', [PictureController::class, 'takeBack']);

        Route::get('/people/{person}/board', [BoardController::class, 'show']);
        Route::get('/people/{person}/path', [BoardController::class, 'path']);
        Route::post('/people/{person}/board/preview', [BoardController::class, 'preview']);
        Route::post('/people/{person}/placements', [BoardController::class, 'store']);
        Route::put('/people/{person}/set-ups', [BoardController::class, 'setUp']);
        Route::delete('/people/{person}/placements/{placement}', [BoardController::class, 'destroy']);

        Route::get('/people/{person}/sessions', [SessionController::class, 'index']);
        Route::get('/people/{person}/method', [ComposerController::class, 'method']);
        Route::post('/people/{person}/sessions/start', [ComposerController::class, 'start']);
        Route::get('/people/{person}/sessions/templates', [ComposerController::class, 'templates']);
        Route::get('/people/{person}/sessions/next-doses', [ComposerController::class, 'nextDoses']);
        Route::post('/people/{person}/sessions/text', [ComposerController::class, 'text']);
        Route::post('/people/{person}/sessions/sums', [ComposerController::class, 'sums']);
        Route::post('/people/{person}/sessions/orders', [ComposerController::class, 'orders']);
        Route::post('/people/{person}/sessions/fit', [ComposerController::class, 'fit']);
        Route::post('/people/{person}/sessions/preview', [SessionController::class, 'preview']);
        Route::post('/people/{person}/sessions', [SessionController::class, 'store']);
        Route::get('/people/{person}/sessions/{session}', [SessionController::class, 'show']);
        Route::put('/people/{person}/sessions/{session}', [SessionController::class, 'update']);
        Route::get('/people/{person}/sessions/{session}/sheet', [SessionController::class, 'sheet']);
        Route::get('/people/{person}/sessions/{session}/cues', [SessionController::class, 'cues']);

        Route::get('/people/{person}/weeks/{date}', [WeekController::class, 'show']);
        Route::put('/people/{person}/weeks/{date}', [WeekController::class, 'update']);
        Route::post('/people/{person}/soreness', [WeekController::class, 'soreness']);
        Route::get('/people/{person}/calendar', [CalendarController::class, 'show']);
        Route::put('/people/{person}/calendar', [CalendarController::class, 'update']);
        Route::get('/people/{person}/calendar/file', [CalendarController::class, 'file']);
        Route::post('/people/{person}/calendar/address', [CalendarController::class, 'subscribe']);
        Route::delete('/people/{person}/calendar/address', [CalendarController::class, 'revoke']);
        Route::get('/people/{person}/program', [ProgramController::class, 'show']);
        Route::post('/people/{person}/program/proposal', [ProgramController::class, 'propose']);
        Route::post('/people/{person}/program/weeks/{date}', [ProgramController::class, 'write']);
        Route::post('/people/{person}/programs', [ProgramController::class, 'store']);
        Route::get('/people/{person}/programs/{program}', [ProgramController::class, 'version']);
        Route::post('/people/{person}/programs/{program}/again', [ProgramController::class, 'again']);

        Route::post('/people/{person}/logs', [CoachController::class, 'store']);
        Route::post('/people/{person}/mornings', [CoachController::class, 'morning']);

        Route::get('/people/{person}/review', [ReviewController::class, 'show']);
        Route::post('/people/{person}/decisions', [ReviewController::class, 'store']);
        Route::post('/people/{person}/decisions/{decision}/take-back', [ReviewController::class, 'takeBack']);
    });
});

// Calendars that know the private address of a plan; whoever has it needs no account.
Route::get('/calendar/{token}.ics', [CalendarController::class, 'subscribed'])->where('token', '[A-Za-z0-9]{40}')->middleware('throttle:calendar');

// Every other address is the application's page; its own router shows what belongs there.
Route::view('/{any?}', 'app')->where('any', '^(?!api/|build/).*$')->name('login');
