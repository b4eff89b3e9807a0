<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Console\Command;

final class Demo extends Command
{
    protected $signature = 'demo:load';

    protected $description = 'Loads the demo practices where they are not there';

    public function handle(DemoSeeder $seeder): int
    {
        if (User::query()->whereIn('email', DemoSeeder::EMAILS)->doesntExist()) {
            $seeder->run();
            // What lists show is there before anybody asks.
            $this->call('records:rebuild', ['--old' => true]);
        }

        return self::SUCCESS;
    }
}
