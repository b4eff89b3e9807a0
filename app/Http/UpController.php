<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

/** Whether everything is there that work needs: database, cache and disk. For whoever watches over the servers. */
final class UpController
{
    public function __invoke(): JsonResponse
    {
        $works = static function (\Closure $try): bool {
            try {
                return $try() === true;
            } catch (\Throwable) {
                return false;
            }
        };
        $parts = [
            'database' => $works(static fn(): bool => DB::scalar('SELECT COUNT(*) FROM migrations') > 0),
            'cache' => $works(static fn(): bool => Cache::put('up', $now = (string) hrtime(true), 60) && Cache::get('up') === $now),
            'disk' => $works(static function (): bool {
                // It is made with the first picture: a server that has none yet is no broken one.
                File::ensureDirectoryExists(storage_path('app'));
                $file = storage_path('app/.up-'.bin2hex(random_bytes(6)));

                return file_put_contents($file, 'up') === 2 && unlink($file);
            }),
        ];

        return new JsonResponse($parts, in_array(false, $parts, true) ? 503 : 200);
    }
}
