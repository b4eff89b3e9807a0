<?php

declare(strict_types=1);

namespace App\Api;

use Attribute;
use OpenApi\Attributes as OA;

/** An endpoint asked by GET. */
#[Attribute(Attribute::TARGET_METHOD)]
final class Reads extends OA\Get
{
    use Endpoint;
}
