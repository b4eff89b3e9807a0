<?php

declare(strict_types=1);

namespace App\Library;

use EvenRungs\Figure\Poses;
use EvenRungs\Ladder\InvalidLadder;
use EvenRungs\Ladder\Ladder;
use EvenRungs\Ladder\LadderReader;
use EvenRungs\Ladder\Library;
use EvenRungs\Ladder\UnknownRung;
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

    /** @var array{version: string, ladders: array<string, string>, rungs: array<string, array<string, mixed>>}|null */
    private ?array $kept = null;

    public function __construct(private readonly string $directory, private readonly string $cacheFile) {}

    public function library(): Library
    {
        return $this->library ??= Library::shelved(
            array_map(static fn(string $ladder): \Closure => static fn(): Ladder => self::unpack($ladder), $this->kept()['ladders']),
            $this->kept()['version'],
        );
    }

    /**
     * The rung as it stands in its file today, kept with whatever is planned or decided on it.
     *
     * @return array<string, mixed>
     */
    public function snapshot(string $slug): array
    {
        return $this->kept()['rungs'][$slug] ?? throw UnknownRung::named($slug);
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
        $schema = (string) file_get_contents($this->schemaFile());
        $result = $validator->validate(json_decode((string) json_encode(self::withObjects($data))), $schema);
        $error = $result->error();

        return $error === null ? [] : array_values(array_map(
            static fn(mixed $line): string => is_string($line) ? $line : (string) json_encode($line),
            (new ErrorFormatter)->formatFlat($error),
        ));
    }

    /** Poses that ladders may name. */
    public function poses(): Poses
    {
        return Poses::of((array) Yaml::parseFile($this->posesFile()));
    }

    /** @return array{version: string, ladders: array<string, string>, rungs: array<string, array<string, mixed>>} */
    private function kept(): array
    {
        if ($this->kept !== null) {
            return $this->kept;
        }
        $files = glob($this->directory.'/*.yaml') ?: [];
        $fingerprint = md5(implode('|', array_map(static fn(string $file): string => $file.filemtime($file).filesize($file), [...$files, $this->schemaFile(), $this->posesFile()])));
        if (is_file($this->cacheFile)) {
            $kept = require $this->cacheFile;
            if (is_array($kept) && ($kept['fingerprint'] ?? null) === $fingerprint) {
                /** @var array{version: string, ladders: array<string, string>, rungs: array<string, array<string, mixed>>} $kept */
                return $this->kept = $kept;
            }
        }

        return $this->kept = $this->readAndKeep($files, $fingerprint);
    }

    /**
     * @param list<string> $files
     *
     * @return array{version: string, ladders: array<string, string>, rungs: array<string, array<string, mixed>>}
     */
    private function readAndKeep(array $files, string $fingerprint): array
    {
        $ladders = $packed = $rungs = $contents = [];
        $poses = $this->poses();
        foreach ($files as $file) {
            $data = Yaml::parseFile($file);
            $problems = $this->problems($data);
            if ($problems !== [] || ! is_array($data)) {
                throw InvalidLadder::because(basename($file).': '.implode('; ', $problems));
            }
            try {
                $ladder = LadderReader::read($data, $poses);
            } catch (InvalidLadder $wrong) {
                throw InvalidLadder::because(basename($file).': '.$wrong->getMessage());
            }
            $ladders[] = $ladder;
            $contents[] = $data;
            $packed[$ladder->slug] = serialize($ladder);
            $defaults = is_array($data['defaults'] ?? null) ? $data['defaults'] : [];
            /** @var array<string, mixed> $rung */
            foreach (is_array($data['rungs']) ? $data['rungs'] : [] as $rung) {
                if (is_string($rung['slug'] ?? null)) {
                    $rungs[$ladder->slug.'/'.$rung['slug']] = [...$defaults, ...$rung];
                }
            }
        }
        $data = ['version' => substr(sha1(serialize($contents)), 0, 12), 'ladders' => $packed, 'rungs' => $rungs];
        Library::of($ladders, $data['version']);
        // Written beside and renamed, so that a reader never sees half a file.
        $temporary = $this->cacheFile.'.'.bin2hex(random_bytes(4));
        file_put_contents($temporary, '<?php return '.var_export(['fingerprint' => $fingerprint, ...$data], true).';');
        rename($temporary, $this->cacheFile);
        if (function_exists('opcache_invalidate')) {
            opcache_invalidate($this->cacheFile, true);
        }

        return $data;
    }

    /** A ladder out of our own cache file. */
    private static function unpack(string $packed): Ladder
    {
        $ladder = unserialize($packed);

        return $ladder instanceof Ladder ? $ladder : throw InvalidLadder::because('The kept library is damaged: delete bootstrap/cache/library.php.');
    }

    private function schemaFile(): string
    {
        return dirname($this->directory).'/ladder.schema.json';
    }

    private function posesFile(): string
    {
        return dirname($this->directory).'/poses.yaml';
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
