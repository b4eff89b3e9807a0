<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

use EvenRungs\Body\Demand;
use EvenRungs\Body\Height;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Level;
use EvenRungs\Body\Loads;
use EvenRungs\Body\Need;
use EvenRungs\Body\Position;
use EvenRungs\Body\Sidedness;
use EvenRungs\Dose\Band;
use EvenRungs\Dose\DoseKind;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\Range;
use EvenRungs\Dose\Tempo;
use EvenRungs\Figure\FaultKind;
use EvenRungs\Figure\Plan;
use EvenRungs\Figure\Stances;
use EvenRungs\Method\Choices;
use EvenRungs\Method\Question;

/**
 * Makes a ladder from the decoded contents of a library file.
 *
 * The file has been checked against library/ladder.schema.json; what a schema cannot say (order, doubles,
 * tempo, band, poses, fields that neither the rung nor the ladder's defaults fill) is checked here. Anything
 * amiss is an InvalidLadder with the place in the file.
 */
final readonly class LadderReader
{
    /** @param array<array-key, mixed> $data */
    private function __construct(private array $data, private string $place, private Stances $poses) {}

    /**
     * Reads a ladder to the last word, so that nothing amiss is found later.
     *
     * @param array<array-key, mixed> $data
     * @param Stances                 $poses that rungs may name
     *
     * @throws InvalidLadder
     */
    public static function readWhole(array $data, Stances $poses): Ladder
    {
        $ladder = self::read($data, $poses);
        foreach ($ladder->rungs as $rung) {
            try {
                $rung->coaching();
                $rung->plan();
            } catch (\ValueError|\InvalidArgumentException $wrong) {
                throw InvalidLadder::because("{$rung->slug}: {$wrong->getMessage()}");
            }
        }

        return $ladder;
    }

    /**
     * Reads a ladder that is known to be sound: words and pictures of its rungs wait until they are asked for.
     *
     * @param array<array-key, mixed> $data
     * @param Stances                 $poses that rungs may name
     *
     * @throws InvalidLadder
     */
    public static function read(array $data, Stances $poses): Ladder
    {
        $file = self::ladder($data, $poses);
        $rungs = $signposts = [];
        foreach ($file->list('rungs') as $index => $entry) {
            if (! is_array($entry)) {
                throw InvalidLadder::because("{$file->place}: rung {$index} is not a set of fields.");
            }
            if (isset($entry['stands_on'])) {
                $signposts[] = (new self($entry, "{$file->place}, rung {$index}", $poses))->text('stands_on');
            } else {
                $rungs[] = $file->entry($entry, $index);
            }
        }

        return new Ladder(
            $file->text('slug'),
            $file->text('name'),
            $file->text('short'),
            Demand::from($file->text('demand')),
            $rungs === [] ? throw InvalidLadder::because("{$file->place} has no rungs.") : $rungs,
            $signposts,
            $file->gaps(),
        );
    }

    /**
     * A single rung of a ladder that is known to be sound, or null when it has none of that name.
     *
     * @param array<array-key, mixed> $data of the ladder
     * @param string                  $name slug of the rung inside the ladder
     */
    public static function one(array $data, string $name, Stances $poses): ?Rung
    {
        $file = self::ladder($data, $poses);
        foreach ($file->list('rungs') as $index => $entry) {
            if (is_array($entry) && self::isNamed($entry, $name)) {
                return $file->entry($entry, $index);
            }
        }

        return null;
    }

    /**
     * What is known of the rungs of a ladder that is known to be sound, without reading them.
     *
     * @param array<array-key, mixed> $data of the ladder
     *
     * @return list<Sketch>
     */
    public static function sketches(array $data, Stances $poses): array
    {
        $file = self::ladder($data, $poses);
        $defaults = is_array($data['defaults'] ?? null) ? $data['defaults'] : [];
        $sketches = [];
        foreach ($file->list('rungs') as $entry) {
            if (is_array($entry) && ! isset($entry['stands_on'])) {
                // Five fields, and no reader for each: substitution asks for every rung of a demand.
                [$slug, $height, $moves, $kit] = array_map(static fn(string $key): mixed => $entry[$key] ?? $defaults[$key] ?? null, ['slug', 'height', 'moves', 'kit']);
                if (! is_string($slug) || ! is_int($height) || ! is_array($kit)) {
                    throw InvalidLadder::because("{$file->place}: a rung has no name, height or kit.");
                }
                $sketches[] = new Sketch("{$file->place}/{$slug}", $file->place, Height::ofTenths($height), $moves === 'dynamic', count($kit));
            }
        }

        return $sketches;
    }

    /**
     * Whether a rung has this name, or had it before it became one with others.
     *
     * @param array<array-key, mixed> $entry
     */
    public static function isNamed(array $entry, string $name): bool
    {
        $range = is_array($entry['range'] ?? null) ? $entry['range'] : [];

        return ($entry['slug'] ?? null) === $name || (is_array($range['formerly'] ?? null) && array_key_exists($name, $range['formerly']));
    }

    /** @param array<array-key, mixed> $data */
    private static function ladder(array $data, Stances $poses): self
    {
        return new self($data, (new self($data, 'ladder', $poses))->text('slug'), $poses);
    }

    /** @param array<array-key, mixed> $entry of the list of rungs */
    private function entry(array $entry, int $index): Rung
    {
        $defaults = is_array($this->data['defaults'] ?? null) ? $this->data['defaults'] : [];
        $name = is_string($entry['slug'] ?? null) ? $entry['slug'] : (string) $index;
        $slug = $this->text('slug');

        return (new self([...$defaults, ...$entry], "{$slug}, rung {$name}", $this->poses))->rung($slug, Demand::from($this->text('demand')), $this->secondary());
    }

    /** @param list<Demand> $secondary of the ladder, where the rung names none */
    private function rung(string $ladder, Demand $demand, array $secondary): Rung
    {
        $phases = $this->map('phases');
        $band = $this->map('band');
        $lever = $this->map('lever');
        try {
            $kind = DoseKind::from($this->text('dose'));
            if (! $kind->isHold() && $kind !== DoseKind::Carry && ($band === null || $phases === null || $this->optional('tempo') === null)) {
                throw InvalidLadder::because("{$this->place}: repetitions need a band, a tempo and the words of their phases.");
            }

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
                kit: $this->kit(),
                lever: Lever::from($lever?->text('kind') ?? Lever::Start->value),
                leverText: $lever?->text('text') ?? '',
                coaching: fn(): Coaching => $this->coaching($ladder),
                plan: $this->plan(...),
                drawer: $this->poses->drawer,
                loads: Loads::of($this->loads()),
                doseKind: $kind,
                band: $band === null ? null : Band::of($band->whole('low'), $band->whole('high')),
                tempo: ($tempo = $this->optional('tempo')) === null ? null : Tempo::parse($tempo),
                phases: $phases === null ? null : new Phases($phases->text('lowering'), $phases->text('lifting'), $phases->text('starts') === 'lowering'),
                demand: $demand,
                secondary: array_key_exists('secondary', $this->data) ? $this->secondary() : $secondary,
                branch: ($this->data['branch'] ?? false) === true,
                offeredWith: $this->choices('offered_with'),
                trunkWith: $this->choices('trunk_with'),
                after: ($after = $this->optional('after')) === null ? null : $ladder.'/'.$after,
                hidden: ($this->data['hidden'] ?? false) === true,
                preparedBy: array_key_exists('prepared_by', $this->data) ? $this->texts('prepared_by') : [],
                range: $this->range($ladder),
                sets: array_map(Topic::from(...), array_key_exists('sets', $this->data) ? $this->texts('sets') : []),
                kind: WorkKind::from($this->optional('kind') ?? WorkKind::Bracing->value),
                worksFrom: ($from = $this->optional('works_from')) === null ? null : WorksFrom::from($from),
                ownDose: ($line = $this->optional('default_dose')) === null ? null : DoseLine::parse($line, Sidedness::from($this->text('sided'))),
            );
        } catch (\ValueError|\InvalidArgumentException $wrong) {
            throw InvalidLadder::because("{$this->place}: {$wrong->getMessage()}");
        }
    }

    /** @throws \InvalidArgumentException */
    private function range(string $ladder): ?RungRange
    {
        $range = $this->map('range');
        if ($range === null) {
            return null;
        }
        $formerly = [];
        foreach (is_array($range->data['formerly'] ?? null) ? $range->data['formerly'] : [] as $name => $was) {
            $formerly["{$ladder}/{$name}"] = (is_string($was) ? Range::parse($was) : null) ?? throw InvalidLadder::because("{$this->place}: “formerly” names no range for {$name}.");
        }
        [$lowest, $widest] = [Height::ofTenths($this->whole('height')), Height::ofTenths($range->whole('top'))];

        return isset($range->data['from']) ? RungRange::ofCentimetres($range->whole('from'), $range->whole('to'), $range->whole('step'), $lowest, $widest, $formerly) : RungRange::ofParts($lowest, $widest, $formerly);
    }

    private function coaching(string $ladder): Coaching
    {
        $fallback = $this->optional('fallback_rung');

        return new Coaching(
            $this->text('purpose'),
            $this->cues(),
            $this->text('check'),
            $this->faults(),
            $this->text('breathing'),
            $this->text('felt'),
            $this->text('not_felt'),
            $this->text('fallback'),
            $fallback === null || str_contains($fallback, '/') ? $fallback : $ladder.'/'.$fallback,
            $this->ending('way_out'),
            $this->ending('relief'),
            $this->wrongPlaces(),
        );
    }

    /** Words alone, or what to do with the loads it has. */
    private function ending(string $key): Ending
    {
        $read = $this->map($key);

        return $read === null ? new Ending($this->text($key), Loads::of([])) : new Ending($read->text('do'), Loads::of($read->loads()));
    }

    /** @return list<Said> a cue may name the topic it is about; what stands for the trunk technique is about the brace */
    private function cues(): array
    {
        return array_map(
            function (mixed $cue): Said {
                $read = is_array($cue) ? new self($cue, "{$this->place}, cues", $this->poses) : null;
                $words = $read?->text('say') ?? (is_string($cue) ? $cue : throw InvalidLadder::because("{$this->place}: “cues” holds something that is not text."));
                $topic = $read === null ? null : Topic::from($read->text('topic'));

                return new Said($words, $topic ?? (str_contains($words, Rung::BRACE) ? Topic::Brace : null));
            },
            $this->list('cues'),
        );
    }

    /** @return array<string, array{means: string, cue: string}> */
    private function wrongPlaces(): array
    {
        $places = [];
        foreach ($this->map('wrong_places')->data ?? [] as $place => $says) {
            $read = new self(is_array($says) ? $says : [], "{$this->place}, wrong_places", $this->poses);
            $places[(string) $place] = ['means' => $read->text('means'), 'cue' => $read->text('cue')];
        }

        return $places;
    }

    private function plan(): Plan
    {
        $figure = $this->map('figure') ?? throw InvalidLadder::because("{$this->place}: “figure” is missing.");

        return Plan::of($figure->data, $this->poses);
    }

    /** @return list<Need> */
    private function kit(): array
    {
        return array_map(
            fn(mixed $need): Need => Need::of(...array_map(
                fn(mixed $piece): Kit => is_string($piece) ? Kit::from($piece) : throw InvalidLadder::because("{$this->place}: “kit” holds something that is not text."),
                is_array($need) ? array_values($need) : [$need],
            )),
            $this->list('kit'),
        );
    }

    private function choices(string $key): ?Choices
    {
        $choices = $this->map($key);

        return $choices === null ? null : Choices::of(Question::from($choices->text('question')), $choices->texts('choices'));
    }

    /** @return list<Gap> */
    private function gaps(): array
    {
        $gaps = [];
        foreach (array_key_exists('gaps', $this->data) ? $this->list('gaps') : [] as $gap) {
            $read = new self(is_array($gap) ? $gap : [], $this->place.', gaps', $this->poses);
            foreach ($read->texts('limits') as $limit) {
                $gaps[] = new Gap($limit, array_map(Level::from(...), $read->texts('levels')), $read->text('why'));
            }
        }

        return $gaps;
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
            $read = new self(is_array($fault) ? $fault : [], $this->place.', faults', $this->poses);
            $faults[] = new Fault($read->text('seen'), $read->text('fix'), $read->kind());
        }

        return $faults;
    }

    /** How a fault is drawn, where a still shows it. */
    private function kind(): ?FaultKind
    {
        $kind = $this->optional('kind') ?? 'unseen';

        return isset(FaultKind::UNSEEN[$kind]) ? null : FaultKind::tryFrom($kind) ?? throw InvalidLadder::because("{$this->place}: there is no kind of fault “{$kind}”.");
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

        return is_array($value) ? new self($value, "{$this->place}, {$key}", $this->poses) : null;
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
