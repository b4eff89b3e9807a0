<?php

declare(strict_types=1);

namespace App\Http\Weeks;

/** What came of taking a written week out again. */
final readonly class TakenOutView
{
    /** @param string $sentence what was done, and what stays */
    private function __construct(public string $sentence) {}

    /** @param list<string> $stays titles */
    public static function of(array $stays): self
    {
        $names = implode(' and ', array_map(static fn(string $title): string => "“{$title}”", $stays));

        return new self(match (count($stays)) {
            0 => 'Taken out of the week again; it is laid out as before.',
            1 => "Taken out of the week again. {$names} was trained or changed since and stays.",
            default => "Taken out of the week again. {$names} were trained or changed since and stay.",
        });
    }
}
