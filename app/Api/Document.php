<?php

declare(strict_types=1);

namespace App\Api;

use OpenApi\Analysers\AttributeAnnotationFactory;
use OpenApi\Analysers\ReflectionAnalyser;
use OpenApi\Attributes as OA;
use OpenApi\Generator;

/** The OpenAPI document, made from the attributes in the code. */
#[OA\Info(version: '1', title: 'Even Rungs')]
final class Document
{
    /** The document as pretty JSON, with a newline at its end. */
    public static function json(): string
    {
        $generator = new Generator;
        $generator->setVersion('3.1.0');
        $generator->setAnalyser(new ReflectionAnalyser([new AttributeAnnotationFactory]));
        $api = $generator->generate([app_path('Api/Document.php'), app_path('Http')]);
        $document = json_decode((string) $api?->toJson(), true);
        if (! is_array($document)) {
            throw new \LogicException('The OpenAPI document could not be made.');
        }

        return json_encode(self::complete($document), JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)."\n";
    }

    /**
     * Every property of a schema is always there: what can be missing says null. Schemas close.
     *
     * @param array<array-key, mixed> $document
     *
     * @return array<array-key, mixed>
     */
    private static function complete(array $document): array
    {
        $schemas = $document['components']['schemas'] ?? [];
        foreach (is_array($schemas) ? $schemas : [] as $name => $schema) {
            if (is_array($schema) && is_array($schema['properties'] ?? null)) {
                $schema['required'] = array_keys($schema['properties']);
                $schema['additionalProperties'] = false;
                $schemas[$name] = $schema;
            }
        }
        $document['components']['schemas'] = $schemas;

        return $document;
    }
}
