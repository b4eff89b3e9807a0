<?php

declare(strict_types=1);

namespace App\Messages;

use Illuminate\Notifications\AnonymousNotifiable;
use Illuminate\Support\Facades\Http;

/** Sends a text message by the one documented form (config/messages.php). */
final class TextChannel
{
    /** @throws \Illuminate\Http\Client\HttpClientException where it was not taken */
    public function send(AnonymousNotifiable $to, HomeNotice $notice): void
    {
        $number = $to->routeNotificationFor(self::class);
        Http::asForm()->timeout(10)->withToken(config()->string('messages.text.key', ''))
            ->post(config()->string('messages.text.url', ''), ['to' => is_string($number) ? $number : '', 'from' => config()->string('messages.text.from'), 'text' => $notice->inText()])
            ->throw();
    }
}
