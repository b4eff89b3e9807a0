<?php

declare(strict_types=1);

namespace App\Library;

use App\Models\Practice;
use App\Models\PracticeLadder;
use App\Models\Scopes\PracticeScope;
use App\Models\User;
use EvenRungs\Figure\FlatPose;
use EvenRungs\Figure\Stances;
use EvenRungs\Ladder\InvalidLadder;
use EvenRungs\Ladder\Ladder;
use EvenRungs\Ladder\LadderReader;
use EvenRungs\Ladder\Library;
use EvenRungs\Ladder\Lint;
use EvenRungs\Ladder\UnknownRung;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

/**
 * The ladders of a practice: the shipped ones, its own versions of some of them in their place, and its own.
 * A shipped ladder is never changed: it comes back when the practice lets go of its own version.
 */
final class PracticeLibrary
{
    /** More than any ladder needs; guards against files that unfold when they are read. */
    private const MOST_VALUES = 20_000;

    private ?Shelf $shelf = null;

    public function __construct(private readonly LibraryFiles $files, private readonly Figures $figures) {}

    public function library(): Library
    {
        return $this->shelf()->library();
    }

    /** The library of a practice that is known to have no ladders of its own: the shipped one, without asking further. */
    public function shippedOnly(): Library
    {
        $this->shelf = $this->files->shelf();

        return $this->library();
    }

    /** What the shipped ladders and the rules are known by: another one after every change of either. */
    public function made(): string
    {
        return $this->files->made();
    }

    /**
     * The rung as it stands today, for something that is kept and rests on it: from now on the rung is in use.
     *
     * @return array<string, mixed>
     */
    public function snapshot(string $rung): array
    {
        $snapshot = $this->shelf()->snapshot($rung);
        DB::table('rungs_used')->insertOrIgnore(['practice_id' => PracticeScope::practiceId(), 'rung' => $rung]);

        return $snapshot;
    }

    /** @return list<string> slugs of rungs of a ladder that something in the practice rests on */
    public function inUse(string $ladder): array
    {
        $rungs = DB::table('rungs_used')->where('practice_id', PracticeScope::practiceId())->where('rung', 'like', addcslashes($ladder, '%_\\').'/%')->orderBy('rung')->pluck('rung')->all();

        return array_values(array_filter($rungs, is_string(...)));
    }

    /** @return array<string, mixed>|null the shipped ladder of this name, if there is one */
    public function shipped(string $ladder): ?array
    {
        return $this->files->shelf()->documents[$ladder] ?? null;
    }

    /**
     * @return array<string, mixed>
     *
     * @throws UnknownRung
     */
    public function document(string $ladder): array
    {
        return $this->shelf()->documents[$ladder] ?? throw UnknownRung::ladder($ladder);
    }

    /**
     * What is wrong with a ladder before it is kept: schema, meaning, links, lint; the ladder itself when it can be read.
     *
     * @param mixed $document decoded
     *
     * @return array{list<string>, Ladder|null}
     */
    public function check(mixed $document): array
    {
        if (! is_array($document)) {
            return [['This is not a ladder: it has no fields.'], null];
        }
        if (self::values($document, self::MOST_VALUES) > self::MOST_VALUES) {
            return [['This is too large for a ladder.'], null];
        }
        $document = self::inSpace($document);
        $problems = $this->files->problems($document);
        if ($problems !== []) {
            return [$problems, null];
        }
        try {
            $ladder = LadderReader::readWhole($document, $this->poses());
        } catch (InvalidLadder $wrong) {
            return [[$wrong->getMessage()], null];
        }
        /** @var array<string, mixed> $document */
        $others = new Shelf([...$this->shelf()->documents, $ladder->slug => $document], $this->poses(), 'draft', $this->shelf()->names);

        return [[...Lint::of($ladder, $others->library()), ...$this->standing($ladder)], $ladder];
    }

    /**
     * A ladder with all its figures as bodies in space, those from before translated.
     *
     * @param array<array-key, mixed> $document
     *
     * @return array<array-key, mixed>
     */
    public static function inSpace(array $document): array
    {
        $rungs = is_array($document['rungs'] ?? null) ? $document['rungs'] : [];
        foreach ($rungs as $at => $rung) {
            if (is_array($rung) && is_array($rung['figure'] ?? null) && FlatPose::isOne($rung['figure'])) {
                try {
                    $rungs[$at] = [...$rung, 'figure' => FlatPose::translated($rung['figure'])];
                } catch (\InvalidArgumentException) {
                    // What cannot be read is said at its place by the check that follows.
                    continue;
                }
            }
        }

        return $rungs === [] ? $document : [...$document, 'rungs' => $rungs];
    }

    /** @return list<string> figures of the ladder that cannot be */
    private function standing(Ladder $ladder): array
    {
        $problems = [];
        foreach ($ladder->rungs as $rung) {
            foreach (array_slice($this->figures->amiss($rung->plan()), 0, 3) as $sentence) {
                $problems[] = "“{$rung->name}” › figure: {$sentence}";
            }
        }

        return $problems;
    }

    /** Reads it anew after something was kept. */
    public function forget(): void
    {
        $this->shelf = null;
    }

    private function poses(): Stances
    {
        return $this->files->shelf()->poses;
    }

    private function shelf(): Shelf
    {
        if ($this->shelf !== null) {
            return $this->shelf;
        }
        $shipped = $this->files->shelf();
        $id = PracticeScope::practiceId();
        $practice = $id === null ? null : $this->practice($id);
        if (! $practice instanceof Practice || $practice->library_version === 0) {
            return $this->shelf = $shipped;
        }
        $documents = $shipped->documents;
        foreach (PracticeLadder::query()->whereNull('removed_at')->get()->sortBy('id') as $own) {
            $documents[$own->slug] = $own->document;
        }

        return $this->shelf = new Shelf($documents, $shipped->poses, "{$shipped->version}-{$practice->library_version}", $shipped->names);
    }

    /** The signed-in user's practice is at hand already; a command acts for another. */
    private function practice(string $id): ?Practice
    {
        $user = Auth::user();

        return $user instanceof User && $user->practice_id === $id ? $user->practice : Practice::query()->find($id);
    }

    /** @param array<array-key, mixed> $data */
    private static function values(array $data, int $most): int
    {
        $count = 0;
        foreach ($data as $value) {
            $count += is_array($value) ? self::values($value, $most - $count) : 1;
            if (++$count > $most) {
                break;
            }
        }

        return $count;
    }
}
