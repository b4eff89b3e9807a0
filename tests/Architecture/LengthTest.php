<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PhpParser\Node\Expr\Match_;
use PhpParser\Node\FunctionLike;
use PhpParser\Node\Stmt\ClassMethod;
use PhpParser\Node\Stmt\Function_;
use PhpParser\Node\Stmt\Return_;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Finder\Finder;

/** A function fits on a screen; one that is a table and nothing else, case by case, may be as long as the table. */
final class LengthTest extends TestCase
{
    private const MOST_LINES = 60;

    public function test_no_function_is_longer_than_a_screen(): void
    {
        $root = dirname(__DIR__, 2);
        $long = [];
        foreach (Finder::create()->files()->name('*.php')->in(["{$root}/app", "{$root}/core", "{$root}/database/seeders"]) as $file) {
            foreach (self::tooLong($file->getContents()) as $name => $lines) {
                $long[] = "{$file->getFilename()}: {$name} has {$lines} lines";
            }
        }

        self::assertSame([], $long);
    }

    public function test_a_long_one_is_caught_and_a_table_is_not(): void
    {
        $body = str_repeat("        \$sum += 1;\n", self::MOST_LINES);
        $cases = str_repeat("            1 => 2,\n", self::MOST_LINES);

        self::assertSame(['long' => self::MOST_LINES + 3], self::tooLong("<?php\nclass A\n{\n    function long(): void\n    {\n{$body}    }\n    function short(): void {}\n}\n"));
        self::assertSame([], self::tooLong("<?php\nclass A\n{\n    function table(): int\n    {\n        return match (\$this->of) {\n{$cases}        };\n    }\n}\n"));
    }

    /** @return array<string, int> lines by function */
    private static function tooLong(string $code): array
    {
        $long = [];
        foreach ((new NodeFinder)->find((new ParserFactory)->createForHostVersion()->parse($code) ?? [], static fn($node): bool => $node instanceof ClassMethod || $node instanceof Function_) as $function) {
            /** @var ClassMethod|Function_ $function */
            $lines = $function->getEndLine() - $function->getStartLine() + 1;
            if ($lines > self::MOST_LINES && ! self::isTable($function)) {
                $long[$function->name->toString()] = $lines;
            }
        }

        return $long;
    }

    private static function isTable(FunctionLike $function): bool
    {
        $body = $function->getStmts() ?? [];

        return count($body) === 1 && $body[0] instanceof Return_ && $body[0]->expr instanceof Match_;
    }
}
