<?php

declare(strict_types=1);

namespace App\Api;

use OpenApi\Attributes as OA;

/** What the attributes of all endpoints share: parameters from the path, one JSON answer, one kind of error. */
final class Path
{
    /** @return list<OA\Parameter> */
    public static function parameters(string $path): array
    {
        preg_match_all('/\{(\w+)\}/', $path, $found);

        return array_map(static fn(string $name): OA\Parameter => new OA\Parameter(name: $name, in: 'path', required: true, schema: new OA\Schema(type: 'string')), $found[1]);
    }

    /**
     * @param list<string> $names
     *
     * @return list<OA\Parameter>
     */
    public static function queries(array $names): array
    {
        return array_map(static fn(string $name): OA\Parameter => new OA\Parameter(name: $name, in: 'query', required: false, schema: new OA\Schema(type: 'string')), $names);
    }

    /** @return list<OA\Response> */
    public static function responses(?string $answers, int $status, ?string $media = null): array
    {
        $good = match (true) {
            $media !== null => new OA\Response(response: $status, description: 'The answer.', content: new OA\MediaType(mediaType: $media, schema: new OA\Schema(type: 'string', format: 'binary'))),
            $answers === null => new OA\Response(response: 204, description: 'Done; nothing to say.'),
            default => new OA\Response(response: $status, description: 'The answer.', content: new OA\JsonContent(ref: self::schema($answers))),
        };

        return [$good, new OA\Response(ref: '#/components/responses/Error', response: 'default')];
    }

    public static function body(?string $takes): ?OA\RequestBody
    {
        return $takes === null ? null : new OA\RequestBody(required: true, content: new OA\JsonContent(ref: self::schema($takes)));
    }

    public static function upload(string $name): OA\RequestBody
    {
        return new OA\RequestBody(required: true, content: new OA\MediaType(mediaType: 'multipart/form-data', schema: new OA\Schema(required: ['id', $name], properties: [
            new OA\Property(property: 'id', description: 'ULID made by the caller', type: 'string'),
            new OA\Property(property: $name, type: 'string', format: 'binary'),
        ], type: 'object')));
    }

    public static function schema(string $class): string
    {
        return '#/components/schemas/'.substr((string) strrchr('\\'.$class, '\\'), 1);
    }
}
