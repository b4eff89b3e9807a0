<?php

declare(strict_types=1);

namespace App\Api;

use Illuminate\Support\Facades\Route;
use OpenApi\Analysers\AttributeAnnotationFactory;
use OpenApi\Analysers\ReflectionAnalyser;
use OpenApi\Analysis;
use OpenApi\Annotations\Schema;
use OpenApi\Attributes as OA;
use OpenApi\Generator;

/** The OpenAPI document, made from the attributes in the code. */
#[OA\Info(version: '1', title: 'Even Rungs')]
#[OA\Server(url: '/', description: 'Same origin: cookie of the session, X-XSRF-TOKEN from the cookie XSRF-TOKEN.')]
#[OA\SecurityScheme(securityScheme: 'session', type: 'apiKey', name: 'session cookie', in: 'cookie')]
#[OA\Response(response: 'Error', description: 'Every error looks alike.', content: new OA\JsonContent(ref: '#/components/schemas/ErrorView'))]
final class Document
{
    /** The document as pretty JSON, with a newline at its end. */
    public static function json(): string
    {
        $generator = new Generator;
        $generator->setVersion('3.1.0');
        $generator->setAnalyser(new ReflectionAnalyser([new AttributeAnnotationFactory]));
        $classes = [];
        $generator->addProcessor(static function (Analysis $analysis) use (&$classes): void {
            foreach ($analysis->getAnnotationsOfType(Schema::class) as $schema) {
                if ($schema instanceof Schema && is_string($schema->_context?->class)) {
                    $classes[$schema->_context->class] = $schema->_context->fullyQualifiedName($schema->_context->class);
                }
            }
        });
        $api = $generator->generate([app_path('Api/Document.php'), app_path('Http')]);
        $document = json_decode((string) $api?->toJson(), true);
        if (! is_array($document)) {
            throw new \LogicException('The OpenAPI document could not be made.');
        }

        return json_encode(self::complete($document, $classes), JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)."\n";
    }

    /**
     * Schemas get their properties from what their classes say (Shape). Every property is always there: what can be
     * missing says null. Schemas close.
     *
     * @param array<array-key, mixed> $document
     * @param array<string, string>   $classes  by name of the schema
     *
     * @return array<array-key, mixed>
     */
    private static function complete(array $document, array $classes): array
    {
        $schemas = $document['components']['schemas'] ?? [];
        foreach (is_array($schemas) ? $schemas : [] as $name => $schema) {
            $class = ltrim($classes[$name] ?? '', '\\');
            if (is_array($schema) && class_exists($class)) {
                $properties = Shape::of($class, array_keys($classes));
                $schemas[$name] = [...$schema, 'type' => 'object', 'properties' => $properties, 'required' => array_keys($properties), 'additionalProperties' => false];
            }
        }
        $document['components']['schemas'] = $schemas;
        foreach (is_array($document['paths'] ?? null) ? $document['paths'] : [] as $path => $operations) {
            foreach (is_array($operations) ? $operations : [] as $method => $operation) {
                $name = is_array($operation) && is_string($operation['operationId'] ?? null) ? $operation['operationId'] : '';
                // Routes are named as operations; the room they lead to is the tag.
                $room = explode('\\', (string) Route::getRoutes()->getByName($name)?->getControllerClass())[2] ?? '';
                $document['paths'][$path][$method] = [...(array) $operation, 'tags' => [$room], 'security' => $name === 'signIn' ? [] : [['session' => []]]];
            }
        }

        return $document;
    }
}
