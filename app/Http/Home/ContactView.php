<?php

declare(strict_types=1);

namespace App\Http\Home;

use App\Messages\Outbox;
use App\Models\HomeContact;
use App\Models\HomeMessage;

/** How a person may be written to. */
final readonly class ContactView
{
    /**
     * @param int         $version 0 when nothing was kept yet
     * @param string|null $agreedOn date; null where nobody agreed
     * @param string|null $endedOn  date on which the person ended it
     * @param bool        $hasTexts texts can be sent at all
     * @param string|null $lastSent date and time a message went out last
     */
    public function __construct(
        public int $version,
        public ?string $mail,
        public ?string $phone,
        public bool $byMail,
        public bool $byText,
        public bool $reminders,
        public bool $mornings,
        public ?string $agreedOn,
        public ?string $endedOn,
        public bool $hasTexts,
        public ?string $lastSent,
    ) {}

    public static function of(string $person, string $zone): self
    {
        $row = HomeContact::query()->where('person_id', $person)->first();
        $last = HomeMessage::query()->where('person_id', $person)->whereNull('user_id')->whereNotNull('sent_at')->orderByDesc('sent_at')->first();

        return new self(
            version: $row->version ?? 0,
            mail: $row?->mail,
            phone: $row?->phone,
            byMail: $row->by_mail ?? false,
            byText: $row->by_text ?? false,
            reminders: $row->reminders ?? true,
            mornings: $row->mornings ?? true,
            agreedOn: $row?->agreed_on,
            endedOn: $row?->ended_at?->setTimezone($zone)->format('Y-m-d'),
            hasTexts: Outbox::sendsTexts(),
            lastSent: $last?->sent_at?->setTimezone($zone)->format('Y-m-d H:i'),
        );
    }
}
