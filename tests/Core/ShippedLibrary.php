<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Body\Side;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Figure\Solver;
use EvenRungs\Figure\Stances;
use EvenRungs\Ladder\LadderReader;
use EvenRungs\Ladder\Library;
use EvenRungs\Ladder\Names;
use EvenRungs\Ladder\Rung;
use EvenRungs\Session\Item;
use Symfony\Component\Yaml\Yaml;

/** The library as shipped, for tests that speak of real rungs. */
final class ShippedLibrary
{
    private static ?Library $library = null;

    private static ?Solver $solver = null;

    public static function get(): Library
    {
        if (self::$library === null) {
            $ladders = [];
            $folder = dirname(__DIR__, 2).'/library';
            $poses = Stances::of((array) Yaml::parseFile($folder.'/poses.yaml'));
            foreach (glob($folder.'/ladders/*.yaml') ?: [] as $file) {
                $ladders[] = LadderReader::readWhole((array) Yaml::parseFile($file), $poses);
            }
            self::$library = Library::of($ladders, 'test', Names::of((array) Yaml::parseFile($folder.'/names.yaml')));
        }

        return self::$library;
    }

    /** One for all tests: what was set on its supports once is not set there again. */
    public static function solver(): Solver
    {
        return self::$solver ??= new Solver;
    }

    public static function rung(string $slug): Rung
    {
        return self::get()->rung($slug);
    }

    public static function item(string $slug, string $line, string $id = '', Side $first = Side::Left): Item
    {
        $rung = self::rung($slug);

        return new Item($id === '' ? $slug : $id, $rung, DoseLine::parse($line, $rung->sidedness), $first);
    }
}
