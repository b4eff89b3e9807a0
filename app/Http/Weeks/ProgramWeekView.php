<?php

declare(strict_types=1);

namespace App\Http\Weeks;

use App\Http\Shared\ReasonView;
use EvenRungs\Program\WeekKind;

/** A week of a program. */
final readonly class ProgramWeekView
{
    /**
     * @param int                      $number    number in its program; 0 for a week away and for what an earlier program left
     * @param string                   $phase     what should lead in it and how much of the work it is, such as “held 54 %”; empty where there is no work
     * @param ReasonView|null          $phaseReason what should lead in it, and why; null where nobody said
     * @param 'past'|'now'|'ahead'     $when
     * @param string                   $agreement agreement of the work with the target shares, in per cent; empty where it is not known
     * @param string                   $clock     of all sessions
     * @param int                      $load      planned: effort × minutes
     * @param int|null                 $loadDone  of a week that has begun; null before
     * @param list<ProgramSessionView> $sessions
     * @param int                      $done      sessions done in the week, of the program or not
     * @param list<ReasonView>         $notes
     * @param string                   $change    what is different from the program that holds; empty when nothing
     * @param bool                     $canTakeOut whether what was written of it can be taken out of the week again
     */
    public function __construct(
        public string $monday,
        public int $number,
        public WeekKind $kind,
        public bool $retests,
        public string $phase,
        public ?ReasonView $phaseReason,
        public string $when,
        public string $agreement,
        public string $clock,
        public int $load,
        public ?int $loadDone,
        public array $sessions,
        public int $done,
        public array $notes,
        public string $change,
        public bool $canTakeOut,
    ) {}
}
