<?php

declare(strict_types=1);

namespace App\Accounts;

/** Codes that an authenticator shows, each for half a minute (RFC 6238 with HMAC-SHA-1 and six digits, as such apps take them). */
final class TimedCode
{
    private const SECONDS = 30;

    private const DIGITS = 6;

    /** So many steps before and after now are taken: clocks differ, and typing takes its time. */
    private const AROUND = 1;

    private const SECRET_BYTES = 20;

    /** Of RFC 4648. */
    private const BASE32 = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';

    /** @return string of bytes */
    public static function newSecret(): string
    {
        return random_bytes(self::SECRET_BYTES);
    }

    /** The code of a step of time. */
    public static function of(string $secret, int $step): string
    {
        $hash = hash_hmac('sha1', pack('J', $step), $secret, true);
        $offset = ord($hash[-1]) & 0x0F;
        $number = (int) hexdec(bin2hex(substr($hash, $offset, 4))) & 0x7FFFFFFF;

        return str_pad((string) ($number % 10 ** self::DIGITS), self::DIGITS, '0', STR_PAD_LEFT);
    }

    /** @param int $now seconds since 1970 */
    public static function step(int $now): int
    {
        return intdiv($now, self::SECONDS);
    }

    /**
     * The step of time whose code this is.
     *
     * @param int|null $used step of the last code that was taken: that one and those before it are taken no more
     *
     * @return int|null null where it is that of none
     */
    public static function stepOf(string $secret, string $code, int $now, ?int $used): ?int
    {
        $found = null;
        for ($step = self::step($now) - self::AROUND; $step <= self::step($now) + self::AROUND; $step++) {
            $found = hash_equals(self::of($secret, $step), $code) && ($used === null || $step > $used) ? $step : $found;
        }

        return $found;
    }

    /** The secret as it is typed into an authenticator. */
    public static function typed(string $secret): string
    {
        $bits = implode('', array_map(static fn(string $byte): string => sprintf('%08b', ord($byte)), str_split($secret)));

        return implode('', array_map(static fn(string $five): string => self::BASE32[(int) bindec(str_pad($five, 5, '0'))], str_split($bits, 5)));
    }

    /** The address that an authenticator reads from a picture. */
    public static function address(string $secret, string $account, string $issuer): string
    {
        return 'otpauth://totp/'.rawurlencode("{$issuer}:{$account}").'?secret='.self::typed($secret).'&issuer='.rawurlencode($issuer);
    }
}
