<?php

declare(strict_types=1);

namespace App\Api;

/** How each of the endpoint attributes is written: path, name, what it takes and what it answers. */
trait Endpoint
{
    /**
     * @param string      $id      name of the operation
     * @param string|null $answers class of the answer; null for none
     * @param string|null $takes   class of the request's body
     * @param string|null $media   type of an answer that is no JSON
     * @param string|null $uploads name of the file that is sent, beside an id
     * @param list<string> $queries names of what may follow the question mark
     */
    public function __construct(string $path, string $id, ?string $answers = null, ?string $takes = null, int $status = 200, ?string $media = null, ?string $uploads = null, array $queries = [])
    {
        $body = $uploads === null ? Path::body($takes) : Path::upload($uploads);
        $parameters = [...Path::parameters($path), ...Path::queries($queries)];
        parent::__construct(
            path: $path,
            operationId: $id,
            requestBody: $body,
            parameters: $parameters === [] ? null : $parameters,
            responses: Path::responses($answers, $status, $media),
        );
    }
}
