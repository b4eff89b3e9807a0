<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Api\Document;
use Illuminate\Support\Facades\Route as Routes;
use Tests\TestCase;

/** The API document against the code it is produced from. */
final class ContractTest extends TestCase
{
    public function test_the_committed_document_is_what_the_code_says(): void
    {
        self::assertSame(file_get_contents(base_path('openapi.json')), Document::json(), 'Run: php artisan api:document && npm run api');
    }

    public function test_every_api_route_is_in_the_document_and_nothing_else_is(): void
    {
        $document = (array) json_decode((string) file_get_contents(base_path('openapi.json')), true);
        $documented = [];
        foreach ((array) $document['paths'] as $path => $operations) {
            foreach (array_keys((array) $operations) as $method) {
                $documented[] = strtoupper((string) $method).' '.$path;
            }
        }
        $routes = [];
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            if (str_starts_with($route->uri(), 'api/')) {
                $routes[] = $route->methods()[0].' /'.$route->uri();
            }
        }
        self::assertEqualsCanonicalizing($routes, $documented);
    }

    public function test_every_route_is_named_as_its_operation(): void
    {
        $document = (array) json_decode((string) file_get_contents(base_path('openapi.json')), true);
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            if (str_starts_with($route->uri(), 'api/')) {
                self::assertSame(data_get($document, ['paths', '/'.$route->uri(), strtolower($route->methods()[0]), 'operationId']), $route->getName(), $route->uri());
            }
        }
    }
}
