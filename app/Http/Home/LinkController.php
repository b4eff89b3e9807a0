<?php

declare(strict_types=1);

namespace App\Http\Home;

use App\Api\Reads;
use App\Api\Removes;
use App\Api\Writes;
use App\Models\HomeDevice;
use App\Models\HomeLink;
use App\Models\Person;
use App\Models\User;
use App\Time\PracticeClock;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;

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
