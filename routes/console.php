<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Schedule;

Schedule::command('home:round')->everyMinute()->withoutOverlapping(10);
