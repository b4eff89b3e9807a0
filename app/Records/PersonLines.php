<?php

declare(strict_types=1);

namespace App\Records;

use App\Library\PracticeLibrary;
use App\Models\OwnMethod;
use App\Models\Person;
use App\Models\PersonLine;
use App\Models\Practice;
use App\Models\TrainingSession;
use App\Models\User;
use App\Time\PracticeClock;
use EvenRungs\Balance\Aim;
use EvenRungs\Method\MethodLevel;
use EvenRungs\Person\Attention;
use EvenRungs\Person\Step;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Str;

/**
 * Keeps what lists show of each person, so that nobody's records are read to show a list. A line is made in the
 * transaction that writes about the person; it grows old by the day it names, or by other rules, library or method.
 */
final readonly class PersonLines
{
    /** What grew old is made anew before a list is shown, so long at most; the rest comes with the next asking. */
    public const FRESHEN_MS = 700;

    /** Nothing that is kept holds longer: a line without an end. */
    private const NEVER = '9999-12-31';

    public function __construct(private OpenPerson $open, private PracticeLibrary $ladders) {}

    /** @param bool $anew also the words by which somebody is found, where they are the same */
    public function keep(Person $person, User $by, bool $anew = false): void
    {
        $row = Person::query()->findOrFail($person->id);
        $columns = $this->columns($row, $by);
        $isFound = ! $anew && PersonLine::query()->whereKey($person->id)->value('words') === $columns['words'];
        PersonLine::query()->upsert([$columns], ['person_id'], array_keys($columns));
        if (! $isFound) {
            DB::table('person_words')->where('person_id', $person->id)->delete();
            DB::table('person_words')->insert(array_map(static fn(string $word): array => ['practice_id' => $person->practice_id, 'word' => $word, 'person_id' => $person->id], Words::found($columns['words'])));
        }
    }

    /**
     * Makes lines anew that have grown old, those that came due first before all others, until the time is up. Where
     * none was, that is kept: on this day, with these rules, library and method, none grows old any more.
     *
     * @param int|null $milliseconds null for as long as it takes
     *
     * @return int how many are left
     */
    public function freshen(User $by, ?int $milliseconds): int
    {
        $practice = Practice::query()->findOrFail($by->practice_id);
        $stamps = $this->stamps($practice);
        $today = PracticeClock::of($by)->today()->iso();
        $fresh = $today.' '.md5(implode(' ', $stamps));
        if ($practice->lines_fresh === $fresh) {
            return 0;
        }
        $old = self::old($today, $stamps);
        $until = $milliseconds === null ? PHP_INT_MAX : hrtime(true) + $milliseconds * 1_000_000;
        foreach ($old as $done => $id) {
            if ($done > 0 && hrtime(true) > $until) {
                return count($old) - $done;
            }
            $person = Person::query()->find($id);
            if ($person !== null) {
                $this->keep($person, $by);
            }
        }
        if ($old === []) {
            Practice::query()->whereKey($practice->id)->update(['lines_fresh' => $fresh]);
        }

        return 0;
    }

    /**
     * @param array<string, string> $stamps
     *
     * @return list<string> people of the practice whose line has grown old or is missing
     */
    private static function old(string $today, array $stamps): array
    {
        $ids = static fn(array $found): array => array_values(array_filter($found, is_string(...)));
        $due = PersonLine::query()->where('until', '<', $today)->orderBy('until')->pluck('person_id')->all();
        $other = array_diff(PersonLine::query()->distinct()->pluck('stamp')->all(), $stamps);
        $stamped = $other === [] ? [] : PersonLine::query()->whereIn('stamp', $other)->pluck('person_id')->all();
        $missing = Person::query()->whereNotIn('id', PersonLine::query()->select('person_id'))->pluck('id')->all();

        return array_values(array_unique([...$ids($due), ...$ids($stamped), ...$ids($missing)]));
    }

    /** @return list<string> people whose kept line is not what their records say: none, unless something went wrong */
    public function wrong(User $by): array
    {
        $old = self::old(PracticeClock::of($by)->today()->iso(), $this->stamps(Practice::query()->findOrFail($by->practice_id)));
        $wrong = [];
        foreach (Person::query()->orderBy('id')->cursor() as $person) {
            $kept = PersonLine::query()->find($person->id);
            // What has grown old is made anew before anybody sees it.
            if ($kept !== null && in_array($person->id, $old, true)) {
                continue;
            }
            // What is written meanwhile is no difference: asked once more where nobody can write.
            if ($this->differs($person->id, $by) && DB::transaction(fn(): bool => Person::query()->whereKey($person->id)->lockForUpdate()->exists() && $this->differs($person->id, $by))) {
                $wrong[] = $person->id;
            }
        }

        return $wrong;
    }

    private function differs(string $id, User $by): bool
    {
        $kept = PersonLine::query()->find($id);
        $columns = $this->columns(Person::query()->findOrFail($id), $by);
        // The same words are encrypted otherwise each time.
        $is = static fn(array $row): array => array_map(strval(...), array_diff_key([...$row, 'said' => null], ['number' => true]));

        $words = DB::table('person_words')->where('person_id', $id)->orderBy('word')->pluck('word')->all();

        return $kept === null || $words !== Words::found($columns['words']) || $kept->said !== PersonLine::decrypted($columns['said']) || $is(array_intersect_key($kept->getAttributes(), $columns)) !== $is($columns);
    }

    /** @return array{person_id: string, practice_id: string, archived: int, archived_on: string|null, name: string, about: string, aim: string, words: string, urgency: int, stop: int, decide: int, due: int, uneven: int, spread: int|null, weakest: string|null, last_done: string|null, next_on: string|null, said: string, until: string, records: int, stamp: string} */
    private function columns(Person $person, User $by): array
    {
        try {
            $file = $this->open->of($person, $by);
            $attention = Attention::of($file->record, TrainingSession::query()->where('person_id', $person->id)->exists());
            $next = SessionsAtHand::on($file);
            $until = min($attention->until?->iso() ?? self::NEVER, $file->methodHoldsUntil?->iso() ?? self::NEVER, $next[1] ?? self::NEVER);
        } catch (\PDOException $error) {
            // The database's own trouble is not the person's: the whole writing fails, or is tried again.
            throw $error;
        } catch (\Throwable $error) {
            // What was kept of one and cannot be read any more takes nobody else down; it is tried anew each time.
            [$attention, $until, $next] = [self::unreadable($error), PersonLine::UNREADABLE_UNTIL, null];
        }

        return [
            'person_id' => $person->id,
            'practice_id' => $person->practice_id,
            'archived' => (int) ($person->archived_at !== null),
            'archived_on' => $person->archived_at?->format('Y-m-d'),
            'name' => $person->name,
            'about' => $person->about,
            'aim' => $person->aim,
            'words' => Words::kept($person->name, $person->about, Aim::tryFrom($person->aim)?->label() ?? ''),
            'urgency' => $attention->urgency,
            'stop' => (int) in_array('stop', $attention->flags, true),
            'decide' => (int) in_array('decide', $attention->flags, true),
            'due' => (int) in_array('due', $attention->flags, true),
            'uneven' => (int) in_array('uneven', $attention->flags, true),
            'spread' => $attention->spreadTenths,
            'weakest' => $attention->weakest?->value,
            'last_done' => $attention->lastDone?->iso(),
            'next_on' => $next[0] ?? null,
            'said' => PersonLine::encrypted(['status' => $attention->status, 'sentence' => $attention->sentence, 'action' => $attention->action, 'step' => $attention->step->value]),
            'until' => $until,
            'records' => $person->records,
            'stamp' => $this->stamp($person),
        ];
    }

    private static function unreadable(\Throwable $error): Attention
    {
        $number = strtolower((string) Str::ulid());
        // Where it happened, and nothing of what was kept.
        Log::error("[{$number}] ".$error::class." at {$error->getFile()}:{$error->getLine()}");

        return new Attention(0, 'watch', "What was kept of this person cannot be read just now. Nothing is lost; quote {$number}.", 'Open the person', Step::Person, [], null, null, null, null);
    }

    /**
     * What lines are made with beside the records of a person: rules, library, method, and the zone that says which day it is.
     *
     * @return array<string, string> by trainer; under nothing for those without one
     */
    private function stamps(Practice $practice): array
    {
        $versions = OwnMethod::query()->where('level', MethodLevel::Trainer->value)->pluck('version', 'owner_id');
        $stamps = [];
        foreach (['', ...User::query()->where('practice_id', $practice->id)->pluck('id')->all()] as $trainer) {
            $stamps[$trainer] = $this->stampOf($practice, $trainer, $versions->get($trainer));
        }

        return $stamps;
    }

    private function stamp(Person $person): string
    {
        $practice = Practice::query()->findOrFail($person->practice_id);
        $trainer = $person->trainer_id ?? '';

        return $this->stampOf($practice, $trainer, OwnMethod::query()->where('owner_id', $trainer)->where('level', MethodLevel::Trainer->value)->value('version'));
    }

    /** Each trainer's differs, so that one who answers otherwise makes old the lines of their own people only. */
    private function stampOf(Practice $practice, string $trainer, mixed $version): string
    {
        return md5((string) json_encode([Attention::VERSION, $this->ladders->made(), $practice->library_version, $practice->method_version, $practice->time_zone, $trainer, $version]));
    }
}
