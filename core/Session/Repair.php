<?php

declare(strict_types=1);

namespace EvenRungs\Session;

/** What one key does about a warning. */
final readonly class Repair
{
    /** @param list<Edit> $edits */
    private function __construct(public string $label, public array $edits) {}

    public static function by(string $label, Edit ...$edits): self
    {
        return new self($label, array_values($edits));
    }

    /** @throws InvalidSession */
    public function appliedTo(Session $session): ?Session
    {
        foreach ($this->edits as $edit) {
            $session = $session === null ? null : $edit->appliedTo($session);
        }

        return $session;
    }
}
