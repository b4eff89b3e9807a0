<?php

declare(strict_types=1);

namespace EvenRungs\Program;

use EvenRungs\Calendar\Day;

/** What is different between two versions of a week. */
final readonly class WeekChange
{
    /**
     * @param array<string, string> $cells    by ladder, what changes there
     * @param bool                  $sessions whether the sessions hold other sets
     * @param string|null           $week     what changes for the week as a whole
     */
    private function __construct(public Day $monday, public array $cells, public bool $sessions, public ?string $week) {}

    /**
     * Each week in either version that is not the same in both, in order of time.
     *
     * @param list<WrittenWeek>         $before
     * @param list<WrittenWeek>         $after
     * @param \Closure(string): string  $name   of a rung by its slug
     *
     * @return list<self>
     */
    public static function between(array $before, array $after, \Closure $name): array
    {
        $weeks = [];
        foreach ([0 => $before, 1 => $after] as $side => $all) {
            foreach ($all as $week) {
                $weeks[$week->monday->iso()][$side] = $week;
            }
        }
        ksort($weeks);
        $changes = [];
        foreach ($weeks as $pair) {
            $change = self::of($pair[0] ?? null, $pair[1] ?? null, $name);
            if ($change->cells !== [] || $change->sessions || $change->week !== null) {
                $changes[] = $change;
            }
        }

        return $changes;
    }

    /** @param \Closure(string): string $name */
    private static function of(?WrittenWeek $before, ?WrittenWeek $after, \Closure $name): self
    {
        $monday = $after->monday ?? $before->monday ?? throw new \LogicException('One of the two weeks is there.');
        $cells = [];
        foreach (array_keys([...$before->cells ?? [], ...$after->cells ?? []]) as $ladder) {
            [$was, $is] = [$before->cells[$ladder] ?? null, $after->cells[$ladder] ?? null];
            $said = match (true) {
                $was === null && $is !== null => $before === null ? null : "“{$name($is->rung)}” comes in, {$is->dose}.",
                $is === null => $was === null || $after === null ? null : "“{$name($was->rung)}” goes.",
                $was->rung !== $is->rung => "“{$name($was->rung)}” becomes “{$name($is->rung)}”, {$is->dose}.",
                $was->dose !== $is->dose => "{$was->dose} becomes {$is->dose}.",
                default => null,
            };
            $sets = $was !== null && $is !== null && $was->sets !== $is->sets ? "{$was->sets} becomes {$is->sets} ".($is->sets === 1 ? 'set' : 'sets').' in the week.' : null;
            if ($said !== null || $sets !== null) {
                $cells[$ladder] = trim("{$said} {$sets}");
            }
        }

        return new self($monday, $cells, ($before->sessions ?? []) != ($after->sessions ?? []), match (true) {
            $before === null => 'A new week.',
            $after === null => 'The week falls away.',
            $before->kind !== $after->kind => match ($after->kind) {
                WeekKind::Away => 'A week away.',
                WeekKind::Easier => 'It becomes an easier week.',
                WeekKind::Build => 'It becomes an ordinary week.',
            },
            default => null,
        });
    }
}
