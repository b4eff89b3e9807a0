<?php

declare(strict_types=1);

namespace App\Messages;

use Illuminate\Notifications\AnonymousNotifiable;
use Illuminate\Notifications\Notification;

/** What a person, or their trainer, is told: in a letter, or as a text. Nothing of health stands in either. */
final class HomeNotice extends Notification
{
    /**
     * @param 'mail'|'text'     $way
     * @param list<string>      $lines
     * @param array<string, string> $also further links, by what stands before them
     */
    public function __construct(private readonly string $way, private readonly string $about, private readonly array $lines, private readonly string $link, private readonly array $also = []) {}

    /** @return list<string> */
    public function via(): array
    {
        return [$this->way === 'mail' ? 'mail' : TextChannel::class];
    }

    public function toMail(AnonymousNotifiable $to): Letter
    {
        $address = $to->routeNotificationFor('mail');

        return (new Letter($this->about, $this->lines, $this->link, $this->also))->to(is_string($address) ? $address : '');
    }

    /** All in one: a text has no subject. */
    public function inText(): string
    {
        return implode("\n", [...$this->lines, $this->link, ...array_map(static fn(string $before, string $link): string => "{$before} {$link}", array_keys($this->also), $this->also)]);
    }
}
