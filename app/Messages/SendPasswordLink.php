<?php

declare(strict_types=1);

namespace App\Messages;

use App\Models\User;
use Illuminate\Contracts\Queue\ShouldBeEncrypted;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Password;

/**
 * Sends the link with which a forgotten password is set anew, where the address has an account. Asked in the queue, so that
 * the page answers alike, and as quickly, for every address.
 */
final class SendPasswordLink implements ShouldBeEncrypted, ShouldQueue
{
    use Queueable;

    public int $tries = 5;

    /** @var list<int> */
    public array $backoff = [10, 60, 300, 900];

    public function __construct(private readonly string $email) {}

    public function handle(): void
    {
        if (User::query()->where('email', $this->email)->whereNull('ended_at')->whereNull('invited_at')->doesntExist()) {
            return;
        }
        Password::broker('users')->sendResetLink(['email' => $this->email], function (User $user, string $token): void {
            $link = url('/password').'?'.http_build_query(['email' => $user->email, 'token' => $token]);
            Mail::to($user->email)->send(new Letter('Even Rungs: a new password', [
                'Somebody asked for a new password for this address. With this link you choose one. It holds for an hour, and once.',
                'If it was not you, nothing has to be done.',
            ], $link));
        });
    }
}
