<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Program;
use EvenRungs\Body\Height;
use EvenRungs\Body\Side;
use EvenRungs\Ladder\UnknownRung;
use EvenRungs\Program\ProgramSlot;
use EvenRungs\Program\WeekKind;
use EvenRungs\Program\WrittenWeek;
use EvenRungs\Program\WrittenWish;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Week\Weekday;

/** What has changed in a person's life since a program was made, and which of its weeks that touches. */
final class ProgramBreaks
{
    /** @return list<Reason> the most pressing first; none when the program still fits */
    public static function of(ProgramAtHand $hand, Program $program): array
    {
        $monday = $hand->today()->monday();
        $ahead = array_values(array_filter(ProgramAtHand::weeksOf($program), static fn(WrittenWeek $week): bool => ! $week->monday->isBefore($monday)));
        if ($ahead === []) {
            return [Reason::because(Rule::ProgramRung, 'The program has run out: its last week is past.', ['weeks' => count($program->weeks)], 'A new program, from where the person stands now.')];
        }

        return [...self::ruledOut($hand, $ahead), ...self::missed($hand, $program), ...self::days($hand, $program), ...self::away($hand, $ahead), ...self::drift($hand, $ahead[0])];
    }

    /**
     * @param non-empty-list<WrittenWeek> $ahead
     *
     * @return list<Reason>
     */
    private static function ruledOut(ProgramAtHand $hand, array $ahead): array
    {
        $reasons = [];
        $dossier = $hand->dossier;
        foreach ($ahead as $week) {
            foreach ($week->cells as $ladder => $cell) {
                if ($cell->sets === 0 || isset($reasons[$cell->rung])) {
                    continue;
                }
                $from = 'from the week of '.$week->monday->inWords().' on';
                try {
                    $rung = $dossier->library->rung($cell->rung);
                } catch (UnknownRung) {
                    $reasons[$cell->rung] = Reason::because(Rule::ProgramRung, "A rung planned {$from} is not in the library any more.", ['rung' => $cell->rung], 'A new plan from today.');

                    continue;
                }
                $ruling = $dossier->circumstances()->rule($rung);
                if (in_array($ladder, $dossier->stoppedLadders(), true)) {
                    $reasons[$cell->rung] = Reason::because(Rule::ProgramRung, "“{$rung->name}” is planned {$from}, and its ladder was stopped after pain.", [], 'The ladder reopened, or a new plan from today.');
                } elseif (! $ruling->openOn(Side::Both)) {
                    $reasons[$cell->rung] = Reason::because(Rule::ProgramRung, "“{$rung->name}” is planned {$from}. {$ruling->reasons[0]->sentence}", [], 'A new plan from today.');
                }
            }
        }

        return array_values($reasons);
    }

    /** @return list<Reason> */
    private static function missed(ProgramAtHand $hand, Program $program): array
    {
        $last = $hand->today()->monday()->plusDays(-7);
        foreach (ProgramAtHand::weeksOf($program) as $week) {
            if ($week->monday->equals($last) && $week->kind !== WeekKind::Away && ! $hand->trained($week)) {
                return [Reason::because(Rule::ProgramRung, 'Nothing of last week was done; the program goes on as if it had been.', ['week from' => $last->inWords()], 'A new plan from today: it begins where the person stands, and the weeks that are left move on by one.')];
            }
        }

        return [];
    }

    /** @return list<Reason> */
    private static function days(ProgramAtHand $hand, Program $program): array
    {
        $slots = WrittenWish::read($program->wish)->slots;
        $trains = $hand->dossier->person->training_days;
        $planned = array_values(array_unique(array_map(static fn(ProgramSlot $slot): int => $slot->cell->day, $slots)));
        $gone = array_diff($planned, $trains);
        $new = array_diff($trains, $planned);
        $names = static fn(array $days): string => implode(', ', array_map(Weekday::name(...), $days));

        return array_values(array_filter([
            $gone === [] ? null : Reason::because(Rule::ProgramRung, 'The program has sessions on '.$names($gone).', which is not a training day any more.', ['training days' => $names($trains)], 'Another day for these sessions, and a new plan from today.'),
            $gone === [] || $new === [] ? null : Reason::because(Rule::ProgramRung, ucfirst($names($new)).' is a training day without a session of the program.', ['training days' => $names($trains)], 'A session there, and a new plan from today.'),
        ]));
    }

    /**
     * @param non-empty-list<WrittenWeek> $ahead
     *
     * @return list<Reason>
     */
    private static function away(ProgramAtHand $hand, array $ahead): array
    {
        $away = $hand->away($ahead[0]->monday);
        $reasons = [];
        foreach ($ahead as $week) {
            if ($week->kind !== WeekKind::Away && in_array($week->monday->iso(), $away, true)) {
                $reasons[] = Reason::because(Rule::ProgramRung, "The week of {$week->monday->inWords()} is away now; the program plans ".count($week->sessions).' sessions in it.', [], 'A new plan from today: the weeks after it move on by one.');
            }
        }

        return $reasons;
    }

    /**
     * Where the person stands elsewhere than this week's plan says.
     *
     * @return list<Reason>
     */
    private static function drift(ProgramAtHand $hand, WrittenWeek $week): array
    {
        $reasons = [];
        foreach ($hand->dossier->workingRungs() as $ladder => $rung) {
            $cell = $week->cells[$ladder] ?? null;
            if ($cell === null || $cell->locked || $cell->rung === $rung->slug || ! $hand->dossier->library->has($cell->rung)) {
                continue;
            }
            $planned = $hand->dossier->library->rung($cell->rung);
            $apart = $planned->height->above($rung->height);
            $reasons[] = Reason::because(
                Rule::ProgramRung,
                "{$hand->dossier->library->ladder($ladder)->name}: the plan says “{$planned->name}” this week, the person stands on “{$rung->name}”, ".Height::tenthsLabel(abs($apart)).($apart > 0 ? ' lower.' : ' higher.'),
                ['planned' => $planned->height->label(), 'stands on' => $rung->height->label()],
                'A new plan from today begins where the person stands.',
            );
        }

        return $reasons;
    }
}
