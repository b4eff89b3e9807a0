<?php

declare(strict_types=1);

use App\Http\Controllers\Bench;
use App\Http\Controllers\Board;
use App\Http\Controllers\Brace;
use App\Http\Controllers\Calendars;
use App\Http\Controllers\Checks;
use App\Http\Controllers\Coaching;
use App\Http\Controllers\Composing;
use App\Http\Controllers\Ladders;
use App\Http\Controllers\Library;
use App\Http\Controllers\People;
use App\Http\Controllers\Pictures;
use App\Http\Controllers\Programs;
use App\Http\Controllers\Review;
use App\Http\Controllers\Sessions;
use App\Http\Controllers\SignIn;
use App\Http\Controllers\Weeks;
use Illuminate\Support\Facades\Route;

Route::prefix('api')->group(function (): void {
    Route::post('/sign-in', [SignIn::class, 'store'])->middleware('throttle:sign-in');

    Route::middleware(['auth', 'throttle:work'])->group(function (): void {
        Route::post('/sign-out', [SignIn::class, 'destroy']);
        Route::get('/me', [SignIn::class, 'show']);
        Route::get('/bench', [Bench::class, 'show']);
        Route::get('/catalogue', [Bench::class, 'catalogue']);
        Route::post('/ping', [Bench::class, 'ping']);

        Route::get('/library', [Library::class, 'show']);
        Route::post('/ladders/check', [Ladders::class, 'check']);
        Route::post('/ladders/read', [Ladders::class, 'read']);
        Route::get('/ladders/{ladder}', [Ladders::class, 'show']);
        Route::put('/ladders/{ladder}', [Ladders::class, 'update']);
        Route::delete('/ladders/{ladder}', [Ladders::class, 'destroy']);
        Route::get('/ladders/{ladder}/file', [Ladders::class, 'file']);
        Route::get('/method', [Library::class, 'method']);
        Route::put('/method', [Library::class, 'change']);

        Route::get('/people', [People::class, 'index']);
        Route::post('/people', [People::class, 'store']);
        Route::post('/people/{person}/archive', [People::class, 'archive']);
        Route::delete('/people/{person}/archive', [People::class, 'restore']);
        Route::get('/people/{person}', [People::class, 'show']);
        Route::put('/people/{person}', [People::class, 'update']);
        Route::post('/people/{person}/screenings', [People::class, 'screen']);
        Route::post('/people/{person}/clearances', [People::class, 'clear']);

        Route::get('/people/{person}/checks', [Checks::class, 'show']);
        Route::post('/people/{person}/holds', [Checks::class, 'hold']);
        Route::delete('/people/{person}/holds/{hold}', [Checks::class, 'takeHoldBack']);
        Route::post('/people/{person}/climbs/next', [Checks::class, 'next']);
        Route::post('/people/{person}/climbs', [Checks::class, 'climb']);
        Route::delete('/people/{person}/climbs/{climb}', [Checks::class, 'takeClimbBack']);

        Route::get('/people/{person}/brace/readings', [Brace::class, 'readings']);
        Route::post('/people/{person}/brace/preview', [Brace::class, 'preview']);
        Route::post('/people/{person}/brace', [Brace::class, 'store']);
        Route::delete('/people/{person}/brace/{brace}', [Brace::class, 'takeBack']);

        Route::post('/people/{person}/photos', [Pictures::class, 'store']);
        Route::get('/people/{person}/photos/{photo}', [Pictures::class, 'show']);
        Route::delete('/people/{person}/photos/{photo}', [Pictures::class, 'destroy']);
        Route::post('/people/{person}/alignments/preview', [Pictures::class, 'preview']);
        Route::post('/people/{person}/alignments', [Pictures::class, 'align']);
        Route::delete('/people/{person}/alignments/{alignment}', [Pictures::class, 'takeBack']);

        Route::get('/people/{person}/board', [Board::class, 'show']);
        Route::get('/people/{person}/path', [Board::class, 'path']);
        Route::post('/people/{person}/board/preview', [Board::class, 'preview']);
        Route::post('/people/{person}/placements', [Board::class, 'store']);
        Route::put('/people/{person}/set-ups', [Board::class, 'setUp']);
        Route::delete('/people/{person}/placements/{placement}', [Board::class, 'destroy']);

        Route::get('/people/{person}/sessions', [Sessions::class, 'index']);
        Route::get('/people/{person}/method', [Composing::class, 'method']);
        Route::post('/people/{person}/sessions/start', [Composing::class, 'start']);
        Route::get('/people/{person}/sessions/templates', [Composing::class, 'templates']);
        Route::get('/people/{person}/sessions/next-doses', [Composing::class, 'nextDoses']);
        Route::post('/people/{person}/sessions/text', [Composing::class, 'text']);
        Route::post('/people/{person}/sessions/sums', [Composing::class, 'sums']);
        Route::post('/people/{person}/sessions/orders', [Composing::class, 'orders']);
        Route::post('/people/{person}/sessions/fit', [Composing::class, 'fit']);
        Route::post('/people/{person}/sessions/preview', [Sessions::class, 'preview']);
        Route::post('/people/{person}/sessions', [Sessions::class, 'store']);
        Route::get('/people/{person}/sessions/{session}', [Sessions::class, 'show']);
        Route::put('/people/{person}/sessions/{session}', [Sessions::class, 'update']);
        Route::get('/people/{person}/sessions/{session}/sheet', [Sessions::class, 'sheet']);
        Route::get('/people/{person}/sessions/{session}/cues', [Sessions::class, 'cues']);

        Route::get('/people/{person}/weeks/{date}', [Weeks::class, 'show']);
        Route::put('/people/{person}/weeks/{date}', [Weeks::class, 'update']);
        Route::post('/people/{person}/soreness', [Weeks::class, 'soreness']);
        Route::get('/people/{person}/calendar', [Calendars::class, 'show']);
        Route::put('/people/{person}/calendar', [Calendars::class, 'update']);
        Route::get('/people/{person}/calendar/file', [Calendars::class, 'file']);
        Route::post('/people/{person}/calendar/address', [Calendars::class, 'subscribe']);
        Route::delete('/people/{person}/calendar/address', [Calendars::class, 'revoke']);
        Route::get('/people/{person}/program', [Programs::class, 'show']);
        Route::post('/people/{person}/program/proposal', [Programs::class, 'propose']);
        Route::post('/people/{person}/program/weeks/{date}', [Programs::class, 'write']);
        Route::post('/people/{person}/programs', [Programs::class, 'store']);
        Route::get('/people/{person}/programs/{program}', [Programs::class, 'version']);
        Route::post('/people/{person}/programs/{program}/again', [Programs::class, 'again']);

        Route::post('/people/{person}/logs', [Coaching::class, 'store']);
        Route::post('/people/{person}/mornings', [Coaching::class, 'morning']);

        Route::get('/people/{person}/review', [Review::class, 'show']);
        Route::post('/people/{person}/decisions', [Review::class, 'store']);
        Route::post('/people/{person}/decisions/{decision}/take-back', [Review::class, 'takeBack']);
    });
});

// Calendars that know the private address of a plan; whoever has it needs no account.
Route::get('/calendar/{token}.ics', [Calendars::class, 'subscribed'])->where('token', '[A-Za-z0-9]{40}')->middleware('throttle:calendar');

// Every other address is the application's page; its own router shows what belongs there.
Route::view('/{any?}', 'app')->where('any', '^(?!api/|build/).*$')->name('login');
