<?php

declare(strict_types=1);

namespace App\Messages;

use App\Models\HomeContact;
use App\Models\HomeLink;
use App\Models\HomeMessage;
use App\Models\HomeNote;
use App\Models\Person;
use App\Models\Scopes\PracticeScope;
use App\Models\SheetStage;
use App\Models\User;
use App\Records\OpenPerson;
use App\Records\PersonLines;
use EvenRungs\Home\HomeNews;
use EvenRungs\Home\MessageKind;
use Illuminate\Contracts\Queue\ShouldBeEncrypted;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Notification;
use Illuminate\Support\Facades\URL;

/** Writes a message when it is due and sends it: with a link of its own, so that no link waits anywhere. Given up, it is told on the bench. */
final class SendMessage implements ShouldBeEncrypted, ShouldQueue
{
    use Queueable;

    public int $tries = 5;

    /** @var list<int> */
    public array $backoff = [10, 60, 300, 900];

    public function __construct(private readonly string $message) {}

    public function handle(OpenPerson $open): void
    {
        $message = $this->message();
        if ($message === null || $message->sent_at !== null) {
            return;
        }
        PracticeScope::actingFor($message->practice_id, function () use ($message, $open): void {
            $person = Person::query()->whereNull('archived_at')->find($message->person_id);
            $by = $person === null ? null : self::trainerOf($person);
            if ($person === null || $by === null) {
                return;
            }
            if ($message->user_id !== null) {
                $this->toTrainer($message, $person);
            } elseif ($message->kind !== MessageKind::Training || $open->of($person, $by)->record->admission()->open) {
                $this->toPerson($message, $person, $by);
            }
        });
    }

    public function failed(): void
    {
        $message = $this->message();
        if ($message === null) {
            return;
        }
        $message->update(['failed_at' => now()]);
        PracticeScope::actingFor($message->practice_id, static function () use ($message): void {
            $person = Person::query()->find($message->person_id);
            $by = $person === null ? null : self::trainerOf($person);
            if ($person !== null && $by !== null) {
                resolve(PersonLines::class)->keep($person, $by);
            }
        });
    }

    private function message(): ?HomeMessage
    {
        return HomeMessage::query()->withoutGlobalScopes()->find($this->message);
    }

    /** Their own trainer, else the owner. */
    public static function trainerOf(Person $person): ?User
    {
        return User::query()->with('practice')->where('practice_id', $person->practice_id)->whereNull('ended_at')->whereNull('invited_at')->orderByRaw('id = ? DESC, role = ? DESC', [$person->trainer_id ?? '', 'owner'])->first();
    }

    private function toPerson(HomeMessage $message, Person $person, User $by): void
    {
        $contact = HomeContact::query()->where('person_id', $person->id)->first();
        $address = $message->way === 'mail' ? $contact?->mail : $contact?->phone;
        // What was agreed to may have ended since it was put on its way.
        if ($contact === null || $address === null || ! in_array($message->way, $contact->ways(), true)) {
            return;
        }
        $token = HomeLink::newToken();
        $link = HomeLink::query()->create(['person_id' => $person->id, 'user_id' => $by->id, 'token' => HomeLink::hash($token), 'expires_at' => now()->addWeeks(HomeLink::WEEKS)]);
        try {
            Notification::route($message->way === 'mail' ? 'mail' : TextChannel::class, $address)->notifyNow(new HomeNotice($message->way, $by->practice->name, self::lines($message, $person, $by), url("/h/{$token}"), ['No more messages:' => self::ending($person)]));
        } catch (\Throwable $notSent) {
            $link->delete();

            throw $notSent;
        }
        $message->update(['sent_at' => now(), 'failed_at' => null]);
    }

    private function toTrainer(HomeMessage $message, Person $person): void
    {
        $trainer = User::query()->where('practice_id', $message->practice_id)->whereNull('ended_at')->find($message->user_id);
        if ($trainer === null) {
            return;
        }
        // The name stands behind the sign-in, not in a letter.
        [$about, $line] = $message->kind === MessageKind::Urgent
            ? ['look at this first', 'Somebody who trains at home told something that is to be looked at before they train again.']
            : ['nothing came back', 'Somebody who trains at home has not been heard of for '.HomeNews::QUIET_DAYS.' days.'];
        Notification::route('mail', $trainer->email)->notifyNow(new HomeNotice('mail', "Even Rungs: {$about}", [$line], url("/people/{$person->id}/review")));
        $message->update(['sent_at' => now(), 'failed_at' => null]);
    }

    /** The page on which one press ends all messages. */
    public static function ending(Person $person): string
    {
        $signed = URL::signedRoute('endMessages', ['who' => $person->id], absolute: false);

        return url('/no-more').'?'.http_build_query(['who' => $person->id, 'signature' => str_replace('signature=', '', (string) parse_url($signed, PHP_URL_QUERY))]);
    }

    /** @return list<string> */
    private static function lines(HomeMessage $message, Person $person, User $by): array
    {
        $first = explode(' ', $person->name)[0];

        return ["Hello {$first},", match ($message->kind) {
            MessageKind::Link => "this is the way to your own page of {$by->practice->name}: what to do, and how. The first device it is opened on is let in.",
            MessageKind::Stage => (string) SheetStage::query()->find($message->about)?->message ?: 'there is something new on your sheet.',
            MessageKind::Training => 'your session waits for you today.',
            MessageKind::Morning => 'how is it the morning after? One press tells your trainer.',
            MessageKind::Retest => 'it is time to test again: your trainer will find a date with you.',
            MessageKind::Answer => HomeNote::query()->find($message->about) === null ? 'your trainer wrote to you.' : "{$by->name} wrote to you: it is on your page.",
            MessageKind::Quiet, MessageKind::Urgent => 'how is it going?',
        }];
    }
}
