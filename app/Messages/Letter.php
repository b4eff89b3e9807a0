<?php

declare(strict_types=1);

namespace App\Messages;

use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;

/** A message in plain words with its link. */
final class Letter extends Mailable
{
    /**
     * @param list<string>          $lines
     * @param array<string, string> $also  further links, by what stands before them
     */
    public function __construct(private readonly string $about, public readonly array $lines, public readonly string $link, public readonly array $also = []) {}

    public function envelope(): Envelope
    {
        return new Envelope(subject: $this->about);
    }

    public function content(): Content
    {
        return new Content(text: 'letter');
    }
}
