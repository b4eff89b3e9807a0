<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Accounts\SecondStep;
use App\Models\User;
use Illuminate\Console\Command;

/** For an owner who has lost both the device and the codes on paper, by whoever runs the server. */
final class OneStep extends Command
{
    protected $signature = 'practice:one-step {email}';

    protected $description = 'Switches the second step of somebody’s sign-in off';

    public function handle(): int
    {
        $email = $this->argument('email');
        $user = User::query()->where('email', mb_strtolower($email))->first();
        if ($user === null) {
            $this->error('Nobody signs in with this address.');

            return self::FAILURE;
        }
        SecondStep::end($user);
        $this->info("{$user->email} signs in with the password alone again.");

        return self::SUCCESS;
    }
}
