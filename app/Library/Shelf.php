<?php

declare(strict_types=1);

namespace App\Library;

use EvenRungs\Body\Demand;
use EvenRungs\Figure\Stances;
use EvenRungs\Ladder\Ladder;
use EvenRungs\Ladder\LadderReader;
use EvenRungs\Ladder\Library;
use EvenRungs\Ladder\Names;
use EvenRungs\Ladder\Rung;
use EvenRungs\Ladder\Sketch;
use EvenRungs\Ladder\UnknownRung;

/** Ladders as decoded data, known to be sound, and the library the core makes of them. */
final class Shelf
{
    private ?Library $library = null;

    /** @var array<string, list<Sketch>> by demand */
    private array $sketches = [];

    /** @param array<string, array<string, mixed>> $documents by slug, in the order of the board */
    public function __construct(public readonly array $documents, public readonly Stances $poses, public readonly string $version, public readonly Names $names) {}

    public function library(): Library
    {
        return $this->library ??= Library::shelved(
            array_map(fn(array $ladder): \Closure => fn(): Ladder => LadderReader::read($ladder, $this->poses), $this->documents),
            fn(string $slug): Rung => $this->rung($slug),
            $this->version,
            $this->sketches(...),
            $this->names,
        );
    }

    /** @return list<Sketch> */
    private function sketches(Demand $demand): array
    {
        return $this->sketches[$demand->value] ??= array_merge(...array_values(array_map(
            fn(array $ladder): array => ($ladder['demand'] ?? null) === $demand->value ? LadderReader::sketches($ladder, $this->poses) : [],
            $this->documents,
        )));
    }

    /**
     * The rung as it stands today, kept with whatever is planned or decided on it.
     *
     * @return array<string, mixed>
     */
    public function snapshot(string $slug): array
    {
        [$ladder, $name] = [...explode('/', $slug, 2), ''];
        $data = $this->documents[$ladder] ?? throw UnknownRung::named($slug);
        /** @var array<string, mixed> $rung */
        foreach (is_array($data['rungs'] ?? null) ? $data['rungs'] : [] as $rung) {
            if (LadderReader::isNamed($rung, $name)) {
                return [...(is_array($data['defaults'] ?? null) ? $data['defaults'] : []), ...$rung];
            }
        }
        throw UnknownRung::named($slug);
    }

    /** A single rung, without the rest of its ladder. */
    private function rung(string $slug): Rung
    {
        [$ladder, $name] = [...explode('/', $slug, 2), ''];
        $data = $this->documents[$ladder] ?? throw UnknownRung::named($slug);

        return LadderReader::one($data, $name, $this->poses) ?? throw UnknownRung::named($slug);
    }
}
