<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Calendar\Day;
use EvenRungs\Program\ProgramSlot;
use EvenRungs\Program\WeekKind;
use EvenRungs\Program\WrittenCell;
use EvenRungs\Program\WrittenWeek;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Session\Session;
use EvenRungs\Session\Totals;
use EvenRungs\Session\Warning;
use EvenRungs\Session\WrittenBlock;
use EvenRungs\Session\WrittenSession;
use EvenRungs\Week\PlannedSlot;
use EvenRungs\Week\SessionRole;

/** The sessions of a program as the person stands today: a plan only says where they were likely to stand. */
final class AsOfToday
{
    /** Of the time that was planned; a week that comes to less by now is worth a new plan (our own choice). */
    private const SHORT_PER_CENT = 75;

    /** @var \WeakMap<WrittenWeek, array<string, UpToDate>> by slot: a week that is proposed is another one than the week that holds */
    private \WeakMap $known;

    public function __construct(private readonly ProgramAtHand $hand)
    {
        $this->known = new \WeakMap;
    }

    /**
     * What would be written of a session of a week: as the person stands, where the week is this one or the next; farther
     * ahead as it is planned. It stays within its minutes, by sets of what moved on.
     */
    public function of(WrittenWeek $week, string $slot): UpToDate
    {
        $known = $this->known[$week] ?? [];
        $known[$slot] ??= $this->read($week, $slot);
        $this->known[$week] = $known;

        return $known[$slot];
    }

    private function read(WrittenWeek $week, string $slot): UpToDate
    {
        $blocks = ProgramAtHand::blocks($week, $slot);
        $isPrimer = ($week->places[$slot]->placement ?? null) === SessionRole::Primer;
        if ($isPrimer || $this->hand->today()->monday()->plusDays(7)->isBefore($week->monday)) {
            return UpToDate::asWritten($blocks);
        }

        return UpToDate::of($blocks, $this->hand->record, $week->kind === WeekKind::Easier, self::fixed($week), isPlanned: true)->within(60 * ($week->places[$slot]->minutes ?? ProgramSlot::MOST_MINUTES), $this->hand->record);
    }

    /**
     * What has moved on since a session was written, from the program or by hand. One that is placed as a primer is easy on
     * purpose, and stays.
     *
     * @param list<WrittenBlock> $blocks
     */
    public function since(array $blocks, ?WrittenSession $session): UpToDate
    {
        if ($this->isPrimer($session)) {
            return UpToDate::asWritten($blocks);
        }
        $week = $this->weekOf($session);
        $blocks = StoodThen::on($blocks, $this->hand->record, PHP_INT_MAX, $session->blocks ?? []);

        return UpToDate::of($blocks, $this->hand->record, $week?->kind === WeekKind::Easier, self::fixed($week));
    }

    /** More for the stations of a session's circuits; null where nothing is due, in an easier week, and before training. */
    public function moreAtStations(Session $session, ?WrittenSession $own): ?Warning
    {
        $week = $this->weekOf($own);

        return $week?->kind === WeekKind::Easier || $this->isPrimer($own) ? null : MoreAtStations::offer($session, $this->hand->record, self::fixed($week));
    }

    private function isPrimer(?WrittenSession $session): bool
    {
        return array_filter($this->hand->plan->slots, static fn(PlannedSlot $slot): bool => $slot->session === $session?->id && $slot->role === SessionRole::Primer) !== [];
    }

    /** The week of the program a session was written from; null where it was written by hand. */
    private function weekOf(?WrittenSession $session): ?WrittenWeek
    {
        return $session?->programMonday === null ? null : $this->hand->week(Day::parse($session->programMonday));
    }

    /**
     * A session as the person trains it alone: nobody is there to bring it up to date.
     *
     * @param list<WrittenBlock> $blocks
     */
    public function alone(array $blocks, WrittenSession $session): UpToDate
    {
        return UpToDate::alone($blocks, $this->hand->record, self::fixed($this->weekOf($session)));
    }

    /** That this week comes out much shorter than it was planned, since the person stands elsewhere; null where it does not. */
    public function comesOutShort(): ?Reason
    {
        $week = $this->hand->week($this->hand->today()->monday());
        if ($week === null) {
            return null;
        }
        $planned = $now = 0;
        foreach (array_keys($week->sessions) as $slot) {
            if (! $this->hand->isBehind($week, $slot) && $this->hand->written($week->monday, $slot) === null) {
                $planned += $this->hand->session($week, $slot)?->timeline()->totals()->total() ?? 0;
                $now += $this->hand->record->read($this->of($week, $slot)->blocks)->session?->timeline()->totals()->total() ?? 0;
            }
        }

        return 100 * $now >= self::SHORT_PER_CENT * $planned ? null : Reason::because(
            Rule::ProgramBreak,
            'The sessions of this week come to '.Totals::clock($now).' where '.Totals::clock($planned).' were planned: the person stands elsewhere by now.',
            ['planned' => Totals::clock($planned), 'as the person stands' => Totals::clock($now)],
            'A new plan from today fills the minutes.',
        );
    }

    /** @return list<string> ladders that the trainer has fixed in a week */
    private static function fixed(?WrittenWeek $week): array
    {
        return array_keys(array_filter($week->cells ?? [], static fn(WrittenCell $cell): bool => $cell->locked));
    }
}
