<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\GrowSheets;
use App\Messages\Outbox;
use App\Messages\SendMessage;
use App\Models\HomeContact;
use App\Models\HomeLink;
use App\Models\Person;
use App\Models\Practice;
use App\Models\Scopes\PracticeScope;
use App\Models\SheetStage;
use App\Models\User;
use App\Records\OpenPerson;
use App\Records\PersonFile;
use App\Records\SessionsAtHand;
use App\Time\PracticeClock;
use EvenRungs\Home\DecentHours;
use EvenRungs\Home\MessageKind;
use EvenRungs\Person\Reminders;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Log;

/** Every few minutes: stages that have come due come to their sheets; once a day, at a decent hour, whoever is to be reminded is. */
final class HomeRound extends Command
{
    protected $signature = 'home:round {--again : remind also where today’s round was made already}';

    protected $description = 'Brings stages to sheets and puts reminders on their way';

    public function handle(GrowSheets $sheets, OpenPerson $open, Outbox $outbox): int
    {
        foreach (Practice::query()->orderBy('id')->get() as $practice) {
            PracticeScope::actingFor($practice->id, function () use ($practice, $sheets, $open, $outbox): void {
                $this->grow($sheets);
                $now = now()->setTimezone($practice->time_zone);
                $isTime = ($now->hour >= DecentHours::FROM && $now->hour < DecentHours::TO) || config()->boolean('messages.at_once');
                if ($isTime && ($practice->home_round_on !== $now->format('Y-m-d') || $this->option('again') === true)) {
                    $this->remind($open, $outbox);
                    $practice->update(['home_round_on' => $now->format('Y-m-d')]);
                }
            });
        }

        return self::SUCCESS;
    }

    private function grow(GrowSheets $sheets): void
    {
        $this->eachOf(SheetStage::query()->whereNull('came_on')->whereNull('held')->distinct()->pluck('person_id')->all(), static fn(Person $person, User $by): int => $sheets->of($person, $by, PracticeClock::of($by)->today()));
    }

    private function remind(OpenPerson $open, Outbox $outbox): void
    {
        $linked = HomeLink::query()->whereNull('revoked_at')->where('expires_at', '>', now())->distinct()->pluck('person_id')->all();
        $this->eachOf($linked, static function (Person $person, User $by) use ($open, $outbox): void {
            $file = $open->of($person, $by);
            $home = $file->record->history->home;
            if ($home->isQuiet($file->record->today)) {
                $outbox->toTrainer($by, $person, MessageKind::Quiet, (string) $home->quietFrom()?->iso());
            }
            $contact = HomeContact::query()->where('person_id', $person->id)->first();
            if ($contact !== null && $contact->ways() !== []) {
                self::of($file, $contact, $outbox);
            }
        });
    }

    private static function of(PersonFile $file, HomeContact $contact, Outbox $outbox): void
    {
        $isPlanned = (SessionsAtHand::on($file)[0] ?? null) === $file->record->today->iso();
        $session = $isPlanned ? SessionsAtHand::at($file->person->id, $file->record->today)?->inCore() : null;
        // Nobody is called to a session of which nothing is left.
        $isPlanned = $session !== null && $file->alone($session) !== null;
        foreach (Reminders::of($file->record, $isPlanned, $contact->reminders, $contact->mornings) as $reminder) {
            $outbox->put($file->person, $reminder->kind, $reminder->about);
        }
    }

    /**
     * One person whose records cannot be read keeps nobody else waiting.
     *
     * @param array<array-key, mixed>      $people
     * @param \Closure(Person, User): mixed $do
     */
    private function eachOf(array $people, \Closure $do): void
    {
        foreach (array_filter($people, is_string(...)) as $id) {
            $person = Person::query()->whereNull('archived_at')->find($id);
            $by = $person === null ? null : SendMessage::trainerOf($person);
            if ($person === null || $by === null) {
                continue;
            }
            try {
                $do($person, $by);
            } catch (\Throwable $error) {
                Log::error('A round of messages: '.$error::class." at {$error->getFile()}:{$error->getLine()}");
            }
        }
    }
}
