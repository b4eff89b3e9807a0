<?php

declare(strict_types=1);

namespace App\Http\Home;

use App\Http\Shared\ChoiceView;

/** What a person sees of their own training: no notes, no limits, nobody else. */
final readonly class HomeView
{
    /**
     * @param string                $name     of the person
     * @param string                $today    date
     * @param string                $owner    under which their device keeps what it could not send
     * @param string|null           $closed   why nothing is trained; null where it is open
     * @param HomeSessionView|null  $now      the session at hand
     * @param list<HomeSessionView> $week     what is planned this week, in order of time
     * @param list<ChoiceView>      $signs    what ends training at once
     */
    public function __construct(
        public string $name,
        public string $person,
        public string $practice,
        public string $today,
        public string $owner,
        public ?string $closed,
        public ?HomeSessionView $now,
        public array $week,
        public array $signs,
    ) {}
}
