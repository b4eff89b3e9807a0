<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** The drill: what was kept comes back, and only to whoever has passphrase and key. */
final class BackupTest extends TestCase
{
    private const DATABASE = 'even_rungs_test_drill';

    private const PHRASE = 'the lock gate sings at noon';

    private static string $folder;

    public static function setUpBeforeClass(): void
    {
        self::$folder = sys_get_temp_dir().'/even-rungs-drill-'.bin2hex(random_bytes(4));
        mkdir(self::$folder.'/photos/practice', 0700, true);
        file_put_contents(self::$folder.'/photos/practice/picture', random_bytes(200_000));
        self::go(['bin/db', 'client', '-e', 'DROP DATABASE IF EXISTS '.self::DATABASE.'; CREATE DATABASE '.self::DATABASE]);
        self::go([PHP_BINARY, 'artisan', 'migrate', '--force', '--quiet']);
        self::go([PHP_BINARY, 'artisan', 'practice:create', 'Quarry Hall', 'lorn@quarry-hall.example']);
    }

    public static function tearDownAfterClass(): void
    {
        (new Process(['rm', '-rf', self::$folder]))->run();
        self::go(['bin/db', 'client', '-e', 'DROP DATABASE IF EXISTS '.self::DATABASE]);
    }

    public function test_what_was_kept_comes_back_and_a_wrong_passphrase_says_so(): void
    {
        $file = self::$folder.'/kept';
        self::assertStringContainsString('restored once and the same', self::go(['bin/backup', $file])->getOutput());
        self::assertSame(gmdate('Y-m-d'), trim(self::go(['bin/db', 'client', '-N', '-e', 'SELECT DATE(backed_up_at) FROM practices', self::DATABASE])->getOutput()), 'its owner reads when');
        $sealed = (string) file_get_contents($file);
        self::assertStringNotContainsString('Quarry Hall', $sealed);
        $practices = static fn(): string => trim(self::go(['bin/db', 'client', '-N', '-e', 'SELECT name FROM practices', self::DATABASE])->getOutput());

        // Everything is lost.
        self::go(['bin/db', 'client', '-e', 'DELETE FROM users; DELETE FROM practices', self::DATABASE]);
        $picture = (string) file_get_contents(self::$folder.'/photos/practice/picture');
        (new Process(['rm', '-rf', self::$folder.'/photos']))->mustRun();

        $wrong = self::process(['bin/restore', $file, '--yes'], 'another passphrase');
        self::assertSame([1, 'The passphrase does not open this backup.'], [$wrong->run(), trim($wrong->getOutput().$wrong->getErrorOutput())]);
        file_put_contents("{$file}.cut", substr($sealed, 0, -20));
        $cut = self::process(['bin/restore', "{$file}.cut", '--yes']);
        self::assertSame([1, 'This backup was damaged or cut short.'], [$cut->run(), trim($cut->getOutput().$cut->getErrorOutput())]);
        $unasked = self::process(['bin/restore', $file]);
        self::assertSame(1, $unasked->run());
        self::assertSame('', $practices(), 'nothing was touched before');

        self::go(['bin/restore', $file, '--yes']);
        self::assertSame('Quarry Hall', $practices());
        self::assertSame($picture, file_get_contents(self::$folder.'/photos/practice/picture'));
    }

    public function test_a_key_that_does_not_open_what_people_told_is_said_in_one_sentence(): void
    {
        $key = self::process([PHP_BINARY, 'artisan', 'backup:check-key'], change: ['APP_KEY' => 'base64:'.base64_encode(random_bytes(32))]);
        self::assertSame(0, $key->run(), 'nothing was told yet');
        self::go(['bin/db', 'client', '-e', "SET FOREIGN_KEY_CHECKS=0; INSERT INTO screenings (id, practice_id, person_id, answers, answered_on, time_zone, sequence) VALUES (REPEAT('a',26), REPEAT('b',26), REPEAT('c',26), 'not opened by any key', '2026-06-01', 'UTC', 1)", self::DATABASE]);

        $again = $key->restart();
        self::assertSame(1, $again->wait());
        self::assertStringContainsString('does not open what people told', $again->getOutput());
        self::go(['bin/db', 'client', '-e', 'DELETE FROM screenings', self::DATABASE]);
    }

    /** @param list<string> $command */
    private static function go(array $command): Process
    {
        return self::process($command)->mustRun();
    }

    /**
     * @param list<string>          $command
     * @param array<string, string> $change
     */
    private static function process(array $command, string $phrase = self::PHRASE, array $change = []): Process
    {
        return new Process($command, dirname(__DIR__, 2), ['DB_DATABASE' => self::DATABASE, 'PHOTOS_FOLDER' => self::$folder.'/photos', 'BACKUP_PASSPHRASE' => $phrase, ...$change], null, 120);
    }
}
