<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Ladder\Library;
use EvenRungs\Progress\StartPain;

/** What was told of a training, as somebody reads it who was not there: how much, how hard, and above all what hurt. */
final class TrainingInWords
{
    /** @return list<string> sentences */
    public static function of(LoggedSession $log, Library $library): array
    {
        $items = count(array_unique(array_map(static fn(LoggedSet $set): string => $set->item, $log->sets)));
        $sets = count($log->sets);

        return array_values(array_filter([
            ($items === 1 ? '1 exercise' : "{$items} exercises").', '.($sets === 1 ? '1 set' : "{$sets} sets").self::effort($log->efforts()).'.',
            $log->before === [] ? '' : 'Pain before the first set: '.implode(', ', array_map(static fn(StartPain $start): string => $start->inWords(), $log->before)).'.',
            self::pain($log, $library),
            self::travelling($log, $library),
            $log->endedWhy === null ? '' : "Ended before its last set: {$log->endedWhy->label()}.",
            self::morning($log, $library),
        ], static fn(string $sentence): bool => $sentence !== ''));
    }

    /** @param list<int> $efforts */
    private static function effort(array $efforts): string
    {
        return $efforts === [] ? '' : ', effort '.implode(' to ', array_unique([min($efforts), max($efforts)]));
    }

    private static function pain(LoggedSession $log, Library $library): string
    {
        $highest = $log->highestPain();
        if ($highest === null || $highest === 0) {
            $untold = array_filter($log->sets, static fn(LoggedSet $set): bool => $set->pain === null) !== [];

            return match (true) {
                $log->hidesPain() => 'How much it hurt was not told.',
                $highest === null => 'Pain was not told.',
                $untold => 'No pain in the sets of which it was told.',
                default => 'No pain.',
            };
        }
        /** @var array<string, LoggedSet> $worst by exercise */
        $worst = [];
        foreach ($log->sets as $set) {
            if (($set->pain ?? 0) > ($worst[$set->rung]->pain ?? 0)) {
                $worst[$set->rung] = $set;
            }
        }

        return 'Pain: '.implode('; ', array_map(static fn(LoggedSet $set): string => "{$set->pain} of 10 in ".self::name($set->rung, $library).self::place($set), array_values($worst))).'.';
    }

    private static function place(LoggedSet $set): string
    {
        $words = array_filter([$set->painSide?->value, $set->painPlace?->label()], static fn(?string $word): bool => $word !== null && $word !== 'both');

        return $words === [] ? '' : ' ('.implode(' ', $words).')';
    }

    private static function travelling(LoggedSession $log, Library $library): string
    {
        $names = array_unique(array_map(static fn(LoggedSet $set): string => self::name($set->rung, $library), array_filter($log->sets, static fn(LoggedSet $set): bool => $set->travellingPain)));

        return $names === [] ? '' : 'It travelled in '.implode(', ', $names).'.';
    }

    private static function morning(LoggedSession $log, Library $library): string
    {
        $worst = [];
        foreach ($log->mornings as $answer) {
            if ($answer->morning->pain > 0 || $answer->morning->worse) {
                $worst[$answer->ladder] = "{$answer->morning->pain} of 10".($answer->morning->worse ? ', worse than before,' : '').' from '.($library->hasLadder($answer->ladder) ? $library->ladder($answer->ladder)->name : $answer->ladder);
            } else {
                unset($worst[$answer->ladder]);
            }
        }

        return match (true) {
            $worst !== [] => 'The morning after: '.implode('; ', $worst).'.',
            $log->mornings !== [] => 'Nothing hurt the morning after.',
            default => '',
        };
    }

    /** What has left the library is named as it is kept. */
    private static function name(string $rung, Library $library): string
    {
        return $library->has($rung) ? "“{$library->rung($rung)->name}”" : $rung;
    }
}
