<?php

declare(strict_types=1);

namespace EvenRungs\Session;

/** How long a session takes, in seconds: of one of which the person picks some exercises, the shortest choice and the longest. */
final readonly class SessionLength
{
    private function __construct(public ?Picking $picking, public int $shortest, public int $longest) {}

    /** @param int|null $picks so many of its exercises the person picks; null for all */
    public static function of(?Session $session, ?int $picks = null): self
    {
        $picking = $session === null ? null : Picking::of($picks, $session);
        if ($session === null || $picking === null) {
            $whole = $session?->timeline()->totals()->total() ?? 0;

            return new self(null, $whole, $whole);
        }
        [$shortest, $longest] = $picking->seconds($session);

        return new self($picking, $shortest, $longest);
    }

    /** "9:40–12:10" */
    public function text(): string
    {
        return $this->shortest === $this->longest ? Totals::clock($this->longest) : Totals::clock($this->shortest).'–'.Totals::clock($this->longest);
    }
}
