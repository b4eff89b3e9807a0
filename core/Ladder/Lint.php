<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

/** What has to hold for a ladder beyond being readable. */
final class Lint
{
    /**
     * @param Library $library the ladder among all others, for its links
     *
     * @return list<string> what is wrong, empty when nothing is
     */
    public static function of(Ladder $ladder, Library $library): array
    {
        $problems = [];
        $names = [];
        foreach ($ladder->rungs as $index => $rung) {
            if ($index > 0 && $rung->lever === Lever::Start) {
                $problems[] = "“{$rung->name}” does not say what makes it harder than the rung below.";
            }
            if ($rung->dynamic && count($rung->plan()->poses) === 1) {
                $problems[] = "“{$rung->name}” moves, but its figure has no end position.";
            }
            if (isset($names[$rung->shortName])) {
                $problems[] = "Two rungs have the short name “{$rung->shortName}”.";
            }
            $names[$rung->shortName] = true;
            $problems = [...$problems, ...self::fallback($rung, $library), ...self::topics($rung)];
        }
        foreach ($ladder->signposts as $signpost) {
            if (! $library->has($signpost)) {
                $problems[] = "The ladder points to “{$signpost}”, which is not there.";
            }
        }

        return $problems;
    }

    /** @return list<string> cues that are about the same thing, or about one there is nothing to say on here */
    private static function topics(Rung $rung): array
    {
        $problems = $told = [];
        foreach ($rung->coaching()->cues as $cue) {
            if ($cue->topic === null) {
                continue;
            }
            if (isset($told[$cue->topic->value])) {
                $problems[] = "“{$rung->name}” has two cues on {$cue->topic->inWords()}.";
            }
            if (! in_array($rung->position, $cue->topic->positions(), true)) {
                $problems[] = "“{$rung->name}” is done {$rung->position->inWords()}: it can have no cue on {$cue->topic->inWords()}.";
            }
            $told[$cue->topic->value] = true;
        }

        return $problems;
    }

    /** @return list<string> */
    private static function fallback(Rung $rung, Library $library): array
    {
        $slug = $rung->coaching()->fallbackRung;
        if ($slug === null) {
            return [];
        }
        if (! $library->has($slug)) {
            return ["“{$rung->name}” falls back to “{$slug}”, which is not there."];
        }
        $fallback = $library->rung($slug);

        return $slug === $rung->slug || $fallback->height->above($rung->height) > 0
            ? ["“{$rung->name}” falls back to “{$fallback->name}”, which is not easier."]
            : [];
    }
}
