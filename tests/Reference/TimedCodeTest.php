<?php

declare(strict_types=1);

namespace Tests\Reference;

use App\Accounts\TimedCode;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Codes of the second step against the published values, typed from memory: authenticators of others have to show the same. */
final class TimedCodeTest extends TestCase
{
    /** Of both RFCs: "12345678901234567890" in ASCII. */
    private const SECRET = '12345678901234567890';

    /** @return iterable<int, array{int, string}> RFC 4226, Appendix D: the codes of the first ten counters */
    public static function counters(): iterable
    {
        yield from array_map(static fn(int $counter, string $code): array => [$counter, $code], range(0, 9), ['755224', '287082', '359152', '969429', '338314', '254676', '287922', '162583', '399871', '520489']);
    }

    #[DataProvider('counters')]
    public function test_the_codes_of_counters_are_those_of_rfc_4226(int $counter, string $code): void
    {
        self::assertSame($code, TimedCode::of(self::SECRET, $counter));
    }

    /** @return iterable<string, array{int, string}> RFC 6238, Appendix B, SHA1: printed there with eight digits, of which these are the last six */
    public static function times(): iterable
    {
        yield '1970-01-01 00:00:59' => [59, '287082'];
        yield '2005-03-18 01:58:29' => [1111111109, '081804'];
        yield '2005-03-18 01:58:31' => [1111111111, '050471'];
        yield '2009-02-13 23:31:30' => [1234567890, '005924'];
        yield '2033-05-18 03:33:20' => [2000000000, '279037'];
        yield '2603-10-11 11:33:20' => [20000000000, '353130'];
    }

    #[DataProvider('times')]
    public function test_the_codes_of_times_are_those_of_rfc_6238(int $at, string $code): void
    {
        self::assertSame($code, TimedCode::of(self::SECRET, TimedCode::step($at)));
    }

    /** @return iterable<string, array{string, string}> RFC 4648, section 10, without the padding that authenticators do not want */
    public static function texts(): iterable
    {
        yield 'f' => ['f', 'MY'];
        yield 'fo' => ['fo', 'MZXQ'];
        yield 'foo' => ['foo', 'MZXW6'];
        yield 'foob' => ['foob', 'MZXW6YQ'];
        yield 'fooba' => ['fooba', 'MZXW6YTB'];
        yield 'foobar' => ['foobar', 'MZXW6YTBOI'];
    }

    #[DataProvider('texts')]
    public function test_a_secret_is_typed_as_rfc_4648_spells_it(string $bytes, string $typed): void
    {
        self::assertSame($typed, TimedCode::typed($bytes));
    }

    public function test_a_code_is_taken_half_a_minute_around_and_once(): void
    {
        $code = TimedCode::of(self::SECRET, 100);
        $taken = static fn(int $step, ?int $used = null): ?int => TimedCode::stepOf(self::SECRET, $code, $step * 30 + 15, $used);

        self::assertSame([null, 100, 100, 100, null], array_map($taken, [98, 99, 100, 101, 102]));
        self::assertNull($taken(100, 100), 'it was taken');
        self::assertNull($taken(100, 101), 'one after it was');
        self::assertSame(100, $taken(100, 99));
        self::assertNull(TimedCode::stepOf(self::SECRET, '', 100 * 30, null));
    }
}
