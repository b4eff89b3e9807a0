<?php

declare(strict_types=1);

namespace App\Library;

use EvenRungs\Ladder\InvalidLadder;
use EvenRungs\Ladder\LadderReader;
use EvenRungs\Ladder\Library;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use Symfony\Component\Yaml\Yaml;

/**
 * The shipped ladders: read from their files, checked against the schema, handed to the core.
 *
 * Checking takes a while, so the decoded data is kept as a PHP file until one of the files changes.
 */
final class LibraryFiles
{
    private ?Library $library = null;

    /** @var array<string, array<string, mixed>> */
    private array $rungs = [];

    public function __construct(private readonly string $directory, private readonly string $cacheFile) {}

    public function library(): Library
    {
        if ($this->library === null) {
            $data = $this->data();
            $this->library = new Library(array_map(LadderReader::read(...), $data['ladders']), $data['version']);
            foreach ($data['ladders'] as $ladder) {
                $slug = is_string($ladder['slug'] ?? null) ? $ladder['slug'] : '';
                /** @var list<array<string, mixed>> $rungs */
                $rungs = $ladder['rungs'];
                foreach ($rungs as $rung) {
                    $this->rungs[$slug.'/'.(is_string($rung['slug'] ?? null) ? $rung['slug'] : '')] = $rung;
                }
            }
        }

        return $this->library;
    }

    /**
     * The rung as it stands in its file today, kept with whatever is planned or decided on it.
     *
     * @return array<string, mixed>
     */
    public function snapshot(string $slug): array
    {
        $this->library()->rung($slug);

        return $this->rungs[$slug];
    }

    /**
     * @param mixed $data decoded contents of a ladder file
     *
     * @return list<string> what is wrong with it, empty when nothing is
     */
    public function problems(mixed $data): array
    {
        $validator = new Validator;
        $validator->setMaxErrors(20);
        $schema = (string) file_get_contents(dirname($this->directory).'/ladder.schema.json');
        $result = $validator->validate(json_decode((string) json_encode(self::withObjects($data))), $schema);
        $error = $result->error();

        return $error === null ? [] : array_values(array_map(
            static fn(mixed $line): string => is_string($line) ? $line : (string) json_encode($line),
            (new ErrorFormatter)->formatFlat($error),
        ));
    }

    /** @return array{version: string, ladders: list<array<string, mixed>>} */
    private function data(): array
    {
        $files = glob($this->directory.'/*.yaml') ?: [];
        $fingerprint = md5(implode('|', array_map(static fn(string $file): string => $file.filemtime($file).filesize($file), [...$files, dirname($this->directory).'/ladder.schema.json'])));
        if (is_file($this->cacheFile)) {
            $kept = require $this->cacheFile;
            if (is_array($kept) && ($kept['fingerprint'] ?? null) === $fingerprint) {
                /** @var array{version: string, ladders: list<array<string, mixed>>} $kept */
                return $kept;
            }
        }
        $ladders = [];
        foreach ($files as $file) {
            $ladder = Yaml::parseFile($file);
            $problems = $this->problems($ladder);
            if ($problems !== [] || ! is_array($ladder)) {
                throw InvalidLadder::because(basename($file).': '.implode('; ', $problems));
            }
            /** @var array<string, mixed> $ladder */
            $ladders[] = $ladder;
        }
        $data = ['version' => substr(sha1(serialize($ladders)), 0, 12), 'ladders' => $ladders];
        // Written beside and renamed, so that a reader never sees half a file.
        $temporary = $this->cacheFile.'.'.bin2hex(random_bytes(4));
        file_put_contents($temporary, '<?php return '.var_export(['fingerprint' => $fingerprint, ...$data], true).';');
        rename($temporary, $this->cacheFile);
        if (function_exists('opcache_invalidate')) {
            opcache_invalidate($this->cacheFile, true);
        }

        return $data;
    }

    /** An empty map in YAML is an empty list in PHP: put back what the schema calls objects. */
    private static function withObjects(mixed $data): mixed
    {
        if (! is_array($data)) {
            return $data;
        }
        $copy = [];
        foreach ($data as $key => $value) {
            $copy[$key] = $key === 'loads' && $value === [] ? new \stdClass : self::withObjects($value);
        }

        return $copy;
    }
}
