<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\HomeLink;
use App\Models\HomeMessage;
use App\Models\HomeNote as NoteRow;
use App\Models\Person;
use App\Models\SessionLog;
use App\Models\SheetStage;
use EvenRungs\Calendar\Day;
use EvenRungs\Home\HomeNews;
use EvenRungs\Home\HomeNote;
use EvenRungs\Home\NoteKind;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;

/** What came from a person's home, and what did not, in the terms of the core. */
final class FromHome
{
    /** So many at most: who writes more is heard all the same, by what is seen to. */
    private const NOTES = 20;

    public static function of(Person $person, KindsKept $kinds, string $timeZone): HomeNews
    {
        $notes = $kinds->has('home_notes') ? NoteRow::query()->with('session:id,title')->where('person_id', $person->id)->whereIn('kind', [NoteKind::NotToday->value, NoteKind::Words->value])->whereNull('settled_at')->orderBy('sequence')->limit(self::NOTES)->get() : new Collection;
        $stages = $kinds->has('sheet_stages') ? SheetStage::query()->where('person_id', $person->id)->where(static fn(Builder $query) => $query->whereNotNull('held')->orWhere(static fn(Builder $came) => $came->whereIn('kind', ['follow-up', 're-test'])->whereNotNull('came_on')))->whereNull('settled_at')->orderBy('due_on')->limit(self::NOTES)->get() : new Collection;

        return new HomeNews(
            notes: array_values($notes->map(static fn(NoteRow $row): HomeNote => $row->inCore())->all()),
            lastHeard: $kinds->has('home_links') ? self::lastHeard($person, $timeZone) : null,
            held: array_values($stages->map(static fn(SheetStage $row): string => $row->inCore()->told())->all()),
            undelivered: ! $kinds->has('home_messages') ? 0 : HomeMessage::query()->where('person_id', $person->id)->whereNull('user_id')->whereNotNull('failed_at')->whereNull('settled_at')->count(),
        );
    }

    /** Null while nobody could be heard of: no link opens, or nothing is planned. */
    private static function lastHeard(Person $person, string $timeZone): ?Day
    {
        $linked = HomeLink::query()->where('person_id', $person->id)->whereNull('revoked_at')->where('expires_at', '>', now())->min('created_at');
        if (! is_string($linked) || ($person->plan->slots ?? []) === []) {
            return null;
        }
        $heard = array_filter([
            Carbon::parse($linked, 'UTC')->setTimezone($timeZone)->format('Y-m-d'),
            SessionLog::query()->where('person_id', $person->id)->max('done_on'),
            NoteRow::query()->where('person_id', $person->id)->whereNot('kind', NoteKind::Answer->value)->max('on_day'),
        ], is_string(...));

        return Day::parse(max($heard));
    }
}
