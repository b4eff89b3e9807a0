<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Api\Document;
use Illuminate\Console\Command;

final class WriteOpenApi extends Command
{
    protected $signature = 'api:document';

    protected $description = 'Writes openapi.json from the attributes in the code';

    public function handle(): int
    {
        file_put_contents(base_path('openapi.json'), Document::json());
        $this->info('openapi.json is written.');

        return self::SUCCESS;
    }
}
