<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\AlignmentCheck;
use App\Models\Photo;
use App\Models\Practice;
use App\Models\Scopes\PracticeScope;
use App\Photos\PhotoShelf;
use Illuminate\Console\Command;

/** Each night: pictures of the days before that were kept with no result, since a page was closed on them, are let go of. */
final class LetGoOfPictures extends Command
{
    protected $signature = 'pictures:let-go';

    protected $description = 'Lets go of pictures of people that no check was kept with';

    public function handle(PhotoShelf $shelf): int
    {
        foreach (Practice::query()->orderBy('id')->get() as $practice) {
            PracticeScope::actingFor($practice->id, static function () use ($practice, $shelf): void {
                $today = now()->setTimezone($practice->time_zone)->format('Y-m-d');
                $kept = AlignmentCheck::query()->whereNotNull('photo_id')->whereNull('undone_at')->select('photo_id');
                foreach (Photo::query()->whereNull('undone_at')->where('tested_on', '<', $today)->whereNotIn('id', $kept)->get() as $photo) {
                    $shelf->remove($photo);
                    $photo->update(['undone_at' => now()]);
                }
            });
        }

        return self::SUCCESS;
    }
}
