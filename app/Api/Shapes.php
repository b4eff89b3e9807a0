<?php

declare(strict_types=1);

namespace App\Api;

use BackedEnum;
use ReflectionClass;
use ReflectionNamedType;

/**
 * The schemas of the document, read from what classes say of themselves: promoted constructor parameters, or for a
 * request the `@body` lines of its docblock. A tag's type goes before the declared one, its text is the description.
 * Every property is always there: what can be missing says null, but for what an input gives a default to.
 *
 * Types read: scalars, enums, classes, `list<T>`, `array<string, T>`, `'one'|'other'`, pairs and
 * triples of one scalar, each or null.
 */
final class Shapes
{
    private const SCALARS = ['string' => 'string', 'int' => 'integer', 'float' => 'number', 'bool' => 'boolean', 'object' => 'object', 'stdClass' => 'object', 'array' => 'object'];

    /** @var array<string, class-string> by short name: of the interface, and of the core where the interface speaks of them */
    private array $classes = [];

    /** @var array<string, array<string, mixed>> by name */
    private array $schemas = [];

    public function __construct()
    {
        foreach (glob(app_path('{Http,Records}/*/*.php'), GLOB_BRACE) ?: [] as $file) {
            $class = 'App\\'.strtr(substr($file, strlen(app_path()) + 1, -4), '/', '\\');
            if (class_exists($class)) {
                $this->classes[basename($file, '.php')] = $class;
            }
        }
    }

    /**
     * @param list<string> $names that the paths speak of
     *
     * @return array<string, array<string, mixed>> those and all they speak of, by name
     */
    public function of(array $names): array
    {
        while ($names !== []) {
            $name = array_pop($names);
            if (! isset($this->schemas[$name])) {
                $known = array_keys($this->classes);
                $this->schemas[$name] = $this->schemaOf(new ReflectionClass($this->classes[$name] ?? throw new \LogicException("There is no class {$name}.")));
                preg_match_all('~#/components/schemas/(\w+)~', json_encode($this->schemas[$name], JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR), $found);
                array_push($names, ...$found[1]);
                array_push($names, ...array_values(array_diff(array_keys($this->classes), $known)));
            }
        }
        ksort($this->schemas);

        return $this->schemas;
    }

    /**
     * @param ReflectionClass<object> $class
     *
     * @return array<string, mixed>
     */
    private function schemaOf(ReflectionClass $class): array
    {
        $comment = (string) $class->getDocComment();
        $optional = [];
        $properties = array_map(fn(array $tag): array => $this->property($tag[0], $tag[1], $class), self::tagged($comment, 'body'));
        $constructor = $class->getConstructor();
        $tagged = self::tagged((string) $constructor?->getDocComment(), 'param');
        foreach ($constructor?->getParameters() ?? [] as $parameter) {
            if ($parameter->isPromoted()) {
                $declared = $parameter->getType();
                $declared = $declared instanceof ReflectionNamedType ? ($declared->allowsNull() ? '?' : '').($declared->isBuiltin() ? '' : '\\').$declared->getName() : 'object';
                [$type, $text] = $tagged[$parameter->getName()] ?? [$declared, ''];
                $properties[$parameter->getName()] = $this->property($type, $text, $class);
                if ($parameter->isDefaultValueAvailable() && str_ends_with($class->getName(), 'Input')) {
                    $optional[] = $parameter->getName();
                }
            }
        }
        preg_match('~^/\*\*\s*\*?\s*([^@\n]+?)(?:\n|\s*\*/)~', $comment, $summary);

        return [...(isset($summary[1]) ? ['description' => trim($summary[1])] : []), 'type' => 'object', 'properties' => $properties, 'required' => array_values(array_diff(array_keys($properties), $optional)), 'additionalProperties' => false];
    }

    /** @return array<string, array{string, string}> type and text by name */
    private static function tagged(string $comment, string $tag): array
    {
        preg_match_all("/@{$tag}\\s+((?:'[^']*'|<(?:[^<>]|<[^<>]*>)*>|[^\\s<'])+)\\s+\\$(\\w+)[ \\t]*([^\\n*]*)/u", $comment, $found, PREG_SET_ORDER);
        $tagged = [];
        foreach ($found as [, $type, $name, $text]) {
            $tagged[$name] = [$type, trim($text)];
        }

        return $tagged;
    }

    /**
     * @param ReflectionClass<object> $in
     *
     * @return array<string, mixed>
     */
    private function property(string $type, string $text, ReflectionClass $in): array
    {
        return [...($text === '' ? [] : ['description' => $text]), ...$this->schema($type, $in)];
    }

    /**
     * @param ReflectionClass<object> $in
     *
     * @return array<string, mixed>
     */
    private function schema(string $type, ReflectionClass $in): array
    {
        $parts = preg_split('/\|(?=(?:[^<>]*<[^<>]*>)*[^<>]*$)/', ltrim($type, '?')) ?: [];
        $nullable = str_starts_with($type, '?') || in_array('null', $parts, true);
        $parts = array_values(array_diff($parts, ['null']));
        $schema = str_starts_with($parts[0], "'")
            ? ['type' => 'string', 'enum' => array_map(static fn(string $part): string => trim($part, "'"), $parts)]
            : $this->single($parts[0], $in);

        return match (true) {
            ! $nullable => $schema,
            isset($schema['$ref']) => ['oneOf' => [$schema, ['type' => 'null']]],
            default => ['type' => [$schema['type'], 'null'], ...array_diff_key($schema, ['type' => 0]), ...(is_array($schema['enum'] ?? null) ? ['enum' => [...$schema['enum'], null]] : [])],
        };
    }

    /**
     * @param ReflectionClass<object> $in
     *
     * @return array<string, mixed>
     */
    private function single(string $type, ReflectionClass $in): array
    {
        if (preg_match('/^(?:array|\\\\?ArrayObject)<string,\s*(.+)>$/', $type, $found) === 1) {
            return ['type' => 'object', 'additionalProperties' => $found[1] === 'mixed' ? true : $this->schema($found[1], $in)];
        }
        if (preg_match('/^(?:(?:list|non-empty-list)<(.+)>|array\{(\w+)(?:,\s*\2)*\})$/', $type, $found) === 1) {
            return ['type' => 'array', 'items' => $this->schema($found[1] === '' ? $found[2] : $found[1], $in)];
        }
        $type = (string) preg_replace('/^int<.*>$/', 'int', $type);
        if (isset(self::SCALARS[ltrim($type, '\\')])) {
            return ['type' => self::SCALARS[ltrim($type, '\\')]];
        }
        $class = $this->resolve($type, $in);
        if (is_subclass_of($class, BackedEnum::class)) {
            return ['type' => 'string', 'enum' => array_map(static fn(BackedEnum $case): string => (string) $case->value, $class::cases())];
        }
        $name = (new ReflectionClass($class))->getShortName();
        $this->classes[$name] ??= $class;
        if ($this->classes[$name] !== $class) {
            throw new \LogicException("Two classes are called {$name}: {$class} and {$this->classes[$name]}.");
        }

        return ['$ref' => "#/components/schemas/{$name}"];
    }

    /**
     * @param ReflectionClass<object> $in
     *
     * @return class-string
     */
    private function resolve(string $name, ReflectionClass $in): string
    {
        $imported = preg_match('/^use ([\w\\\\]+\\\\'.preg_quote($name, '/').');/m', (string) file_get_contents((string) $in->getFileName()), $found) === 1 ? $found[1] : null;
        // What the file imports comes first: a bare name may also be an alias of the framework.
        foreach ([$imported, $in->getNamespaceName().'\\'.$name, ltrim($name, '\\'), $this->classes[$name] ?? null] as $class) {
            if ($class !== null && (class_exists($class) || enum_exists($class))) {
                return $class;
            }
        }
        throw new \LogicException("{$in->getName()} speaks of {$name}, which is no class.");
    }
}
