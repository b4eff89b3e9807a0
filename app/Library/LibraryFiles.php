<?php

declare(strict_types=1);

namespace App\Library;

use EvenRungs\Figure\Drawer;
use EvenRungs\Figure\FreshDrawer;
use EvenRungs\Figure\Stances;
use EvenRungs\Ladder\InvalidLadder;
use EvenRungs\Ladder\Ladder;
use EvenRungs\Ladder\LadderReader;
use EvenRungs\Ladder\Library;
use EvenRungs\Ladder\Names;
use EvenRungs\Ladder\Rung;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;
use Symfony\Component\Yaml\Yaml;

/**
 * The shipped ladders: read from their files, checked against the schema, handed to the core.
 *
 * Checking takes a while, so the decoded data is kept as a PHP file until one of the files changes.
 */
final class LibraryFiles
{
    private ?Shelf $shelf = null;

    public function __construct(private readonly string $directory, private readonly string $cacheFile, private readonly Drawer $drawer = new FreshDrawer) {}

    public function shelf(): Shelf
    {
        if ($this->shelf === null) {
            $kept = $this->kept();
            $this->shelf = new Shelf($kept['ladders'], Stances::of($kept['poses'], $this->drawer), $kept['version'], Names::waiting($kept['names']));
        }

        return $this->shelf;
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

        return $error === null ? [] : array_values(array_unique(self::leaves($error, $data)));
    }

    /**
     * The errors that say something: where, and what. An entry without `stands_on` is a rung, so that it is no
     * signpost either need not be said.
     *
     * @return list<string>
     */
    private static function leaves(ValidationError $error, mixed $data): array
    {
        if ($error->subErrors() !== []) {
            return array_merge(...array_map(static fn(ValidationError $sub): array => self::leaves($sub, $data), $error->subErrors()));
        }
        $sentence = (new ErrorFormatter)->formatErrorMessage($error);

        return str_contains($sentence, 'stands_on') ? [] : [self::where($error->data()->fullPath(), $data).': '.$sentence];
    }

    /**
     * The place in words: a rung by its name, where it has one.
     *
     * @param array<int|string> $path
     */
    private static function where(array $path, mixed $data): string
    {
        $name = ($path[0] ?? '') === 'rungs' && isset($path[1]) ? data_get($data, ['rungs', $path[1], 'name']) : null;
        $steps = is_string($name) && $name !== '' ? ["“{$name}”", ...array_slice($path, 2)] : $path;

        return $steps === [] ? 'the file' : implode(' › ', array_map(strval(...), $steps));
    }

    /** What ladders and rules are known by: another one after every change of either. */
    public function made(): string
    {
        $kept = $this->kept();

        return "{$kept['version']} {$kept['rules']}";
    }

    /** Reads everything anew where the rules are others than those it was kept with, which only this looks at. */
    public function compile(): void
    {
        if ($this->kept()['rules'] !== self::rules()) {
            unlink($this->cacheFile);
            $this->shelf = null;
        }
        $this->shelf();
    }

    /** What the rules are known by: the contents of core. */
    private static function rules(): string
    {
        $hash = hash_init('xxh64');
        $files = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(dirname(__DIR__, 2).'/core', \FilesystemIterator::SKIP_DOTS)) as $file) {
            $files[] = (string) $file;
        }
        sort($files);
        foreach ($files as $file) {
            hash_update_file($hash, $file);
        }

        return hash_final($hash);
    }

    /** @return array{version: string, rules: string, ladders: array<string, array<string, mixed>>, poses: array<array-key, mixed>, names: array<array-key, mixed>} */
    private function kept(): array
    {
        $files = glob($this->directory.'/*.yaml') ?: [];
        $fingerprint = md5(implode('|', array_map(static fn(string $file): string => $file.filemtime($file).filesize($file), array_filter([...$files, $this->schemaFile(), $this->posesFile(), $this->namesFile()], is_file(...)))));
        if (is_file($this->cacheFile)) {
            $kept = require $this->cacheFile;
            if (is_array($kept) && ($kept['fingerprint'] ?? null) === $fingerprint && isset($kept['rules'])) {
                /** @var array{version: string, rules: string, ladders: array<string, array<string, mixed>>, poses: array<array-key, mixed>, names: array<array-key, mixed>} $kept */
                return $kept;
            }
        }

        return $this->readAndKeep($files, $fingerprint);
    }

    /**
     * @param list<string> $files
     *
     * @return array{version: string, rules: string, ladders: array<string, array<string, mixed>>, poses: array<array-key, mixed>, names: array<array-key, mixed>}
     */
    private function readAndKeep(array $files, string $fingerprint): array
    {
        $ladders = $contents = [];
        $namedPoses = (array) Yaml::parseFile($this->posesFile());
        $poses = Stances::of($namedPoses, $this->drawer);
        // A folder of ladders need not have other names for its rungs.
        $names = is_file($this->namesFile()) ? (array) Yaml::parseFile($this->namesFile()) : [];
        foreach ($files as $file) {
            $data = Yaml::parseFile($file);
            $problems = $this->problems($data);
            if ($problems !== [] || ! is_array($data)) {
                throw InvalidLadder::because(basename($file).': '.implode('; ', $problems));
            }
            try {
                $ladder = LadderReader::readWhole($data, $poses);
            } catch (InvalidLadder $wrong) {
                throw InvalidLadder::because(basename($file).': '.$wrong->getMessage());
            }
            $ladders[] = $ladder;
            /** @var array<string, mixed> $data */
            $contents[$ladder->slug] = $data;
        }
        $data = ['version' => substr(sha1(serialize([$contents, $namedPoses, $names])), 0, 12), 'rules' => self::rules(), 'ladders' => $contents, 'poses' => $namedPoses, 'names' => $names];
        Library::of($ladders, $data['version'], Names::of($names));
        // Written beside and renamed, so that a reader never sees half a file.
        $temporary = $this->cacheFile.'.'.bin2hex(random_bytes(4));
        file_put_contents($temporary, '<?php return '.var_export(['fingerprint' => $fingerprint, ...$data], true).';');
        rename($temporary, $this->cacheFile);
        if (function_exists('opcache_invalidate')) {
            opcache_invalidate($this->cacheFile, true);
        }

        return $data;
    }

    private function schemaFile(): string
    {
        return dirname($this->directory).'/ladder.schema.json';
    }

    private function posesFile(): string
    {
        return dirname($this->directory).'/poses.yaml';
    }

    private function namesFile(): string
    {
        return dirname($this->directory).'/names.yaml';
    }

    /** An empty map in YAML is an empty list in PHP: puts back what the schema calls objects. */
    public static function withObjects(mixed $data): mixed
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
