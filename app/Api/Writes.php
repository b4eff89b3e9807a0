<?php

declare(strict_types=1);

namespace App\Api;

use Attribute;
use OpenApi\Attributes as OA;

/** An endpoint asked by POST. */
#[Attribute(Attribute::TARGET_METHOD)]
final class Writes extends OA\Post
{
    use Endpoint;
}
