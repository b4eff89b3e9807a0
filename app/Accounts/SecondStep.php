<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Http\Problem;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\RateLimiter;

/** What is asked for beside the password, of whoever has set it up: the code an authenticator shows, or one kept on paper. */
final class SecondStep
{
    private const ISSUER = 'Even Rungs';

    /** Codes for a lost device, and their letters: none that is taken for another. */
    private const ON_PAPER = 8;

    private const LETTERS = 'abcdefghjkmnpqrstuvwxyz23456789';

    private const LENGTH = 10;

    /** So many codes that are not right, in so many seconds: a guess in a day hits with less than two in a thousand. */
    private const TRIES = 5;

    private const PAUSE = 900;

    private const NOT_RIGHT = 'This code is not right, or was taken already. Type the one that is shown now.';

    /** Begins; it is in force once a code of it was typed. */
    public static function begin(User $user): string
    {
        if ($user->hasSecondStep()) {
            throw Problem::conflict('second-step-on', 'A second step is set up already. Switch it off first, to set it up anew.');
        }
        $secret = TimedCode::newSecret();
        $user->update(['second_secret' => base64_encode($secret)]);

        return $secret;
    }

    public static function address(User $user, string $secret): string
    {
        return TimedCode::address($secret, $user->email, self::ISSUER);
    }

    /** @return list<string> codes for a lost device, shown this once */
    public static function confirm(User $user, string $code): array
    {
        return self::locked($user, static function (User $user) use ($code): array {
            $step = $user->second_secret === null || $user->hasSecondStep() ? null : TimedCode::stepOf((string) base64_decode($user->second_secret, true), self::bare($code), (int) now()->timestamp, null);
            if ($step === null) {
                throw Problem::field('code', self::NOT_RIGHT);
            }
            $codes = array_map(self::newCode(...), range(1, self::ON_PAPER));
            $user->update(['second_since' => now(), 'second_used' => $step, 'second_codes' => array_map(self::hash(...), $codes)]);

            return $codes;
        });
    }

    public static function end(User $user): void
    {
        $user->update(['second_secret' => null, 'second_since' => null, 'second_used' => null, 'second_codes' => null]);
    }

    /**
     * Asks for the code of whoever has set up a second step; each code is taken once.
     *
     * @throws Problem where none was typed, it is not right, or too many were not
     */
    public static function ask(User $user, string $code): void
    {
        if (! $user->hasSecondStep()) {
            return;
        }
        if (trim($code) === '') {
            throw Problem::secondStep();
        }
        $tries = "second-step:{$user->id}";
        if (RateLimiter::tooManyAttempts($tries, self::TRIES)) {
            throw Problem::field('code', 'Too many codes were not right. Wait '.max(1, (int) ceil(RateLimiter::availableIn($tries) / 60)).' min, then try again.');
        }
        if (! self::locked($user, static fn(User $user): bool => self::take($user, self::bare($code)))) {
            RateLimiter::hit($tries, self::PAUSE);
            throw Problem::field('code', self::NOT_RIGHT);
        }
        RateLimiter::clear($tries);
    }

    private static function take(User $user, string $code): bool
    {
        $step = TimedCode::stepOf((string) base64_decode((string) $user->second_secret, true), $code, (int) now()->timestamp, $user->second_used);
        if ($step !== null) {
            return $user->update(['second_used' => $step]);
        }
        $left = array_values(array_filter($user->second_codes ?? [], static fn(string $hash): bool => ! hash_equals($hash, self::hash($code))));

        return count($left) < count($user->second_codes ?? []) && $user->update(['second_codes' => $left]);
    }

    /**
     * Two who type the same code at once come one after the other.
     *
     * @template T
     *
     * @param \Closure(User): T $do
     *
     * @return T
     */
    private static function locked(User $user, \Closure $do): mixed
    {
        $done = DB::transaction(static fn(): mixed => $do(User::query()->lockForUpdate()->findOrFail($user->id)), 5);
        $user->refresh();

        return $done;
    }

    /** As it is compared: typed with blanks, dashes or capitals it is the same. */
    private static function bare(string $code): string
    {
        return mb_strtolower((string) preg_replace('/[\s-]/u', '', $code));
    }

    private static function newCode(): string
    {
        return implode('', array_map(static fn(): string => self::LETTERS[random_int(0, strlen(self::LETTERS) - 1)], range(1, self::LENGTH)));
    }

    /** Fifty bits and the application's key: nothing to be guessed from what is kept. */
    private static function hash(string $code): string
    {
        return hash_hmac('sha256', $code, config()->string('app.key'));
    }
}
