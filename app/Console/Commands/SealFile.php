<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;

/**
 * Encrypts a file to a passphrase, or opens it again: the stream cipher of libsodium (XChaCha20-Poly1305), the key from
 * the passphrase by Argon2id. What was cut short or changed does not open.
 */
final class SealFile extends Command
{
    protected $signature = 'backup:seal {from : file to read} {to : file to write} {--open : open a sealed one}';

    protected $description = 'Encrypts a file to a passphrase, or opens it';

    private const MAGIC = "even-rungs backup 1\n";

    private const CHUNK = 1 << 16;

    /** Sealed first: whether it opens says whether the passphrase is right. */
    private const FIRST = 'opened';

    public function handle(): int
    {
        if (! extension_loaded('sodium')) {
            $this->error('Backups need PHP’s sodium extension.');

            return self::FAILURE;
        }
        $passphrase = getenv('BACKUP_PASSPHRASE');
        if (! is_string($passphrase) || mb_strlen($passphrase) < 10) {
            $this->error('A passphrase of at least ten signs is needed, in BACKUP_PASSPHRASE.');

            return self::FAILURE;
        }
        $from = fopen($this->text($this->argument('from')), 'rb');
        $to = fopen($this->text($this->argument('to')), 'wb');
        if ($from === false || $to === false) {
            $this->error('The file cannot be read, or the other not written.');

            return self::FAILURE;
        }
        $sentence = $this->option('open') === true ? self::open($from, $to, $passphrase) : self::seal($from, $to, $passphrase);
        fclose($from);
        fclose($to);
        if ($sentence !== null) {
            unlink($this->text($this->argument('to')));
            $this->error($sentence);
        }

        return $sentence === null ? self::SUCCESS : self::FAILURE;
    }

    /**
     * @param resource $from
     * @param resource $to
     */
    private static function seal($from, $to, string $passphrase): null
    {
        $salt = random_bytes(SODIUM_CRYPTO_PWHASH_SALTBYTES);
        [$state, $header] = sodium_crypto_secretstream_xchacha20poly1305_init_push(self::key($passphrase, $salt));
        fwrite($to, self::MAGIC.$salt.$header.sodium_crypto_secretstream_xchacha20poly1305_push($state, self::FIRST));
        do {
            $piece = (string) fread($from, self::CHUNK);
            $isLast = feof($from);
            fwrite($to, sodium_crypto_secretstream_xchacha20poly1305_push($state, $piece, '', $isLast ? SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_FINAL : SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_MESSAGE));
        } while (! $isLast);

        return null;
    }

    /**
     * @param resource $from
     * @param resource $to
     *
     * @return string|null what is wrong
     */
    private static function open($from, $to, string $passphrase): ?string
    {
        if (fread($from, strlen(self::MAGIC)) !== self::MAGIC) {
            return 'This is no backup of Even Rungs.';
        }
        $salt = (string) fread($from, SODIUM_CRYPTO_PWHASH_SALTBYTES);
        $header = (string) fread($from, SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_HEADERBYTES);
        if (strlen($salt) !== SODIUM_CRYPTO_PWHASH_SALTBYTES || strlen($header) !== SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_HEADERBYTES) {
            return 'This backup was cut short.';
        }
        $state = sodium_crypto_secretstream_xchacha20poly1305_init_pull($header, self::key($passphrase, $salt));
        $first = (string) fread($from, strlen(self::FIRST) + SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_ABYTES);
        if (! is_array(sodium_crypto_secretstream_xchacha20poly1305_pull($state, $first))) {
            return 'The passphrase does not open this backup.';
        }
        while (! feof($from)) {
            $piece = (string) fread($from, self::CHUNK + SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_ABYTES);
            if ($piece === '') {
                break;
            }
            $opened = sodium_crypto_secretstream_xchacha20poly1305_pull($state, $piece);
            if (! is_array($opened)) {
                return 'This backup was damaged or cut short.';
            }
            fwrite($to, $opened[0]);
            if ($opened[1] === SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_FINAL) {
                return null;
            }
        }

        return 'This backup was damaged or cut short.';
    }

    private static function key(string $passphrase, string $salt): string
    {
        return sodium_crypto_pwhash(SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_KEYBYTES, $passphrase, $salt, SODIUM_CRYPTO_PWHASH_OPSLIMIT_MODERATE, SODIUM_CRYPTO_PWHASH_MEMLIMIT_MODERATE);
    }

    private function text(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }
}
