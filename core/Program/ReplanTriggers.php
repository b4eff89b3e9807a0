<?php

declare(strict_types=1);

namespace EvenRungs\Program;

use EvenRungs\Body\Height;
use EvenRungs\Calendar\Day;
use EvenRungs\Ladder\Rung;
use EvenRungs\Progress\FirstDose;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Reason\Words;
use EvenRungs\Week\Weekday;

/** What has changed in a person's life since a program was made, and which of its weeks that touches. */
final readonly class ReplanTriggers
{
    private const ANEW = 'A new plan from today.';

    /** From here on a plan that says something else is far from where the person stands (our own choice). */
    private const FAR_TENTHS = 10;

    /**
     * @param list<WrittenWeek> $weeks   all of it, those behind among them
     * @param list<int>         $days    training days now, 1 Monday to 7 Sunday
     * @param list<string>      $away    Mondays of weeks away, as dates
     * @param list<string>      $trained Mondays of weeks in which anything was done, as dates
     * @param int               $together sessions a week with a squad, now
     */
    private function __construct(private array $weeks, private WrittenRequest $wish, private StartingPoint $standing, private Day $monday, private array $days, private array $away, private array $trained, private int $together) {}

    /**
     * @param list<WrittenWeek> $weeks
     * @param list<int>         $days
     * @param list<string>      $away
     * @param list<string>      $trained
     *
     * @return list<Reason> the most pressing first; none when the program still fits
     */
    public static function of(array $weeks, WrittenRequest $wish, StartingPoint $standing, Day $today, array $days, array $away, array $trained, int $together = 0): array
    {
        $breaks = new self($weeks, $wish, $standing, $today->monday(), $days, $away, $trained, $together);
        $ahead = array_values(array_filter($weeks, static fn(WrittenWeek $week): bool => ! $week->monday->isBefore($breaks->monday)));
        if ($ahead === []) {
            return [self::because('The program has run out: its last week is past.', ['weeks' => count($weeks)], 'A new program, from where the person stands now.')];
        }

        return [...$breaks->ruledOut($ahead), ...$breaks->missed(), ...$breaks->otherDays(), ...$breaks->weeksAway($ahead), ...$breaks->otherSquad(), ...$breaks->drift($ahead[0])];
    }

    /**
     * @param non-empty-list<WrittenWeek> $ahead
     *
     * @return list<Reason>
     */
    private function ruledOut(array $ahead): array
    {
        $reasons = [];
        foreach ($ahead as $week) {
            foreach ($week->cells as $ladder => $cell) {
                if ($cell->sets === 0 || isset($reasons[$cell->rung])) {
                    continue;
                }
                $from = "from the week of {$week->monday->inWords()} on";
                $rung = $this->standing->library->has($cell->rung) ? $this->standing->library->rung($cell->rung) : null;
                if ($rung === null) {
                    $reasons[$cell->rung] = self::because("A rung planned {$from} is not in the library any more.", ['rung' => $cell->rung]);
                } elseif (in_array($ladder, $this->standing->stopped, true)) {
                    $reasons[$cell->rung] = self::because("“{$rung->name}” is planned {$from}, and its ladder was stopped after pain.", [], 'The ladder reopened, or a new plan from today.');
                } elseif (! OpeningRungs::isOpen($this->standing, $rung)) {
                    $reasons[$cell->rung] = self::because("“{$rung->name}” is planned {$from}. {$this->standing->circumstances->rule($rung)->reasons[0]->sentence}");
                }
            }
        }

        return array_values($reasons);
    }

    /** @return list<Reason> */
    private function missed(): array
    {
        $last = $this->monday->plusDays(-7);
        foreach ($this->weeks as $week) {
            if ($week->monday->equals($last) && $week->kind !== WeekKind::Away && ! in_array($last->iso(), $this->trained, true)) {
                return [self::because('Nothing of last week was done; the program goes on as if it had been.', ['week from' => $last->inWords()], 'A new plan from today: it begins where the person stands, and the weeks that are left move on by one.')];
            }
        }

        return [];
    }

    /** @return list<Reason> */
    private function otherDays(): array
    {
        $planned = array_values(array_unique(array_map(static fn(ProgramSlot $slot): int => $slot->cell->day, $this->wish->slots)));
        $gone = array_diff($planned, $this->days);
        $new = array_diff($this->days, $planned);
        if ($gone === []) {
            return [];
        }
        $said = ['training days' => self::names($this->days)];
        $reasons = [self::because('The program has sessions on '.self::names($gone).', which '.(count($gone) === 1 ? 'is no training day any more.' : 'are no training days any more.'), $said, 'Another day for these sessions, and a new plan from today.')];

        return $new === [] ? $reasons : [...$reasons, self::because(self::names($new).(count($new) === 1 ? ' is a training day' : ' are training days').' without a session of the program.', $said, 'A session there, and a new plan from today.')];
    }

    /**
     * @param non-empty-list<WrittenWeek> $ahead
     *
     * @return list<Reason>
     */
    private function weeksAway(array $ahead): array
    {
        $reasons = [];
        foreach ($ahead as $week) {
            if ($week->kind !== WeekKind::Away && in_array($week->monday->iso(), $this->away, true)) {
                $reasons[] = self::because("The week of {$week->monday->inWords()} is away now; the program plans ".(count($week->sessions) === 1 ? 'one session' : count($week->sessions).' sessions').' in it.', [], 'A new plan from today: the weeks after it move on by one.');
            }
        }

        return $reasons;
    }

    /** @return list<Reason> */
    private function otherSquad(): array
    {
        $then = $this->wish->together;
        if ($then === $this->together) {
            return [];
        }
        $now = Words::counted($this->together, 'session');

        return [self::because(match (true) {
            $then === 0 => "The squad has {$now} a week that this program was made without: what is done there is not counted in it.",
            $this->together === 0 => 'The program counts on '.Words::counted($then, 'session').' a week with a squad, and there is none any more.',
            default => 'The program counts on '.Words::counted($then, 'session')." a week with a squad; by now there are {$this->together}.",
        }, ['made beside' => $then, 'now' => $this->together])];
    }

    /**
     * Where the person stands far from what this week's plan says. What is nearer needs no new plan: the week is written from
     * where they stand.
     *
     * @return list<Reason>
     */
    private function drift(WrittenWeek $week): array
    {
        $reasons = [];
        foreach ($this->standing->working as $ladder => $rung) {
            $cell = $week->cells[$ladder] ?? null;
            if ($cell === null || $cell->sets === 0 || $cell->locked || $cell->rung === $rung->slug || in_array($ladder, $this->standing->stopped, true) || ! $this->standing->library->has($cell->rung) || $this->leads($week, $cell, $rung)) {
                continue;
            }
            $planned = $this->standing->library->rung($cell->rung);
            $apart = $planned->height->above($rung->height);
            if (abs($apart) < self::FAR_TENTHS) {
                continue;
            }
            $reasons[] = self::because(
                "{$this->standing->library->ladder($ladder)->name}: the plan says “{$planned->name}” this week, the person stands on “{$rung->name}”, ".Height::tenthsLabel(abs($apart)).($apart > 0 ? ' lower.' : ' higher.'),
                ['planned' => $planned->height->label(), 'stands on' => $rung->height->label()],
                'This week is written from where the person stands; a new plan from today begins there for all weeks.',
            );
        }

        return $reasons;
    }

    /** Whether a rung stands in for the working one on purpose, since it is what should lead. */
    private function leads(WrittenWeek $week, WrittenCell $cell, Rung $working): bool
    {
        $phase = Phase::planned($this->standing->level(), max(1, $week->ofProgram), $this->wish->done + $this->wish->weeks);
        $method = $this->standing->circumstances->method;
        $planned = $this->standing->library->rung($cell->rung);

        return $planned->height->above($working->height) <= 0 && $phase->has($planned, FirstDose::half($planned, $method)->dose) && ! $phase->has($working, FirstDose::half($working, $method)->dose);
    }

    /** @param array<int, int> $days */
    private static function names(array $days): string
    {
        sort($days);

        return Words::all(array_map(Weekday::name(...), $days));
    }

    /** @param array<string, string|int> $inputs */
    private static function because(string $sentence, array $inputs = [], string $wouldChange = self::ANEW): Reason
    {
        return Reason::because(Rule::ProgramBreak, $sentence, $inputs, $wouldChange);
    }
}
