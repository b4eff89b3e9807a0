<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Console\Command;

final class DemoSignIn extends Command
{
    protected $signature = 'demo:sign-in';

    protected $description = 'Prints the demo sign-in';

    public function handle(): int
    {
        if (User::query()->where('email', DemoSeeder::EMAIL)->exists()) {
            $this->line('  Sign in as   '.DemoSeeder::EMAIL);
            $this->line('  Password     '.DemoSeeder::PASSWORD);
        }
        if (User::query()->where('email', DemoSeeder::READER)->exists()) {
            $this->line('  A reader     '.DemoSeeder::READER.', with the same password');
        }

        return self::SUCCESS;
    }
}
