<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

use EvenRungs\Body\Demand;

/** All ladders, in the order of the board. A ladder is read when it is first asked for: most requests need a few of them. */
final class Library
{
    /** @var array<string, Ladder> */
    private array $read = [];

    /** @var array<string, Rung> read one by one */
    private array $rungs = [];

    /**
     * @param array<string, \Closure(): Ladder> $shelf   by slug, in the order of the board
     * @param \Closure(string): Rung            $one     reads a single rung by its slug; throws UnknownRung
     * @param string                            $version kept with whatever was planned from it
     * @param \Closure(Demand): list<Sketch>    $sketches of every rung whose main demand it is, unread
     * @param Names                             $names   what the trade calls its rungs
     */
    private function __construct(private readonly array $shelf, private readonly \Closure $one, public readonly string $version, private readonly \Closure $sketches, public readonly Names $names) {}

    /**
     * @param list<Ladder> $ladders
     *
     * @throws InvalidLadder when two ladders share a slug, or one does not stand up to Lint
     */
    public static function of(array $ladders, string $version, ?Names $names = null): self
    {
        $shelf = [];
        foreach ($ladders as $ladder) {
            if (isset($shelf[$ladder->slug])) {
                throw InvalidLadder::because("There are two ladders {$ladder->slug}.");
            }
            $shelf[$ladder->slug] = static fn(): Ladder => $ladder;
        }
        $library = new self($shelf, static function (string $slug) use ($shelf): Rung {
            $ladder = (string) strstr($slug, '/', true);

            return (isset($shelf[$ladder]) ? $shelf[$ladder]()->find($slug) : null) ?? throw UnknownRung::named($slug);
        }, $version, static fn(Demand $demand): array => array_merge(...array_map(static fn(Ladder $ladder): array => $ladder->demand === $demand ? array_map(Sketch::of(...), $ladder->rungs) : [], $ladders)), $names ?? Names::none());
        foreach ($library->names->all() as $name => $slugs) {
            foreach ($slugs as $slug) {
                if (! $library->has($slug)) {
                    throw InvalidLadder::because("names: “{$name}” means “{$slug}”, which is not there.");
                }
            }
        }
        foreach ($ladders as $ladder) {
            $problems = Lint::of($ladder, $library);
            if ($problems !== []) {
                throw InvalidLadder::because("{$ladder->slug}: ".implode(' ', $problems));
            }
        }

        return $library;
    }

    /**
     * @param array<string, \Closure(): Ladder> $shelf ladders known to be sound, by slug
     * @param \Closure(string): Rung            $one   reads a single rung by its slug; throws UnknownRung
     * @param \Closure(Demand): list<Sketch>    $sketches of every rung whose main demand it is
     */
    public static function shelved(array $shelf, \Closure $one, string $version, \Closure $sketches, Names $names): self
    {
        return new self($shelf, $one, $version, $sketches, $names);
    }

    /**
     * The library for a person of whom the trainer wrote other leaving marks.
     *
     * @param array<string, int> $marks target of a set, by rung
     */
    public function withMarks(array $marks): self
    {
        return $marks === [] ? $this : new self(
            array_map(fn(string $slug): \Closure => fn(): Ladder => $this->ladder($slug), array_combine($this->slugs(), $this->slugs())),
            fn(string $slug): Rung => isset($marks[$slug]) ? $this->rung($slug)->withMark($marks[$slug]) : $this->rung($slug),
            $this->version,
            $this->sketches,
            $this->names,
        );
    }

    /** @return list<Sketch> of every rung whose main demand this is, without reading them */
    public function sketches(Demand $demand): array
    {
        return ($this->sketches)($demand);
    }

    /** @return list<string> slugs of the ladders, in the order of the board */
    public function slugs(): array
    {
        return array_keys($this->shelf);
    }

    public function hasLadder(string $slug): bool
    {
        return isset($this->shelf[$slug]);
    }

    /** @return list<Ladder> */
    public function ladders(): array
    {
        return array_map($this->ladder(...), array_keys($this->shelf));
    }

    /** @throws UnknownRung */
    public function rung(string $slug): Rung
    {
        return $this->rungs[$slug] ??= ($this->one)($slug);
    }

    public function has(string $rung): bool
    {
        try {
            $this->rung($rung);
        } catch (UnknownRung) {
            return false;
        }

        return true;
    }

    /** @throws UnknownRung */
    public function ladder(string $slug): Ladder
    {
        return $this->read[$slug] ??= isset($this->shelf[$slug]) ? ($this->shelf[$slug])() : throw UnknownRung::ladder($slug);
    }

    /** @return list<Rung> every rung whose main demand this is */
    public function meeting(Demand $demand): array
    {
        $rungs = [];
        foreach ($this->ladders() as $ladder) {
            foreach ($ladder->demand === $demand ? $ladder->rungs : [] as $rung) {
                $rungs[] = $rung;
            }
        }

        return $rungs;
    }
}
