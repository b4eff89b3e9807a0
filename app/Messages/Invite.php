<?php

declare(strict_types=1);

namespace App\Messages;

use App\Models\User;
use Illuminate\Auth\Passwords\PasswordBroker;
use Illuminate\Contracts\Queue\ShouldBeEncrypted;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Password;

/** Sends an invited trainer the link with which they choose name and password. */
final class Invite implements ShouldBeEncrypted, ShouldQueue
{
    use Queueable;

    public int $tries = 5;

    /** @var list<int> */
    public array $backoff = [10, 60, 300, 900];

    public function __construct(private readonly string $user, private readonly string $by) {}

    public function handle(): void
    {
        $user = User::query()->with('practice')->find($this->user);
        if ($user === null || $user->invited_at === null || $user->ended_at !== null) {
            return;
        }
        /** @var PasswordBroker $broker */
        $broker = Password::broker('invitations');
        $link = url('/join').'?'.http_build_query(['email' => $user->email, 'token' => $broker->createToken($user)]);
        Mail::to($user->email)->send(new Letter("Even Rungs: {$user->practice->name}", [
            "{$this->by} asks you to join {$user->practice->name} on Even Rungs.",
            'With this link you choose your name and your password. It holds for a week, and once.',
        ], $link));
        $user->update(['unreached_at' => null]);
    }

    /** Given up, it is told to the owner where the trainers are. */
    public function failed(): void
    {
        User::query()->whereKey($this->user)->whereNotNull('invited_at')->update(['unreached_at' => now()]);
    }
}
