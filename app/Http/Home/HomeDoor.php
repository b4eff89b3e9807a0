<?php

declare(strict_types=1);

namespace App\Http\Home;

use App\Api\Writes;
use App\Models\HomeDevice;
use App\Models\HomeLink;
use App\Models\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Cookie;
use Illuminate\Support\Facades\DB;

/**
 * A link is exchanged for a cookie, by the page it opens: whatever only looks at an address, as what shows a preview of a
 * message does, is no device and opens nothing.
 */
final class HomeDoor
{
    public const COOKIE = 'even_rungs_home';

    /** Answers alike whether or not the link opens anything: what is behind it says so. */
    #[Writes('/api/home/open', 'openHome', takes: OpenRequest::class)]
    public function open(OpenRequest $input): Response
    {
        $answer = new Response(status: 204);
        $link = HomeLink::query()->withoutGlobalScopes()->where('token', HomeLink::hash($input->text('token')))->first();
        if ($link === null || ! $link->opens() || self::device($input)?->home_link_id === $link->id) {
            return $answer;
        }
        $key = HomeLink::newToken();
        DB::transaction(static fn() => self::letIn($link, $key), 3);

        return $answer->withCookie(self::cookie($key, $link));
    }

    /** The first device by the link alone; of two that open it at the same time one is the first. */
    private static function letIn(HomeLink $link, string $key): void
    {
        Person::query()->withoutGlobalScopes()->whereKey($link->person_id)->lockForUpdate()->first();
        $open = HomeLink::query()->withoutGlobalScopes()->where('person_id', $link->person_id)->whereNull('revoked_at')->select('id');
        $isFirst = HomeDevice::query()->withoutGlobalScopes()->where('person_id', $link->person_id)->whereNotNull('admitted_at')->whereIn('home_link_id', $open)->doesntExist();
        HomeDevice::query()->create([
            'practice_id' => $link->practice_id, 'person_id' => $link->person_id, 'home_link_id' => $link->id, 'token' => HomeLink::hash($key),
            'code' => $isFirst ? null : str_pad((string) random_int(0, 999_999), 6, '0', STR_PAD_LEFT), 'admitted_at' => $isFirst ? now() : null,
        ]);
    }

    private static function cookie(string $key, HomeLink $link): \Symfony\Component\HttpFoundation\Cookie
    {
        return Cookie::make(self::COOKIE, $key, (int) now()->diffInMinutes($link->expires_at), '/', null, null, true, false, 'lax');
    }

    /** The cookie lasts as long as its link, which may have been renewed since. */
    public static function renewed(Request $request, JsonResponse $answer): JsonResponse
    {
        $key = $request->cookie(self::COOKIE);
        $device = self::device($request);

        return is_string($key) && $device !== null ? $answer->withCookie(self::cookie($key, $device->link)) : $answer;
    }

    /** The device whose cookie comes with a request, while its link opens; let in or not. */
    public static function device(Request $request): ?HomeDevice
    {
        $key = $request->cookie(self::COOKIE);
        $device = is_string($key) ? HomeDevice::query()->withoutGlobalScopes()->with('link')->where('token', HomeLink::hash($key))->first() : null;

        return $device !== null && $device->link->opens() ? $device : null;
    }
}
