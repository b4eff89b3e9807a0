<?php

declare(strict_types=1);

namespace App\Api;

use BackedEnum;
use ReflectionClass;
use ReflectionNamedType;

/**
 * The schema of a class, read from what it says of itself: promoted constructor parameters, or for a request the
 * `@body` lines of its docblock. A tag's type goes before the declared one, its text is the description.
 *
 * Types read: scalars, enums, classes with a schema, `list<T>`, `array<string, T>`, `'one'|'other'`, each or null.
 */
final readonly class Shape
{
    private const SCALARS = ['string' => 'string', 'int' => 'integer', 'float' => 'number', 'bool' => 'boolean', 'object' => 'object', 'stdClass' => 'object', 'array' => 'object'];

    /**
     * @param ReflectionClass<object> $class
     * @param list<string>            $schemas
     */
    private function __construct(private ReflectionClass $class, private array $schemas) {}

    /**
     * @param class-string $class
     * @param list<string> $schemas names of all schemas: a type may be one of them without being imported
     *
     * @return array<string, mixed> properties by name; every one is always there, what can be missing says null
     */
    public static function of(string $class, array $schemas): array
    {
        $shape = new self(new ReflectionClass($class), $schemas);
        $properties = [];
        foreach ($shape->tagged((string) $shape->class->getDocComment(), 'body') as $name => [$type, $text]) {
            $properties[$name] = $shape->property($type, $text);
        }
        $constructor = $shape->class->getConstructor();
        $tagged = $shape->tagged((string) $constructor?->getDocComment(), 'param');
        foreach ($constructor?->getParameters() ?? [] as $parameter) {
            if ($parameter->isPromoted()) {
                [$type, $text] = $tagged[$parameter->getName()] ?? [null, ''];
                $declared = $parameter->getType();
                $declared = $declared instanceof ReflectionNamedType ? ($declared->allowsNull() ? '?' : '').($declared->isBuiltin() ? '' : '\\').$declared->getName() : 'object';
                $properties[$parameter->getName()] = $shape->property($type ?? $declared, $text);
            }
        }

        return $properties;
    }

    /** @return array<string, array{string, string}> type and text by name */
    private function tagged(string $comment, string $tag): array
    {
        preg_match_all("/@{$tag}\\s+((?:'[^']*'|<[^>]*>|[^\\s<'])(?:[^\\s<']|'[^']*'|<(?:[^<>]|<[^<>]*>)*>)*)\\s+\\$(\\w+)[ \\t]*([^\\n*]*)/u", $comment, $found, PREG_SET_ORDER);
        $tagged = [];
        foreach ($found as [, $type, $name, $text]) {
            $tagged[$name] = [$type, trim($text)];
        }

        return $tagged;
    }

    /** @return array<string, mixed> */
    private function property(string $type, string $text): array
    {
        return [...($text === '' ? [] : ['description' => $text]), ...$this->schema($type)];
    }

    /** @return array<string, mixed> */
    private function schema(string $type): array
    {
        $parts = preg_split('/\\|(?=(?:[^<>]*<[^<>]*>)*[^<>]*$)/', ltrim($type, '?')) ?: [];
        $nullable = str_starts_with($type, '?') || in_array('null', $parts, true);
        $parts = array_values(array_diff($parts, ['null']));
        $schema = str_starts_with($parts[0], "'")
            ? ['type' => 'string', 'enum' => array_map(static fn(string $part): string => trim($part, "'"), $parts)]
            : $this->single($parts[0]);

        return $nullable ? self::orNull($schema) : $schema;
    }

    /** @return array<string, mixed> */
    private function single(string $type): array
    {
        if (preg_match('/^(?:list|non-empty-list|array)<(?:int,\s*)?([^,]+)>$/', $type, $found) === 1) {
            return ['type' => 'array', 'items' => $this->schema($found[1])];
        }
        if (preg_match('/^(?:array|\\\\ArrayObject)<string,\s*(.+)>$/', $type, $found) === 1) {
            return ['type' => 'object', 'additionalProperties' => $found[1] === 'mixed' ? true : $this->schema($found[1])];
        }
        if (isset(self::SCALARS[ltrim($type, '\\')])) {
            return ['type' => self::SCALARS[ltrim($type, '\\')]];
        }
        if (in_array($type, $this->schemas, true)) {
            return ['$ref' => "#/components/schemas/{$type}"];
        }
        $class = $this->resolve($type);

        return is_subclass_of($class, BackedEnum::class)
            ? ['type' => 'string', 'enum' => array_map(static fn(BackedEnum $case): string => (string) $case->value, $class::cases())]
            : ['$ref' => '#/components/schemas/'.(new ReflectionClass($class))->getShortName()];
    }

    /**
     * @param array<string, mixed> $schema
     *
     * @return array<string, mixed>
     */
    private static function orNull(array $schema): array
    {
        if (isset($schema['$ref'])) {
            return ['oneOf' => [$schema, ['type' => 'null']]];
        }
        if (is_array($schema['enum'] ?? null)) {
            $schema['enum'][] = null;
        }

        return ['type' => [$schema['type'], 'null'], ...array_diff_key($schema, ['type' => 0])];
    }

    /** @return class-string */
    private function resolve(string $name): string
    {
        $imported = preg_match('/^use ([\w\\\\]+\\\\'.preg_quote($name, '/').');/m', (string) file_get_contents((string) $this->class->getFileName()), $found) === 1 ? $found[1] : null;
        foreach ([ltrim($name, '\\'), $imported, $this->class->getNamespaceName().'\\'.$name] as $class) {
            if ($class !== null && (class_exists($class) || enum_exists($class))) {
                return $class;
            }
        }
        throw new \LogicException("{$this->class->getName()} speaks of {$name}, which is no class.");
    }
}
