<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Calendar\Day;
use EvenRungs\Ladder\Library;
use EvenRungs\Log\Event;
use EvenRungs\Log\ReportedSet;
use EvenRungs\Log\Told;
use EvenRungs\Progress\Pain;

/** A training a device told of that does not count yet, or not as it was told: something has to be said about it first. */
final readonly class OpenTraining
{
    public const NOT_ENDED = 'end';

    public const TWO_DEVICES = 'two';

    public const DIFFERING = 'answers';

    /** One that began longer ago is not under way any more: it was not ended (our own choice). */
    public const UNDER_WAY_HOURS = 12;

    /**
     * @param self::NOT_ENDED|self::TWO_DEVICES|self::DIFFERING $waits for what
     * @param array<string, string>                             $hurt  what was told of it that stops a ladder, by ladder
     */
    public function __construct(public string $id, public string $session, public string $title, public Day $on, public int $sets, public string $waits, public array $hurt = []) {}

    /**
     * What was told that stops a ladder; where devices tell different things of a set, also what one of them tells.
     *
     * @param array<string, string> $written rungs by exercise, for sets that tell of none
     *
     * @return array<string, string> by ladder
     */
    public static function hurtIn(Told $told, array $written): array
    {
        $hurt = [];
        $differing = array_map(static fn(Event $event): ?ReportedSet => $event->set, array_merge([], ...$told->differing));
        foreach ([...$told->sets, ...array_filter($differing)] as $set) {
            $ladder = strstr($set->rung ?? $written[$set->item] ?? '', '/', true);
            if ($ladder !== false && $set->stops()) {
                $hurt[$ladder] ??= Pain::stops($set->pain ?? 0) ? "Pain {$set->pain} of 10" : 'Pain that travels';
            }
        }

        return $hurt;
    }

    /**
     * What has to be said before a training counts as told; null where nothing has.
     *
     * @param bool $isTwo another device tells of the same session, and nobody said yet whether it is one training
     *
     * @return self::NOT_ENDED|self::TWO_DEVICES|self::DIFFERING|null
     */
    public static function waitsFor(Told $told, bool $isTwo): ?string
    {
        return match (true) {
            $told->sets === [] => null,
            $isTwo => self::TWO_DEVICES,
            $told->differing !== [] => self::DIFFERING,
            ! $told->ended => self::NOT_ENDED,
            default => null,
        };
    }

    /** Whether the trainer is asked: one that has not ended is, from the day after on. */
    public function isAsked(Day $today): bool
    {
        return $this->waits !== self::NOT_ENDED || $this->on->isBefore($today);
    }

    public function sentence(): string
    {
        return ($this->hurt === [] ? '' : 'Pain was told. ').$this->question();
    }

    /** With what hurt. */
    public function detail(Library $library): string
    {
        $hurt = array_filter($this->hurt, $library->hasLadder(...), ARRAY_FILTER_USE_KEY);
        $hurt = array_map(static fn(string $ladder, string $what): string => "{$what} was told of the {$library->ladder($ladder)->name}: until this is settled nothing of it is trained. ", array_keys($hurt), $hurt);

        return implode('', $hurt).$this->question();
    }

    public function question(): string
    {
        $sets = $this->sets === 1 ? 'one set' : "{$this->sets} sets";

        return match ($this->waits) {
            self::NOT_ENDED => "The training of {$this->on->inWords()} was not ended: {$sets} logged.",
            self::TWO_DEVICES => "“{$this->title}” was logged on two devices on {$this->on->inWords()}: one training, or two?",
            self::DIFFERING => "Two devices tell different things of a set of {$this->on->inWords()}.",
        };
    }
}
