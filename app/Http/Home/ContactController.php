<?php

declare(strict_types=1);

namespace App\Http\Home;

use App\Api\Changes;
use App\Api\Reads;
use App\Api\Writes;
use App\Http\Problem;
use App\Models\HomeContact;
use App\Models\Person;
use App\Models\Scopes\PracticeScope;
use App\Models\User;
use App\Records\OwnWriting;
use App\Time\PracticeClock;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** How a person may be written to, as they agreed; and the one press that ends it. */
final class ContactController
{
    #[Reads('/api/people/{person}/contact', 'contact', ContactView::class)]
    public function show(Person $person, #[CurrentUser] User $by): JsonResponse
    {
        return new JsonResponse(ContactView::of($person->id, PracticeClock::of($by)->timeZone()));
    }

    #[Changes('/api/people/{person}/contact', 'changeContact', ContactView::class, ContactRequest::class)]
    public function update(Person $person, ContactRequest $input): JsonResponse
    {
        $clock = PracticeClock::of($input->by());
        $row = HomeContact::query()->where('person_id', $person->id)->first() ?? new HomeContact(['person_id' => $person->id, 'version' => 0]);
        $columns = $input->columns();
        if ($row->version !== $input->integer('version')) {
            // What the person ended meanwhile is none of one's own writings.
            if ($row->ended_at === null && OwnWriting::is($row, $input->integer('version'), $columns)) {
                return new JsonResponse(ContactView::of($person->id, $clock->timeZone()));
            }
            throw Problem::changedMeanwhile('How this person is written to', ContactView::of($person->id, $clock->timeZone()));
        }
        $isWritten = $columns['by_mail'] || $columns['by_text'];
        // What was ended by the person begins anew with what is agreed now.
        $row->fill([...$columns, 'agreed_on' => $isWritten ? ($row->ended_at === null ? $row->agreed_on ?? $clock->today()->iso() : $clock->today()->iso()) : null, 'ended_at' => $isWritten ? null : $row->ended_at, 'version' => $row->version + 1])->save();

        return new JsonResponse(ContactView::of($person->id, $clock->timeZone()));
    }

    /** From a message, by the link that stands in it: signed, so that nobody ends those of somebody else. */
    #[Writes('/api/home/no-more/{who}', 'endMessages', queries: ['signature'])]
    public function endFromMessage(string $who, Request $request): Response
    {
        if (! $request->hasValidRelativeSignature()) {
            throw Problem::notAtHome();
        }
        $row = HomeContact::query()->withoutGlobalScopes()->where('person_id', $who)->first();
        if ($row !== null) {
            PracticeScope::actingFor($row->practice_id, static fn(): bool => self::end($row));
        }

        return new Response(status: 204);
    }

    public static function end(?HomeContact $row): bool
    {
        return $row !== null && $row->ended_at === null && $row->update(['ended_at' => now(), 'version' => $row->version + 1]);
    }
}
