<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Practice;
use App\Models\User;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** There is no public sign-up: practices are made here. */
final class CreatePractice extends Command
{
    protected $signature = 'practice:create {name : name of the practice} {email : e-mail of its owner} {--owner= : name of the owner} {--time-zone=Europe/Vienna}';

    protected $description = 'Creates a practice with its owner and prints a first password';

    public function handle(): int
    {
        $zone = $this->text($this->option('time-zone'));
        if (! in_array($zone, timezone_identifiers_list(), true)) {
            $this->error("“{$zone}” is not a time zone such as Europe/Vienna.");

            return self::FAILURE;
        }
        $email = mb_strtolower($this->text($this->argument('email')));
        if (filter_var($email, FILTER_VALIDATE_EMAIL) === false || User::query()->where('email', $email)->exists()) {
            $this->error("“{$email}” is not an e-mail address, or has an account already.");

            return self::FAILURE;
        }
        $password = Str::password(16, symbols: false);
        DB::transaction(function () use ($email, $password, $zone): void {
            $practice = Practice::query()->create(['name' => $this->text($this->argument('name')), 'time_zone' => $zone]);
            $owner = $this->text($this->option('owner'));
            User::query()->create(['practice_id' => $practice->id, 'name' => $owner === '' ? $email : $owner, 'email' => $email, 'password' => $password, 'role' => 'owner']);
        });
        $this->info("The practice is made. Sign in as {$email} with the password {$password}");

        return self::SUCCESS;
    }

    private function text(mixed $value): string
    {
        return is_string($value) ? trim($value) : '';
    }
}
