<?php

declare(strict_types=1);

namespace EvenRungs\Dose;

use EvenRungs\Body\Side;
use EvenRungs\Body\Sidedness;
use EvenRungs\Method\Counting;

/**
 * The typed dose line and its mirror image, the printer.
 *
 *     SETSxBODY [+EXTRA left|right] [+OPTIONAL] [RANGE] [TEMPO] [rREST] [@LOADkg | @PULL]
 *
 * BODY is `N`, `Ns`, `Nm`, `(NxNs/GAP)`, falling `(6-5-4xNs/GAP)`, gathered `(120s by 45s/30)`,
 * each with an optional `/side`, or `/left` or `/right` where only one side works; timed `Ns on`; open `max~EST` with an optional `<=CAP`.
 * Repetitions may also be counted in `pairs` or `moves`; `+1` is one more set if the last was clean, `+1 left` one
 * more set of the left side alone; RANGE is `45cm`, or `third`, `half` or `whole`, on rungs that have one. PULL of a band is `light`, `middle`, `strong` or newtons such as `80N`.
 * Spaces and × are accepted; the printer writes one form, and parse(print(dose)) is the same dose,
 * whichever way repetitions are counted.
 */
final class DoseLine
{
    /** A record says the same few lines hundreds of times. */
    private const REMEMBERED = 500;

    /** @var array<string, Dose> read before, by how and what */
    private static array $remembered = [];

    private int $at = 0;

    /** How the sides are written; null until something says so. */
    private ?Counting $sides = null;

    /** The one side that works; null until something says so. */
    private ?Side $only = null;

    private int $extra = 0;

    private ?Side $extraSide = null;

    private ?Range $range = null;

    private ?Pull $pull = null;

    private function __construct(private readonly string $line, private readonly bool $twoSides, private readonly Counting $counting) {}

    /**
     * Reads a line for a rung of the given sidedness: one-sided rungs need `/side`, two-sided ones refuse
     * it, and for alternating ones a plain count is the count of each side. Where repetitions are counted in
     * pairs or movements, a plain count is one of these.
     *
     * @throws InvalidDoseLine with the position at which reading stopped
     * @throws InvalidTempo
     * @throws InvalidDose     when a number is out of bounds
     */
    public static function parse(string $line, Sidedness $sidedness, Counting $counting = Counting::EachSide): Dose
    {
        $said = "{$sidedness->value} {$counting->name} {$line}";
        if (count(self::$remembered) > self::REMEMBERED) {
            self::$remembered = [];
        }

        // A dose is never changed, so that the same one can be given again.
        return self::$remembered[$said] ??= self::readFor($line, $sidedness, $counting);
    }

    /**
     * @throws InvalidDoseLine
     * @throws InvalidTempo
     * @throws InvalidDose
     */
    private static function readFor(string $line, Sidedness $sidedness, Counting $counting): Dose
    {
        if (strlen($line) > 120) {
            throw InvalidDoseLine::at(120, 'A dose line has at most 120 characters.');
        }
        $reader = new self(str_replace(['×', '–', '≤'], ['x', '-', '<='], $line), $sidedness->countsEachSide(), $counting);
        $dose = $reader->read()->withRange($reader->range)->withPull($reader->pull);
        $aside = $reader->only ?? $reader->extraSide;
        if ($sidedness === Sidedness::Both && $aside !== null) {
            throw InvalidDoseLine::at($reader->sidesAt(), 'Both sides work at once here: leave out “'.($reader->only === null ? "+{$reader->extra} {$aside->value}" : "/{$aside->value}").'”.');
        }
        if ($dose->first() instanceof Timed) {
            return $reader->withSides($dose);
        }
        $plain = $reader->sides === null;
        $example = $dose->unit() === Unit::Reps ? '2x10/side' : '2x20s/side';

        return match (true) {
            $sidedness === Sidedness::Both && ! $plain => throw InvalidDoseLine::at($reader->sidesAt(), 'Both sides work at once here: leave out “/side”.'),
            $sidedness === Sidedness::Both => $dose,
            $sidedness === Sidedness::OneSided && $plain && ($counting === Counting::EachSide || $dose->unit() !== Unit::Reps) => throw InvalidDoseLine::at(mb_strlen($line), "This exercise is done one side at a time: add “/side”, such as {$example}."),
            default => $reader->withSides($dose->eachSide(true)),
        };
    }

    /** @throws InvalidDose */
    private function withSides(Dose $dose): Dose
    {
        if ($this->only !== null && $this->extraSide !== null) {
            throw InvalidDose::because("Only the {$this->only->value} side works here: write its sets, without “+{$this->extra} {$this->extraSide->value}”.");
        }
        $dose = $this->only === null ? $dose : $dose->onlyOn($this->only);

        return $this->extraSide === null ? $dose : $dose->withExtra($this->extra, $this->extraSide);
    }

    public static function print(Dose $dose, Counting $counting = Counting::EachSide): string
    {
        return ($dose->isFalling() ? '' : "{$dose->sets()}x").self::printWork($dose, $counting)
            .($dose->extraSide === null ? '' : " +{$dose->extraSets} {$dose->extraSide->value}")
            .($dose->optionalSets === 0 ? '' : " +{$dose->optionalSets}")
            .self::printConditions($dose);
    }

    /** What one set is, where the sets are counted beside it; falling counts stay together. Not a line that can be read again. */
    public static function printOneSet(Dose $dose, Counting $counting = Counting::EachSide): string
    {
        return preg_replace('/^\(([^()]*)\)/', '$1', self::printWork($dose, $counting)).self::printConditions($dose);
    }

    /** Repetitions, holds or metres, and whether they are for each side. */
    private static function printWork(Dose $dose, Counting $counting): string
    {
        $first = $dose->first();
        $counted = $dose->perSide && $dose->only === null && $dose->unit() === Unit::Reps ? $counting : Counting::EachSide;
        $work = $dose->isFalling() && $first instanceof Holds ? self::printFalling($dose, $first) : self::printBody($first, $counted);

        return $work.match (true) {
            $dose->only !== null => "/{$dose->only->value}",
            $dose->perSide => $counted->suffix(),
            default => '',
        };
    }

    /** Range, tempo, rest, load and pull, which hold for every set. */
    private static function printConditions(Dose $dose): string
    {
        $line = $dose->range === null ? '' : " {$dose->range->print()}";
        $line .= $dose->tempo === null ? '' : ' '.$dose->tempo->print();
        $line .= $dose->restSeconds === null ? '' : " r{$dose->restSeconds}";
        $line .= $dose->loadGrams === null ? '' : ' @'.self::kilograms($dose->loadGrams).'kg';
        $line .= $dose->pull === null ? '' : " @{$dose->pull->print()}";

        return $line;
    }

    /** 12500 g as `12.5`. */
    public static function kilograms(int $grams): string
    {
        $rest = $grams % 1000;

        return intdiv($grams, 1000).($rest === 0 ? '' : '.'.rtrim(sprintf('%03d', $rest), '0'));
    }

    private static function printBody(SetBody $body, Counting $counting): string
    {
        return match (true) {
            $body instanceof Holds => $body->count === 1 ? "{$body->seconds}s" : "({$body->count}x{$body->seconds}s/{$body->gapSeconds})",
            $body instanceof AccumulatedHold => "({$body->totalSeconds}s by {$body->boutSeconds}s/{$body->gapSeconds})",
            $body instanceof Carry => "{$body->metres}m",
            $body instanceof Timed => "{$body->seconds}s on",
            $body instanceof Open => 'max~'.$counting->written($body->estimate).self::suffix($body).($body->cap === null ? '' : '<='.$counting->written($body->cap).self::suffix($body)),
            default => (string) $counting->written($body->target()),
        };
    }

    private static function suffix(Open $open): string
    {
        return $open->unit() === Unit::Seconds ? 's' : '';
    }

    private static function printFalling(Dose $dose, Holds $first): string
    {
        $counts = array_map(static fn(SetBody $body): string => $body instanceof Holds ? (string) $body->count : '', $dose->bodies);

        return '('.implode('-', $counts)."x{$first->seconds}s/{$first->gapSeconds})";
    }

    private function read(): Dose
    {
        if ($this->atEnd()) {
            throw InvalidDoseLine::at(0, 'Write a dose, such as 3x10/side 3-1-3-1 r45, 3x(4x10s/5) or 2x20m.');
        }
        $falling = $this->take('\(\s*(\d+(?:\s*-\s*\d+)+)\s*x\s*(\d+)\s*s(?:\s*\/\s*(\d+))?\s*\)');
        if ($falling !== null) {
            $counts = array_map(self::whole(...), (array) preg_split('/\s*-\s*/', $falling[1] ?? ''));
            [$tempo, $rest, $load, $optional] = $this->tail();

            return Dose::falling($counts, self::whole($falling[2] ?? ''), self::whole($falling[3] ?? '5'), $this->sides !== null, $tempo, $rest, $load, $optional);
        }
        $sets = $this->take('(\d+)\s*x\s*(?=[\d(m])');
        $body = $this->body();
        [$tempo, $rest, $load, $optional] = $this->tail();

        return Dose::of($sets === null ? 1 : self::whole($sets[1] ?? ''), $body, $this->sides !== null && ($this->only === null || ! $body instanceof Timed), $tempo, $rest, $load, $optional);
    }

    private function body(): SetBody
    {
        if ($found = $this->take('\(\s*(\d+)\s*s\s*by\s*(\d+)\s*s(?:\s*\/\s*(\d+))?\s*\)')) {
            return AccumulatedHold::of(self::whole($found[1] ?? ''), self::whole($found[2] ?? ''), self::whole($found[3] ?? '30'));
        }
        if ($found = $this->take('\(\s*(\d+)\s*x\s*(\d+)\s*s(?:\s*\/\s*(\d+))?\s*\)')) {
            return Holds::of(self::whole($found[1] ?? ''), self::whole($found[2] ?? ''), self::whole($found[3] ?? '5'));
        }
        if ($found = $this->take('max\s*~\s*(\d+)\s*(s(?![a-z]))?(?:\s*<=\s*(\d+)\s*(?:s(?![a-z]))?)?')) {
            $unit = ($found[2] ?? '') === '' ? Unit::Reps : Unit::Seconds;

            $counting = $unit === Unit::Reps ? $this->countingHere() : Counting::EachSide;

            return Open::of($counting->eachSide(self::whole($found[1] ?? '')), isset($found[3]) ? $counting->eachSide(self::whole($found[3])) : null, $unit);
        }
        if ($found = $this->take('(\d+)\s*s\s*on(?![a-z])')) {
            return Timed::of(self::whole($found[1] ?? ''));
        }
        if ($found = $this->take('(\d+)\s*s(?![a-z])')) {
            return Holds::of(1, self::whole($found[1] ?? ''), 0);
        }
        if ($found = $this->take('(\d+)\s*m(?![a-z])')) {
            return Carry::of(self::whole($found[1] ?? ''));
        }
        if ($found = $this->take('(\d+)(?![\d.,a-z])')) {
            return Reps::of($this->countingHere()->eachSide(self::whole($found[1] ?? '')));
        }
        throw InvalidDoseLine::at($this->position(), $this->atEnd()
            ? 'After the sets comes what a set is: 10 (repetitions), 30s, (4x10s/5) or 20m.'
            : "“{$this->left()}” is not a set: write 10 (repetitions), 30s, (4x10s/5) or 20m.");
    }

    /** How the count just read is meant: by the word behind it, else by the way repetitions are counted here. */
    private function countingHere(): Counting
    {
        $rest = substr($this->line, $this->at);

        return match (true) {
            ! $this->twoSides => Counting::EachSide,
            preg_match('/^\s*\/\s*(?:side|left|right)/i', $rest) === 1 => Counting::EachSide,
            preg_match('/^\s*pairs?(?![a-z])/i', $rest) === 1 => Counting::Pairs,
            preg_match('/^\s*move(?:ment)?s?(?![a-z])/i', $rest) === 1 => Counting::Moves,
            default => $this->counting,
        };
    }

    private function sidesAt(): int
    {
        preg_match('/\/\s*(?:side|left|right)|pair|move|\+\s*\d+\s*(?:left|right)/i', $this->line, $found, PREG_OFFSET_CAPTURE);

        return mb_strlen(substr($this->line, 0, $found[0][1] ?? 0));
    }

    /** @return array{?Tempo, ?int, ?int, int} tempo, rest in seconds, load in grams, optional sets */
    private function tail(): array
    {
        $one = $this->take('\/\s*(left|right)(?![a-z])');
        $this->only = $one === null ? null : Side::from(strtolower($one[1] ?? ''));
        $this->sides = match (true) {
            $this->only !== null => Counting::EachSide,
            $this->take('\/\s*side(?![a-z])') !== null => Counting::EachSide,
            $this->take('pairs?(?![a-z])') !== null => Counting::Pairs,
            $this->take('move(?:ment)?s?(?![a-z])') !== null => Counting::Moves,
            default => null,
        };
        $tempo = $rest = $load = null;
        $optional = 0;
        while (! $this->atEnd()) {
            if ($this->extraSide === null && ($found = $this->take('\+\s*([1-9]\d*)\s*(left|right)(?![a-z])')) !== null) {
                $this->extra = self::whole($found[1] ?? '');
                $this->extraSide = Side::from(strtolower($found[2] ?? ''));
            } elseif ($optional === 0 && ($found = $this->take('\+\s*([1-9]\d*)(?![\d.,a-z])')) !== null) {
                $optional = self::whole($found[1] ?? '');
            } elseif ($this->range === null && ($found = $this->take('(\d+)\s*cm(?![a-z])')) !== null) {
                $this->range = Range::ofCentimetres(self::whole($found[1] ?? ''));
            } elseif ($this->range === null && ($found = $this->take('(third|half|whole)(?![a-z])')) !== null) {
                $this->range = Range::part(RangePart::from(strtolower($found[1] ?? '')));
            } elseif ($tempo === null && $rest === null && ($found = $this->take('([^\s@-]*(?:-[^\s@-]*)+)')) !== null) {
                $tempo = Tempo::parse($found[1] ?? '');
            } elseif ($rest === null && ($found = $this->take('r\s*(\d+)(?![\d.,a-z])')) !== null) {
                $rest = self::whole($found[1] ?? '');
            } elseif ($load === null && $this->pull === null && ($found = $this->take('@\s*(light|middle|strong|\d{1,6}\s*N)(?![a-z])')) !== null) {
                $this->pull = Pull::parse($found[1] ?? '');
            } elseif ($load === null && $this->pull === null && ($found = $this->take('@\s*(\d{1,4})(?:[.,](\d{1,3}))?\s*kg(?![a-z])')) !== null) {
                $load = 1000 * self::whole($found[1] ?? '') + (int) str_pad($found[2] ?? '', 3, '0');
            } else {
                throw InvalidDoseLine::at($this->position(), "“{$this->left()}” cannot be read here: ".$this->hint());
            }
        }

        return [$tempo, $rest, $load, $optional];
    }

    /** What the writer may have meant by what is left. */
    private function hint(): string
    {
        $left = strtolower($this->left());

        return match (true) {
            preg_match('/^\d+(?:[.,]\d+)?\s*kg/', $left) === 1 => 'a load is written @12kg.',
            preg_match('/^\d+\s*(?:s|sec|seconds)\b/', $left) === 1 => 'a rest is written r45.',
            preg_match('/^(?:rest|pause)\b/', $left) === 1 => 'a rest is written r45, in seconds.',
            preg_match('/^(?:each|per|a)\s+side|^sides?\b|^e\/s\b/', $left) === 1 => 'for each side write /side, such as 2x10/side.',
            preg_match('/^(?:left|right)\b/', $left) === 1 => 'for one side only write /left or /right behind the set, for an extra set of it +1 left.',
            preg_match('/^(?:reps?|repetitions)\b/', $left) === 1 => 'leave the word out; a plain number is repetitions.',
            preg_match('/^(?:light|middle|strong|\d+\s*n)\b/', $left) === 1 => 'the pull of a band is written @light, @middle, @strong or @80N.',
            preg_match('/^(?:kg|lbs?|pounds)/', $left) === 1 => 'a load is written @12kg, in kilograms.',
            default => 'after the set come /side (or /left, /right), +1 for an optional set, a range such as 45cm where the exercise has one, a tempo such as 3-1-3-1, a rest such as r45, a load such as @12kg or the pull of a band such as @light or @80N.',
        };
    }

    /** @return array<int, string>|null the groups, when the pattern stands here */
    private function take(string $pattern): ?array
    {
        if (preg_match('/\G\s*'.$pattern.'/i', $this->line, $found, PREG_UNMATCHED_AS_NULL, $this->at) !== 1) {
            return null;
        }
        $this->at += strlen((string) $found[0]);

        $groups = [];
        foreach ($found as $number => $group) {
            if (is_int($number) && $group !== null) {
                $groups[$number] = $group;
            }
        }

        return $groups;
    }

    /** Numbers of more digits than any dose has stay out of bounds instead of overflowing. */
    private static function whole(string|false $digits): int
    {
        return strlen((string) $digits) > 9 ? 999_999_999 : (int) $digits;
    }

    private function atEnd(): bool
    {
        return trim(substr($this->line, $this->at)) === '';
    }

    private function left(): string
    {
        return mb_substr(trim(substr($this->line, $this->at)), 0, 24);
    }

    private function position(): int
    {
        $space = strlen($this->line) - $this->at - strlen(ltrim(substr($this->line, $this->at)));

        return mb_strlen(substr($this->line, 0, $this->at + $space));
    }
}
