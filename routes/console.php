<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Schedule;

Schedule::command('home:round')->everyMinute()->withoutOverlapping(10);
Schedule::command('pictures:let-go')->dailyAt('03:00');
Schedule::command('people:erase')->dailyAt('03:10');
Schedule::command('takings:let-go')->dailyAt('03:20');
Schedule::command('auth:clear-resets users')->dailyAt('03:45');
Schedule::command('auth:clear-resets invitations')->dailyAt('03:50');
