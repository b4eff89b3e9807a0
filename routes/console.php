<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Schedule;

Schedule::command('home:round')->everyMinute()->withoutOverlapping(10);
Schedule::command('pictures:let-go')->dailyAt('03:00');
