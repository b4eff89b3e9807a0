<?php

declare(strict_types=1);

namespace App\Messages;

use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;

/** A message in plain words with one link. */
final class Letter extends Mailable
{
    /** @param list<string> $lines */
    public function __construct(private readonly string $about, public readonly array $lines, public readonly string $link) {}

    public function envelope(): Envelope
    {
        return new Envelope(subject: $this->about);
    }

    public function content(): Content
    {
        return new Content(text: 'letter');
    }
}
