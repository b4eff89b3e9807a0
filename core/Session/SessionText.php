<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Body\Sidedness;
use EvenRungs\Dose\Dose;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\InvalidDoseLine;
use EvenRungs\Dose\Range;
use EvenRungs\Dose\RangePart;
use EvenRungs\Dose\Timed;
use EvenRungs\Ladder\NameIndex;
use EvenRungs\Ladder\Rung;
use EvenRungs\Method\Method;
use EvenRungs\Reason\Refusal;

/**
 * A whole session as lines of text, typed or pasted, and its printer.
 *
 *     # Monday, after practice
 *     Primer
 *     brace all round
 *     Main part
 *     front plank knees 3x(4x10s/5) r30
 *     2x{
 *       side bridge knees 20s/side r20
 *       press-out standing 10/side
 *     } r45
 *     6 stations 60/30 x2: dead-bug; side bridge; …
 *
 * A line is a name and a dose; without a dose the default is taken. In `Nx{ … }` a dose without sets is done in every
 * round, and its rest is the gap after the station. `STATIONS WORK/REST xROUNDS` takes that many exercises by the
 * clock. Lines may also be parted by `;`.
 */
final class SessionText
{
    private const MOST_CHARACTERS = 8000;

    private const MOST_EXERCISES = 40;

    /** Blank ones left out; no session has more, and each name is looked for in the whole library. */
    private const MOST_LINES = 120;

    /** A name and a dose; every word of a line is looked at as the place where the dose may begin. */
    private const MOST_IN_A_LINE = 240;

    /** Gap and rest between rounds where nothing is written (our own choice). */
    private const GAP_SECONDS = 20;

    private const ROUND_REST_SECONDS = 45;

    private ?string $title = null;

    private Part $part = Part::Main;

    /** @var list<WrittenBlock> */
    private array $blocks = [];

    /** @var list<TextLine> */
    private array $lines = [];

    private int $exercises = 0;

    /** @var array{rounds: int, left: int|null, work: int|null, gap: int, rest: int, items: list<WrittenItem>, gaps: list<int>, line: int}|null the circuit being read */
    private ?array $circuit = null;

    /** @param array<string, Rung> $working working rung by ladder of the person written for */
    private function __construct(private readonly NameIndex $names, private readonly array $working, private readonly Method $method) {}

    /**
     * @param array<string, Rung> $working working rung by ladder of the person written for
     *
     * @return array{title: string|null, blocks: list<WrittenBlock>, lines: list<TextLine>} what could not be read keeps its line
     */
    public static function read(string $text, NameIndex $names, array $working, Method $method): array
    {
        $reader = new self($names, $working, $method);
        foreach (self::pieces(mb_substr($text, 0, self::MOST_CHARACTERS)) as $at => [$number, $piece]) {
            if ($at === self::MOST_LINES) {
                $reader->lines[] = new TextLine($number, $piece, problem: 'A session has at most '.self::MOST_LINES.' lines: the rest was left out.');
                break;
            }
            $reader->piece($number, $piece);
        }
        $reader->endCircuit();
        if (mb_strlen($text) > self::MOST_CHARACTERS) {
            $reader->lines[] = new TextLine(substr_count($text, "\n") + 1, '', problem: 'A session in text has at most 8000 characters: the rest was left out.');
        }
        // Primer, main part and finisher in their order, whatever order they were typed in.
        usort($reader->blocks, static fn(WrittenBlock $a, WrittenBlock $b): int => $a->part->place() <=> $b->part->place());

        return ['title' => $reader->title, 'blocks' => $reader->blocks, 'lines' => $reader->lines];
    }

    public static function print(Session $session, Method $method, string $title = ''): string
    {
        $lines = $title === '' ? [] : ["# {$title}"];
        $part = null;
        foreach ($session->blocks as $block) {
            if ($part !== $block->part() && ($part !== null || $block->part() !== Part::Main)) {
                $lines[] = $block->part()->label();
            }
            $part = $block->part();
            $lines = [...$lines, ...($block instanceof Circuit ? self::circuitLines($block, $method) : [self::exercise($block->items()[0], $method)])];
        }

        return implode("\n", $lines)."\n";
    }

    /** @return list<string> */
    private static function circuitLines(Circuit $circuit, Method $method): array
    {
        $lines = ["{$circuit->rounds()}x{"];
        foreach ($circuit->stations as $index => $item) {
            $gap = isset($circuit->gapSeconds[$index]) ? " r{$circuit->gapSeconds[$index]}" : '';
            $lines[] = '  '.$item->rung->name.' '.DoseLine::print($item->dose->withRest(null), $method->counting()).$gap;
        }

        return [...$lines, "} r{$circuit->roundRestSeconds}"];
    }

    private static function exercise(Item $item, Method $method): string
    {
        return $item->rung->name.' '.DoseLine::print($item->dose, $method->counting());
    }

    /** @return list<array{int, string}> number of the line, and a piece of it */
    private static function pieces(string $text): array
    {
        $pieces = [];
        foreach ((array) preg_split('/\R/u', $text) as $index => $line) {
            $line = (string) preg_replace(['/\{/', '/\}/'], ["{\n", "\n}"], (string) $line);
            // The stations of a clock circuit may follow its colon on the same line.
            $line = (string) preg_replace('/^(\s*\d+\s*stations?[^:]*):/iu', "$1\n", $line);
            foreach ((array) preg_split('/[;\n]/u', $line) as $piece) {
                if (trim((string) $piece) !== '') {
                    $pieces[] = [$index + 1, trim((string) $piece)];
                }
            }
        }

        return $pieces;
    }

    private function piece(int $number, string $piece): void
    {
        if (mb_strlen($piece) > self::MOST_IN_A_LINE) {
            $this->lines[] = new TextLine($number, mb_substr($piece, 0, self::MOST_IN_A_LINE), problem: 'A line has at most '.self::MOST_IN_A_LINE.' characters: a name and its dose.');

            return;
        }
        if (preg_match('/^#\s*(.+)$/u', $piece, $found) === 1) {
            $this->title = mb_substr(trim($found[1]), 0, 120);
            $this->lines[] = new TextLine($number, $piece);
        } elseif (preg_match('/^(primer|main(?:\s+part)?|finisher)\s*:?$/i', $piece, $found) === 1) {
            $this->endCircuit();
            $this->part = Part::from(strtolower(strtok($found[1], ' ')));
            $this->lines[] = new TextLine($number, $piece);
        } elseif (preg_match('/^(\d+)\s*stations?\s+(\d+)\s*s?\s*\/\s*(\d+)\s*s?\s*[x×]\s*(\d+)(?:\s*rounds?)?(?:\s+r\s*(\d+))?$/iu', $piece, $found) === 1) {
            $this->endCircuit();
            $this->begin($number, $piece, (int) $found[4], (int) $found[1], (int) $found[2], (int) $found[3], (int) ($found[5] ?? $found[3]));
        } elseif (preg_match('/^(\d+)\s*[x×]\s*\{$/iu', $piece, $found) === 1) {
            $this->endCircuit();
            $this->begin($number, $piece, (int) $found[1], null, null, self::GAP_SECONDS, self::ROUND_REST_SECONDS);
        } elseif (preg_match('/^\}\s*(?:r\s*(\d+))?$/i', $piece, $found) === 1) {
            $this->lines[] = new TextLine($number, $piece, problem: $this->circuit === null ? 'There is no circuit to end here.' : null);
            if ($this->circuit !== null && isset($found[1])) {
                $this->circuit['rest'] = min(600, (int) $found[1]);
            }
            $this->endCircuit();
        } else {
            $this->exerciseLine($number, $piece);
        }
    }

    private function begin(int $number, string $piece, int $rounds, ?int $stations, ?int $work, int $gap, int $rest): void
    {
        $problem = match (true) {
            $rounds < 1 || $rounds > 20 => "Rounds can be from 1 to 20, not {$rounds}.",
            $work !== null && ($work < 10 || $work > 1800) => "The seconds of a timed set can be from 10 to 1800, not {$work}.",
            $gap > 600 || $rest > 600 => 'A rest in a circuit can be from 0 to 600 seconds.',
            $stations !== null && $stations < 2 => 'A circuit needs at least two stations.',
            default => null,
        };
        $this->lines[] = new TextLine($number, $piece, problem: $problem);
        if ($problem === null) {
            $this->circuit = ['rounds' => $rounds, 'left' => $stations, 'work' => $work, 'gap' => $gap, 'rest' => $rest, 'items' => [], 'gaps' => [], 'line' => count($this->lines) - 1];
        }
    }

    private function endCircuit(): void
    {
        $circuit = $this->circuit;
        $this->circuit = null;
        if ($circuit === null) {
            return;
        }
        $count = count($circuit['items']);
        $missing = $circuit['left'];
        if (($missing !== null && $missing > 0) || $count < 2) {
            $line = $this->lines[$circuit['line']];
            $said = new TextLine($line->number, $line->text, problem: $count < 2 && $missing === null
                ? 'A circuit needs at least two stations.'
                : ($count === 1 ? 'One station is' : "{$count} stations are").' here, '.($missing + $count).' were announced.');
            array_splice($this->lines, $circuit['line'], 1, [$said]);
        }
        if ($count >= 2) {
            $this->blocks[] = new WrittenBlock(true, $circuit['items'], array_slice($circuit['gaps'], 0, $count - 1), $circuit['rest'], $this->part);
        } elseif ($count === 1) {
            $this->blocks[] = WrittenBlock::straight($circuit['items'][0], $this->part);
        }
    }

    private function exerciseLine(int $number, string $piece): void
    {
        if ($this->exercises >= self::MOST_EXERCISES) {
            $this->lines[] = new TextLine($number, $piece, problem: 'A session has at most 40 exercises.');

            return;
        }
        [$name, $dose] = $this->split($piece);
        [$plain, $range] = self::rangeIn($name);
        $match = $this->names->find($plain, $this->working);
        if (($match->choices[0] ?? null)?->range === null) {
            // The number belongs to the name of something that has no range.
            [$match, $range] = [$this->names->find($name, $this->working), null];
        }
        $rung = $match->choices[0] ?? null;
        if ($rung === null) {
            $this->lines[] = new TextLine($number, $piece, dose: $dose, problem: "No exercise is called anything like “{$name}”.", position: 0);

            return;
        }
        $this->exercises++;
        [$line, $gap, $problem, $position] = $this->dose($dose, $rung, $range);
        $this->lines[] = new TextLine($number, $piece, $rung, $match->sure ? [] : $match->choices, $dose, $problem, $position === null ? null : mb_strlen($piece) - mb_strlen($dose) + $position, $line);
        $item = new WrittenItem("line-{$number}-{$this->exercises}", $rung->slug, $line);
        if ($this->circuit === null) {
            $this->blocks[] = WrittenBlock::straight($item, $this->part);

            return;
        }
        $this->circuit['items'][] = $item;
        $this->circuit['gaps'][] = $gap ?? $this->circuit['gap'];
        if ($this->circuit['left'] !== null && --$this->circuit['left'] === 0) {
            $this->endCircuit();
        }
    }

    /**
     * The dose of a line in its place: line, gap after the station where it has one, and what cannot be read.
     *
     * @return array{string, int|null, string|null, int|null}
     */
    private function dose(string $typed, Rung $rung, ?Range $range): array
    {
        $circuit = $this->circuit;
        if ($circuit !== null && preg_match('/^(\d+)\s*s?\s*\/\s*(\d+)\s*s?$/i', $typed, $found) === 1) {
            return ["{$circuit['rounds']}x{$found[1]}s on", min(600, (int) $found[2]), null, null];
        }
        if ($typed === '') {
            $default = $rung->defaultDose($this->method);
            $dose = match (true) {
                $circuit === null => $default,
                $circuit['work'] !== null => Dose::of($circuit['rounds'], Timed::of($circuit['work'])),
                default => $default->isFalling() ? $default : $default->withSets($circuit['rounds']),
            };

            return [DoseLine::print($range === null || $rung->range?->holds($range) !== true ? $dose : $dose->withRange($range)), null, null, null];
        }
        $hasSets = preg_match('/^\d+\s*[x×]|^\(\s*\d+\s*-/iu', $typed) === 1;
        $before = $circuit === null || $hasSets ? '' : "{$circuit['rounds']}x";
        try {
            $dose = DoseLine::parse($before.$typed, $rung->sidedness, $this->method->counting());
            $dose = (new Item('read', $rung, $dose->range === null ? $dose->withRange($range) : $dose))->dose;
        } catch (Refusal $problem) {
            return [$before.$typed, null, $problem->getMessage(), $problem instanceof InvalidDoseLine ? max(0, $problem->position - mb_strlen($before)) : null];
        }

        return $circuit === null ? [DoseLine::print($dose), null, null, null] : [DoseLine::print($dose->withRest(null)), $dose->restSeconds, null, null];
    }

    /**
     * A range that stands in the name, such as “wheel, 45 cm range”.
     *
     * @return array{string, Range|null} the name without it
     */
    private static function rangeIn(string $name): array
    {
        if (preg_match('/,?\s*\b(\d{1,3})\s*cm\b(?:\s+range)?/iu', $name, $found) === 1 && (int) $found[1] >= 5 && (int) $found[1] <= 300) {
            return [str_replace($found[0], '', $name), Range::ofCentimetres((int) $found[1])];
        }
        if (preg_match('/,?\s*\b(third|half|whole|full)(?:\s+(?:the\s+)?(?:range|way))\b/iu', $name, $found) === 1) {
            return [str_replace($found[0], '', $name), Range::part(RangePart::tryFrom(strtolower($found[1])) ?? RangePart::Whole)];
        }

        return [$name, null];
    }

    /**
     * Where the name ends and the dose begins: names have numbers in them too, so the first place counts from which
     * the rest reads as a dose.
     *
     * @return array{string, string}
     */
    private function split(string $piece): array
    {
        $first = null;
        foreach ($this->wordStarts($piece) as $at) {
            $rest = substr($piece, $at);
            if (preg_match('/^(?:\d+\s*[x×]\s*[\d(m]|\(\s*\d|max\s*~|\d+\s*(?:s|m)?\s*(?:\/|on\b|pairs?\b|moves?\b|r\s*\d|@|\+\d|\d+-|$))/iu', $rest) !== 1) {
                continue;
            }
            $parts = [rtrim(substr($piece, 0, $at), " \t,:"), $rest];
            if (($this->circuit !== null && preg_match('/^\d+\s*s?\s*\/\s*\d+\s*s?$/i', $rest) === 1) || self::readsAsDose($rest)) {
                return $parts;
            }
            // Sets and a cross, or a bracket, are meant as a dose even where it cannot be read.
            if ($first === null && preg_match('/^(?:\d+\s*[x×]|\(|max)/iu', $rest) === 1) {
                $first = $parts;
            }
        }

        return $first ?? [$piece, ''];
    }

    /** @return list<int> offsets of the words after the first */
    private function wordStarts(string $piece): array
    {
        preg_match_all('/(?<=\s)\S/u', $piece, $found, PREG_OFFSET_CAPTURE);

        return array_map(static fn(array $word): int => $word[1], $found[0]);
    }

    private static function readsAsDose(string $rest): bool
    {
        foreach ([Sidedness::OneSided, Sidedness::Both] as $sidedness) {
            try {
                DoseLine::parse($rest, $sidedness, \EvenRungs\Method\Counting::Pairs);

                return true;
            } catch (Refusal) {
                continue;
            }
        }

        return false;
    }
}
