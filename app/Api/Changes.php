<?php

declare(strict_types=1);

namespace App\Api;

use Attribute;
use OpenApi\Attributes as OA;

/** An endpoint asked by PUT. */
#[Attribute(Attribute::TARGET_METHOD)]
final class Changes extends OA\Put
{
    use Endpoint;
}
