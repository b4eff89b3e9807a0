<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Models\Person;
use App\Models\User;
use App\Records\OpenPerson;
use App\Records\PersonFile;
use EvenRungs\Body\Height;
use EvenRungs\Person\Attention;
use EvenRungs\Person\Step;

/** What needs the trainer today, most urgent first. */
final class BenchPage
{
    /** @return list<BenchLineView> */
    public static function lines(OpenPerson $open, User $user): array
    {
        $lines = $open->each($user, false, self::line(...), self::unreadable(...));
        usort($lines, static fn(array $a, array $b): int => [$a[0], $a[1]->name] <=> [$b[0], $b[1]->name]);

        return array_column($lines, 1);
    }

    /** @return array{int, BenchLineView} urgency, and the line */
    private static function line(PersonFile $file): array
    {
        $attention = Attention::of($file->record, $file->sessionAtHand()?->title);
        $evenness = $file->record->evenness();

        return [$attention->urgency, new BenchLineView(
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
        )];
    }

    /** @return array{int, BenchLineView} what was kept of this person cannot be read: seen first, with a number to quote */
    private static function unreadable(Person $person, string $number): array
    {
        return [0, new BenchLineView(
            id: $person->id,
            name: $person->name,
            about: $person->about,
            sentence: "What was kept of this person cannot be read just now. Nothing is lost; quote {$number}.",
            action: 'Open the person',
            step: Step::Person,
            status: 'watch',
            spread: null,
            weakest: null,
            lastDone: null,
        )];
    }
}
