<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;

/** Whether the application key at hand opens what is kept encrypted in the database at hand: asked after a restore. */
final class CheckKey extends Command
{
    protected $signature = 'backup:check-key';

    protected $description = 'Tries the application key on what is kept encrypted';

    public function handle(): int
    {
        $kept = DB::table('screenings')->value('answers');
        try {
            if (is_string($kept)) {
                Crypt::decryptString($kept);
            }
        } catch (DecryptException) {
            $this->error('The application key of this folder does not open what people told: restore with --keys FILE.keys, too.');

            return self::FAILURE;
        }

        return self::SUCCESS;
    }
}
