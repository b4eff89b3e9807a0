<?php

declare(strict_types=1);

namespace App\Http\Home;

use App\Api\Changes;
use App\Api\Reads;
use App\Api\Removes;
use App\Api\Writes;
use App\Http\Problem;
use App\Messages\Outbox;
use App\Models\HomeDevice;
use App\Models\HomeLink;
use App\Models\Person;
use App\Models\User;
use App\Time\PracticeClock;
use EvenRungs\Home\MessageKind;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Str;

/** The link that a person is given. */
final class LinkController
{
    #[Reads('/api/people/{person}/home-links', 'homeLinks', LinksView::class)]
    public function show(Person $person, #[CurrentUser] User $user): JsonResponse
    {
        return $this->answer($person, $user);
    }

    /** Makes a link. Those of before go on opening until all are taken back. */
    #[Writes('/api/people/{person}/home-links', 'makeHomeLink', LinksView::class, status: 201)]
    public function store(Person $person, #[CurrentUser] User $user): JsonResponse
    {
        $token = HomeLink::newToken();
        HomeLink::query()->create(['person_id' => $person->id, 'user_id' => $user->id, 'token' => HomeLink::hash($token), 'expires_at' => now()->addWeeks(HomeLink::WEEKS)]);

        return $this->answer($person, $user, url("/h/{$token}"), 201);
    }

    /** All links that open do so for another twelve weeks from today. */
    #[Changes('/api/people/{person}/home-links', 'renewHomeLinks', LinksView::class)]
    public function update(Person $person, #[CurrentUser] User $user): JsonResponse
    {
        self::open($person)->update(['expires_at' => now()->addWeeks(HomeLink::WEEKS)]);

        return $this->answer($person, $user);
    }

    /** Sends a link of its own in each way the person agreed to. */
    #[Writes('/api/people/{person}/home-links/message', 'sendHomeLink', LinksView::class, status: 201)]
    public function message(Person $person, #[CurrentUser] User $user, Outbox $outbox): JsonResponse
    {
        if ($outbox->put($person, MessageKind::Link, strtolower((string) Str::ulid())) === 0) {
            throw Problem::conflict('not-agreed', 'There is no way agreed in which this person is written to.');
        }

        return $this->answer($person, $user, null, 201);
    }

    /** Takes all links of a person back: no device of theirs opens anything any more. */
    #[Removes('/api/people/{person}/home-links', 'revokeHomeLinks', LinksView::class)]
    public function destroy(Person $person, #[CurrentUser] User $user): JsonResponse
    {
        self::open($person)->update(['revoked_at' => now()]);

        return $this->answer($person, $user);
    }

    /** @return Builder<HomeLink> */
    private static function open(Person $person): Builder
    {
        return HomeLink::query()->where('person_id', $person->id)->whereNull('revoked_at')->where('expires_at', '>', now());
    }

    private function answer(Person $person, User $user, ?string $address = null, int $status = 200): JsonResponse
    {
        $zone = PracticeClock::of($user)->timeZone();
        $links = self::open($person)->get();
        $devices = HomeDevice::query()->whereIn('home_link_id', $links->modelKeys())
            ->where(static fn(Builder $query) => $query->whereNotNull('admitted_at')->orWhere(static fn(Builder $waits) => $waits->where('tries', '<', HomeDevice::TRIES)->where('created_at', '>', now()->subMinutes(HomeDevice::MINUTES))))
            ->orderByDesc('id')->limit(20)->get();

        return new JsonResponse(new LinksView(
            until: $links->max('expires_at')?->setTimezone($zone)->format('Y-m-d'),
            devices: array_values($devices->map(static fn(HomeDevice $device): HomeDeviceView => new HomeDeviceView(id: $device->id, opened: $device->created_at->setTimezone($zone)->format('Y-m-d'), code: $device->code, seen: $device->seen_at?->setTimezone($zone)->format('Y-m-d H:i')))->all()),
            address: $address,
        ), $status);
    }
}
