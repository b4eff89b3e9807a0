<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/**
 * Each night: hashes of what was created under a number are let go of once no device sends it again. What was created is
 * there, and its number is taken; what was told of a training is kept for as long as its log.
 */
final class LetGoOfTakings extends Command
{
    /** A device that was put away for a year still finds that what it sends is known (our own choice). */
    private const KEPT_DAYS = 400;

    /** At once, so that nobody waits for it. */
    private const ROWS = 2000;

    protected $signature = 'takings:let-go';

    protected $description = 'Lets go of the hashes of what was created long ago';

    public function handle(): int
    {
        do {
            $gone = DB::table('takings')->where('taken_at', '<', now()->subDays(self::KEPT_DAYS))->orderBy('taken_at')->limit(self::ROWS)->delete();
        } while ($gone === self::ROWS);

        return self::SUCCESS;
    }
}
