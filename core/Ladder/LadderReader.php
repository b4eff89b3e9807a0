<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

use EvenRungs\Body\Demand;
use EvenRungs\Body\Height;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Loads;
use EvenRungs\Body\Position;
use EvenRungs\Body\Sidedness;
use EvenRungs\Dose\Band;
use EvenRungs\Dose\DoseKind;
use EvenRungs\Dose\Tempo;

/**
 * Makes a ladder from the decoded contents of a library file.
 *
 * The file has been checked against library/ladder.schema.json; what a schema cannot say (order, doubles,
 * tempo, band) is checked here. Anything else amiss is an InvalidLadder with the place in the file.
 */
final readonly class LadderReader
{
    /** @param array<array-key, mixed> $data */
    private function __construct(private array $data, private string $place) {}

    /**
     * @param array<array-key, mixed> $data
     *
     * @throws InvalidLadder
     */
    public static function read(array $data): Ladder
    {
        $file = new self($data, 'ladder');
        $slug = $file->text('slug');
        $file = new self($data, $slug);
        $demand = Demand::from($file->text('demand'));
        $rungs = [];
        foreach ($file->list('rungs') as $index => $entry) {
            if (! is_array($entry)) {
                throw InvalidLadder::because("{$slug}: rung {$index} is not a set of fields.");
            }
            $rungs[] = (new self($entry, "{$slug}, rung {$index}"))->rung($slug, $demand, $file->secondary());
        }

        return new Ladder($slug, $file->text('name'), $file->text('short'), $demand, $rungs === [] ? throw InvalidLadder::because("{$slug} has no rungs.") : $rungs);
    }

    /** @param list<Demand> $secondary of the ladder, where the rung names none */
    private function rung(string $ladder, Demand $demand, array $secondary): Rung
    {
        $phases = $this->map('phases');
        $band = $this->map('band');
        $lever = $this->map('lever');
        try {
            return new Rung(
                slug: $ladder.'/'.$this->text('slug'),
                ladder: $ladder,
                name: $this->text('name'),
                shortName: $this->text('short'),
                height: Height::ofTenths($this->whole('height')),
                position: Position::from($this->text('position')),
                dynamic: $this->text('moves') === 'dynamic',
                sidedness: Sidedness::from($this->text('sided')),
                loadsOn: LoadsOn::from($this->optional('loads_on') ?? LoadsOn::BothSides->value),
                kit: array_map(Kit::from(...), $this->texts('kit')),
                lever: Lever::from($lever?->text('kind') ?? Lever::Start->value),
                leverText: $lever?->text('text') ?? '',
                cues: $this->texts('cues'),
                faults: $this->faults(),
                fallback: $this->text('fallback'),
                loads: Loads::of($this->loads()),
                doseKind: DoseKind::from($this->text('dose')),
                band: $band === null ? null : Band::of($band->whole('low'), $band->whole('high')),
                tempo: ($tempo = $this->optional('tempo')) === null ? null : Tempo::parse($tempo),
                phases: $phases === null ? null : new Phases($phases->text('lowering'), $phases->text('lifting'), $phases->text('starts') === 'lowering'),
                demand: $demand,
                secondary: array_key_exists('secondary', $this->data) ? $this->secondary() : $secondary,
                branch: ($this->data['branch'] ?? false) === true,
            );
        } catch (\ValueError|\InvalidArgumentException $wrong) {
            throw InvalidLadder::because("{$this->place}: {$wrong->getMessage()}");
        }
    }

    /** @return list<Demand> */
    private function secondary(): array
    {
        return array_map(Demand::from(...), array_key_exists('secondary', $this->data) ? $this->texts('secondary') : []);
    }

    /** @return list<Fault> */
    private function faults(): array
    {
        $faults = [];
        foreach ($this->list('faults') as $fault) {
            $read = new self(is_array($fault) ? $fault : [], $this->place.', faults');
            $faults[] = new Fault($read->text('seen'), $read->text('fix'));
        }

        return $faults;
    }

    /** @return array<string, int> */
    private function loads(): array
    {
        $loads = [];
        foreach (is_array($this->data['loads'] ?? null) ? $this->data['loads'] : [] as $tag => $value) {
            $loads[(string) $tag] = is_int($value) ? $value : throw InvalidLadder::because("{$this->place}: the load {$tag} is not a whole number.");
        }

        return $loads;
    }

    private function text(string $key): string
    {
        return $this->optional($key) ?? throw InvalidLadder::because("{$this->place}: “{$key}” is missing.");
    }

    private function optional(string $key): ?string
    {
        $value = $this->data[$key] ?? null;

        return is_string($value) ? $value : null;
    }

    private function whole(string $key): int
    {
        $value = $this->data[$key] ?? null;

        return is_int($value) ? $value : throw InvalidLadder::because("{$this->place}: “{$key}” is not a whole number.");
    }

    private function map(string $key): ?self
    {
        $value = $this->data[$key] ?? null;

        return is_array($value) ? new self($value, "{$this->place}, {$key}") : null;
    }

    /** @return list<mixed> */
    private function list(string $key): array
    {
        $value = $this->data[$key] ?? null;

        return is_array($value) ? array_values($value) : throw InvalidLadder::because("{$this->place}: “{$key}” is missing.");
    }

    /** @return list<string> */
    private function texts(string $key): array
    {
        return array_map(
            fn(mixed $entry): string => is_string($entry) ? $entry : throw InvalidLadder::because("{$this->place}: “{$key}” holds something that is not text."),
            $this->list($key),
        );
    }
}
