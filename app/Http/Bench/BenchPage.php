<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Records\PersonFile;
use EvenRungs\Body\Height;
use EvenRungs\Person\Attention;

/** What needs the trainer today, most urgent first. */
final class BenchPage
{
    /**
     * @param list<PersonFile> $files
     *
     * @return list<BenchLineView>
     */
    public static function lines(array $files): array
    {
        $lines = array_map(static fn(PersonFile $file): array => [Attention::of($file->record, $file->sessionAtHand()?->title), $file], $files);
        usort($lines, static fn(array $a, array $b): int => [$a[0]->urgency, $a[1]->person->name] <=> [$b[0]->urgency, $b[1]->person->name]);

        return array_map(static fn(array $line): BenchLineView => self::line(...$line), $lines);
    }

    private static function line(Attention $attention, PersonFile $file): BenchLineView
    {
        $evenness = $file->record->evenness();

        return new BenchLineView(
            id: $file->person->id,
            name: $file->person->name,
            about: $file->person->about,
            sentence: $attention->sentence,
            action: $attention->action,
            step: $attention->step,
            status: $attention->status,
            spread: $evenness->spreadTenths === null ? null : Height::tenthsLabel($evenness->spreadTenths),
            weakest: $evenness->weakest?->shortName(),
            lastDone: $file->record->lastLog()?->on->iso(),
        );
    }
}
