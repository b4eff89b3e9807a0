<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Database\QueryException;

/** What is written into the log of an error: where and which, and nothing of what people told. */
final class Told
{
    public static function of(\Throwable $error): string
    {
        $lines = [];
        for ($one = $error; $one !== null; $one = $one->getPrevious()) {
            $lines[] = $one::class.' ('.$one->getCode().') at '.$one->getFile().':'.$one->getLine().($one instanceof QueryException ? " in: {$one->getSql()}" : '');
        }
        foreach (array_slice($error->getTrace(), 0, 30) as $frame) {
            $lines[] = '  '.($frame['file'] ?? '').':'.($frame['line'] ?? '').' '.($frame['class'] ?? '').($frame['type'] ?? '').$frame['function'];
        }

        return implode("\n", $lines);
    }
}
