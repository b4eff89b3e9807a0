<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Practice;
use Database\Seeders\DemoSeeder;
use Illuminate\Console\Command;

final class Demo extends Command
{
    protected $signature = 'demo:load';

    protected $description = 'Loads the demo practices when there is no practice yet';

    public function handle(DemoSeeder $seeder): int
    {
        if (Practice::query()->doesntExist()) {
            $seeder->run();
        }

        return self::SUCCESS;
    }
}
