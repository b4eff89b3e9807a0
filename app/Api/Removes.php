<?php

declare(strict_types=1);

namespace App\Api;

use Attribute;
use OpenApi\Attributes as OA;

/** An endpoint asked by DELETE. */
#[Attribute(Attribute::TARGET_METHOD)]
final class Removes extends OA\Delete
{
    use Endpoint;
}
