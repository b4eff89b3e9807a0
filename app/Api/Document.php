<?php

declare(strict_types=1);

namespace App\Api;

use Illuminate\Support\Facades\Route;
use OpenApi\Analysers\AttributeAnnotationFactory;
use OpenApi\Analysers\ReflectionAnalyser;
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
        $api = $generator->generate([app_path('Api/Document.php'), app_path('Http')], null, false);
        $document = json_decode((string) $api?->toJson(), true);
        if (! is_array($document)) {
            throw new \LogicException('The OpenAPI document could not be made.');
        }

        return json_encode(self::complete($document), JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)."\n";
    }

    /**
     * @param array<array-key, mixed> $document with paths, and the one answer all errors share
     *
     * @return array<array-key, mixed> with tags, and every schema the paths speak of
     */
    private static function complete(array $document): array
    {
        preg_match_all('~#/components/schemas/(\w+)~', json_encode($document, JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR), $found);
        $document['components'] = ['schemas' => (new Shapes)->of($found[1]), ...(array) ($document['components'] ?? [])];
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
