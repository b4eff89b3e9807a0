<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Symfony\Component\HttpFoundation\Response;

/** An answer that takes back what was written on the way to it. */
final class Refused extends \RuntimeException
{
    public function __construct(public readonly Response $response)
    {
        parent::__construct('Refused.');
    }
}
