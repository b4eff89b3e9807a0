<?php

declare(strict_types=1);

namespace App\Http\Home;

use App\Models\HomeDevice;
use App\Models\HomeLink;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cookie;

/** A link is opened: it is exchanged for a cookie at once, so that it stands in no address bar. */
final class HomeDoor
{
    public const COOKIE = 'even_rungs_home';

    public function __invoke(string $token, Request $request): RedirectResponse
    {
        $link = HomeLink::query()->withoutGlobalScopes()->where('token', HomeLink::hash($token))->first();
        $to = redirect('/home', 303);
        if ($link === null || ! $link->opens()) {
            return $to;
        }
        // Opened once more on a device that is in already.
        $own = self::device($request);
        if ($own !== null && $own->home_link_id === $link->id) {
            return $to;
        }
        $others = HomeDevice::query()->withoutGlobalScopes()->where('person_id', $link->person_id)->whereNotNull('admitted_at')->whereIn('home_link_id', HomeLink::query()->withoutGlobalScopes()->where('person_id', $link->person_id)->whereNull('revoked_at')->select('id'));
        $isFirst = $others->doesntExist();
        $key = HomeLink::newToken();
        HomeDevice::query()->create([
            'practice_id' => $link->practice_id, 'person_id' => $link->person_id, 'home_link_id' => $link->id, 'token' => HomeLink::hash($key),
            'code' => $isFirst ? null : str_pad((string) random_int(0, 999_999), 6, '0', STR_PAD_LEFT), 'admitted_at' => $isFirst ? now() : null,
        ]);

        return $to->withCookie(Cookie::make(self::COOKIE, $key, (int) now()->diffInMinutes($link->expires_at), '/', null, null, true, false, 'lax'));
    }

    /** The device whose cookie comes with a request, while its link opens; let in or not. */
    public static function device(Request $request): ?HomeDevice
    {
        $key = $request->cookie(self::COOKIE);
        $device = is_string($key) ? HomeDevice::query()->withoutGlobalScopes()->with('link')->where('token', HomeLink::hash($key))->first() : null;

        return $device !== null && $device->link->opens() ? $device : null;
    }
}
