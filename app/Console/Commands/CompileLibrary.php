<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Library\LibraryFiles;
use Illuminate\Console\Command;

final class CompileLibrary extends Command
{
    protected $signature = 'library:compile';

    protected $description = 'Checks the ladder files and keeps them in the form that is read quickest';

    public function handle(LibraryFiles $files): int
    {
        $files->compile();
        $this->info(count($files->shelf()->library()->slugs()).' ladders, version '.$files->shelf()->version.'.');

        return self::SUCCESS;
    }
}
