<?php

declare(strict_types=1);

// Made-up people with a known true capacity live through a program: tested, placed by the proposals, planned, each week
// written as they stand, each session brought up to date and done as they can, planned anew where the program asks for it.
// Most trainers follow every proposal, some let decisions wait, some stay against a step down or a climb. Some people train
// from a sheet at home that grows, on a phone that now and then tells of it days later, tell how the next morning was, and correct what they told. Some go on with an easier
// version where a set is out of reach, and of some the life turns in the middle: a limit, less kit, fewer minutes or other days. Counts what nobody would sign, with an example of each, and all of one kind where it is named; what must not happen at all ends it with 1.
use App\Library\TemplateFile;
use EvenRungs\Assessment\Climbed;
use EvenRungs\Assessment\ClimbTest;
use EvenRungs\Assessment\ClimbTrial;
use EvenRungs\Assessment\Hold;
use EvenRungs\Assessment\HoldEnd;
use EvenRungs\Assessment\HoldKind;
use EvenRungs\Balance\Aim;
use EvenRungs\Balance\Position;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\Timed;
use EvenRungs\Home\Stage;
use EvenRungs\Home\StageAfter;
use EvenRungs\Home\StageKind;
use EvenRungs\Ladder\Rung;
use EvenRungs\Method\Method;
use EvenRungs\Method\Question;
use EvenRungs\Person\Decided;
use EvenRungs\Person\EasierNow;
use EvenRungs\Person\Growth;
use EvenRungs\Person\History;
use EvenRungs\Person\LoggedSession;
use EvenRungs\Person\LoggedSet;
use EvenRungs\Person\MorningAnswer;
use EvenRungs\Person\NotedLimit;
use EvenRungs\Person\PersonRecord;
use EvenRungs\Person\Placing;
use EvenRungs\Person\Profile;
use EvenRungs\Person\ProgramAtHand;
use EvenRungs\Person\Safety;
use EvenRungs\Person\SessionStart;
use EvenRungs\Person\WeekAtHand;
use EvenRungs\Person\WeekShape;
use EvenRungs\Program\KeptProgram;
use EvenRungs\Program\WeekKind;
use EvenRungs\Program\WrittenWeek;
use EvenRungs\Progress\Decision;
use EvenRungs\Progress\DoseStep;
use EvenRungs\Progress\Felt;
use EvenRungs\Progress\FormQuestion;
use EvenRungs\Progress\Gate;
use EvenRungs\Progress\LeavingMark;
use EvenRungs\Progress\Morning;
use EvenRungs\Progress\Neutral;
use EvenRungs\Progress\NextDose;
use EvenRungs\Progress\Pain;
use EvenRungs\Progress\PainPlace;
use EvenRungs\Progress\RungSession;
use EvenRungs\Progress\StartPain;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Screening\State;
use EvenRungs\Session\Block;
use EvenRungs\Session\Item;
use EvenRungs\Session\Permitted;
use EvenRungs\Session\Session;
use EvenRungs\Session\StraightSets;
use EvenRungs\Session\WrittenBlock;
use EvenRungs\Session\WrittenItem;
use EvenRungs\Session\WrittenSession;
use EvenRungs\Week\Plan;
use EvenRungs\Week\Shape;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\ShippedLibrary;

require dirname(__DIR__, 2).'/vendor/autoload.php';

const BEGIN = '2026-06-01';

/** One person through one program. */
final class Life
{
    /** What must not happen. */
    public const NEVER = ['grew after it was too much', 'over its minutes', 'above the working rung', 'met again what broke', 'a set more of what was too much', 'asked again what an easier version took', 'too soon again', 'back as if never away', 'trained what hurt before it was decided', 'trained what is closed', 'end moved', 'nothing to do', 'start over its minutes', 'start not complete', 'start above the working rung', 'start with what is closed'];

    /** @var array<string, int> */
    public array $count = ['sessions' => 0, 'something else' => 0, 'at home' => 0, 'told late' => 0, 'grew' => 0, 'held back' => 0, 'grew after it was too much' => 0, 'mornings told' => 0, 'bad mornings' => 0, 'corrected' => 0, 'over its minutes' => 0, 'above the working rung' => 0, 'end moved' => 0, 'nothing to do' => 0, 'planned anew' => 0, 'starts' => 0, 'start over its minutes' => 0, 'start not complete' => 0, 'start above the working rung' => 0, 'start with what is closed' => 0, 'climbs' => 0, 'climb tests' => 0, 'moved by a test' => 0, 'far by a test' => 0, 'steps down' => 0, 'down from a rung again' => 0, 'met again what broke' => 0, 'a set more of what was too much' => 0, 'asked again what an easier version took' => 0, 'too soon again' => 0, 'back as if never away' => 0, 'trained what hurt before it was decided' => 0, 'trained what is closed' => 0, 'turns' => 0, 'easier versions' => 0, 'left out until decided' => 0, 'ladders stopped' => 0, 'referred' => 0, 'under half its minutes' => 0, 'easy for ever' => 0, 'short of the target' => 0, 'minutes' => 0, 'minutes filled' => 0];

    /** @var array<string, list<string>> */
    public array $examples = [];

    /** @var list<Placing> */
    private array $placings = [];

    /** @var list<Decided> */
    private array $decisions = [];

    /** @var list<LoggedSession> */
    private array $logs = [];

    /** @var list<Hold> */
    private array $holds = [];

    /** @var list<Climbed> */
    private array $climbs = [];

    private Day $tested;

    /** Half are trained by the default, half by a school of any answers. */
    private Method $method;

    private int $sequence = 0;

    private ?KeptProgram $kept = null;

    private Profile $profile;

    /** @var list<NotedLimit> */
    private array $limits;

    /** @var array<string, float> height that is mastered, in tenths, by ladder */
    private array $capacity = [];

    private float $general;

    /** How much of what the right can do the left can. */
    private float $left;

    /** Per cent of exercises that hurt a little, and of sessions that are missed. */
    private int $sore;

    private int $missed;

    /** Per cent of sessions in place of which something else is trained that the desk lays out: a template, or one of a shape of the week. */
    private int $aside;

    /** What was there before the first set, at every session; null for most. */
    private ?StartPain $before;

    /** Per cent of decisions that are taken at once, and of those the per cent in which the trainer stays although a move is proposed. */
    private int $decides;

    private int $stays;

    /** Per cent of exercises of which only what was done is told: no form, pain or effort. */
    private int $untold;

    /** @var list<int> weeks of the program in which the person is away: none for most, else two to five in the middle of it */
    private array $away;

    /** @var list<WrittenBlock> a session of their own that they come back to; none for most */
    private array $own = [];

    /** Per cent of sessions that are done alone, from a sheet that was handed over. */
    private int $alone;

    /** Sessions from a sheet before the trainer writes another one. */
    private const OF_A_SHEET = 8;

    /** @var list<WrittenBlock> the sheet as it was handed over */
    private array $sheet = [];

    private int $fromSheet = 0;

    /** @var list<array{Stage, int}> what is still to come to it, and when it was written, in order of time */
    private array $stages = [];

    /** Per cent of sessions at home that the phone tells of only days later. */
    private int $late;

    /** @var list<LoggedSession> done and not told yet */
    private array $onThePhone = [];

    /** Per cent of mornings that are told of. */
    private int $mornings;

    /** Per cent of sets out of reach at which an easier version takes over. */
    private int $swaps;

    /** To a licensed clinician: nothing is trained until they are cleared. */
    private bool $isReferred = false;

    /** @var array<string, int> what was asked for in a set where an easier version took the first already, by rung; until it was done, or less was asked for */
    private array $swapped = [];

    /** The week from which on something of their life is another one; null for most. */
    private ?int $turns;

    /** @var array<string, int> steps down from a rung, by rung and side */
    private array $stepsDown = [];

    /** @var array<string, int> sessions running at the same rung and dose with ease, by ladder */
    private array $easy = [];

    public function __construct(private readonly string $name, private readonly int $weeks, private readonly Randomizer $chance)
    {
        $this->general = $chance->getInt(20, 65);
        $aims = Aim::cases();
        $kit = Kit::cases();
        $own = array_values(array_filter($kit, static fn(): bool => $chance->getInt(0, 2) > 0));
        $days = $chance->pickArrayKeys([1 => 1, 2 => 2, 3 => 3, 4 => 4, 5 => 5, 6 => 6], $chance->getInt(1, 4));
        $this->profile = new Profile($aims[$chance->getInt(0, count($aims) - 1)], null, 2026 - $chance->getInt(18, 75), null, array_values($days), $chance->getInt(6, 40), $chance->getInt(0, 3) === 0 ? [Kit::Mat] : $own, null, []);
        $this->left = [1.0, 1.0, 0.8, 0.6][$chance->getInt(0, 3)];
        $this->sore = [0, 0, 2, 6][$chance->getInt(0, 3)];
        $this->missed = [0, 0, 10, 40][$chance->getInt(0, 3)];
        $this->aside = [0, 0, 15, 50][$chance->getInt(0, 3)];
        $places = PainPlace::cases();
        $this->before = $chance->getInt(0, 4) > 0 ? null : new StartPain($places[$chance->getInt(0, count($places) - 1)], Side::Left, $chance->getInt(1, 4));
        [$this->decides, $this->stays] = [[100, 0], [100, 0], [40, 0], [100, 50]][$chance->getInt(0, 3)];
        $this->untold = [0, 0, 20, 80][$chance->getInt(0, 3)];
        $this->away = $chance->getInt(0, 3) > 0 ? [] : range(2, $chance->getInt(3, 6));
        $this->alone = [0, 0, 50, 100][$chance->getInt(0, 3)];
        $this->late = [0, 0, 30][$chance->getInt(0, 2)];
        $this->mornings = [0, 40, 100][$chance->getInt(0, 2)];
        $this->swaps = [0, 0, 50, 100][$chance->getInt(0, 3)];
        $this->turns = $chance->getInt(0, 2) > 0 ? null : $chance->getInt(1, 6);
        $this->method = Method::default();
        foreach ($chance->getInt(0, 1) === 0 ? [] : Question::cases() as $question) {
            $answers = $question->answers();
            $this->method = $this->method->with($answers[$chance->getInt(0, count($answers) - 1)]);
        }
        // What age asks for comes with the year of birth.
        $states = array_values(array_filter(State::cases(), static fn(State $state): bool => ! $state->isByAge()));
        $this->limits = [];
        for ($limits = [0, 0, 1, 1, 2][$chance->getInt(0, 4)]; $limits > 0; $limits--) {
            $state = $states[$chance->getInt(0, count($states) - 1)];
            $this->limits[$state->value] = new NotedLimit($state, $state->isSided() ? [Side::Left, Side::Right, Side::Both][$chance->getInt(0, 2)] : Side::Both, Day::parse(BEGIN), false);
        }
        $this->limits = array_values($this->limits);
    }

    public function run(): void
    {
        $today = Day::parse(BEGIN);
        $this->test($today);
        $this->desk($today);
        $end = null;
        for ($week = 0; $week < $this->weeks; $week++) {
            $monday = $today->plusDays(7 * $week);
            if ($week === $this->turns) {
                $this->turn($monday);
            }
            $hand = $this->hand($monday);
            if ($hand->present() === null || $hand->against() !== []) {
                $this->count['planned anew'] += $hand->present() === null ? 0 : 1;
                $wish = $hand->wishes()->next();
                if ($wish->slots === []) {
                    return;
                }
                $weeks = $hand->taking(array_map(WrittenWeek::of(...), $hand->make($wish)->weeks), null);
                $this->kept = new KeptProgram("k{$week}", $wish->toArray(), array_map(static fn(WrittenWeek $one): array => $one->toArray(), $weeks), [], '', $monday->iso());
                $last = $weeks[count($weeks) - 1]->monday->iso();
                // A week in which nothing was done, as where everything waited for a decision, comes again.
                $wasIdle = array_filter($this->logs, static fn(LoggedSession $log): bool => $log->on->daysUntil($monday) <= 7) === [];
                $end = $week === 0 || $wasIdle ? $last : $end ?? $last;
                $this->note('end moved', $end !== $last && $week < 6 && $this->missed === 0 && $this->late === 0 && $this->away === [], "{$end} to {$last}");
            }
            if (! in_array($week, $this->away, true)) {
                $this->live($monday);
            }
            if ($this->isReferred) {
                return;
            }
        }
    }

    /** A limit that was not there, less kit, fewer minutes or other days. */
    private function turn(Day $today): void
    {
        $this->count['turns']++;
        $old = $this->profile;
        $states = State::cases();
        $days = [$this->chance->getInt(1, 3), $this->chance->getInt(4, 7)];
        match ($what = $this->chance->getInt(0, 3)) {
            0 => $this->limits[] = new NotedLimit($states[$this->chance->getInt(0, count($states) - 1)], [Side::Both, Side::Left][$this->chance->getInt(0, 1)], $today, false),
            default => $this->profile = new Profile($old->aim, null, $old->birthYear, null, $what === 3 ? $days : $old->trainingDays, $what === 2 ? max(4, intdiv($old->minutes, 2)) : $old->minutes, $what === 1 ? [Kit::Mat] : $old->kit, null, []),
        };
    }

    /** Whatever a session or a week can start from, as this person stands. */
    private function desk(Day $today): void
    {
        $record = $this->record($today);
        foreach ($this->starts($record, $today) as $name => [$blocks, $minutes]) {
            $session = $record->read($blocks)->session;
            $this->count['starts']++;
            $most = 60 * ($minutes ?? $this->profile->minutes ?? 0);
            $total = $session?->timeline()->totals()->total() ?? 0;
            $this->note('start over its minutes', $most > 0 && $total > $most + 60, "{$name}: {$total} s of ".intdiv($most, 60).' minutes');
            $this->note('start not complete', ! $record->read($blocks)->isComplete() && $blocks !== [], $name);
            foreach ($session?->items() ?? [] as $item) {
                $working = $record->workingRung($item->rung->ladder);
                // A variation each day goes up to 0.3 above.
                $this->note('start above the working rung', $working !== null && $item->rung->height->above($working->height) > (str_starts_with($name, Shape::DailyVariation->value) ? 3 : 0), "{$name}: {$item->rung->slug} over {$working?->slug}");
                $this->note('start with what is closed', ! $record->circumstances()->rule($item->rung)->openSomewhere() || $record->isStopped($item->rung->ladder), "{$name}: {$item->rung->slug}");
            }
        }
    }

    /** @return array<string, array{list<WrittenBlock>, int|null}> blocks and minutes (null for the person's own, 0 for as long as it takes) of whatever can be laid out, by name */
    private function starts(PersonRecord $record, Day $today): array
    {
        $week = new WeekAtHand($record, new Plan, [], $today->monday());
        // The demands of every week are in a session of the board whatever it takes, and it says so.
        $starts = ['the board' => [SessionStart::fromBoard($record)->blocks, 0]];
        foreach ((new TemplateFile(dirname(__DIR__, 2).'/library/templates.yaml'))->templates() as $template) {
            $starts["“{$template->name}”"] = [SessionStart::fromTemplate($template, $record)->blocks, 0];
        }
        foreach (Shape::cases() as $shape) {
            foreach (WeekShape::lay($shape, $week)->sessions as $session) {
                $starts["{$shape->value}, {$session->title}"] = [$session->blocks, $session->picks === null ? $session->minutes : 0];
            }
        }

        return $starts;
    }

    private function live(Day $monday): void
    {
        $hand = $this->hand($monday);
        $week = $hand->week($monday);
        if ($week === null) {
            return;
        }
        foreach ($week->places as $slot => $place) {
            $written = $hand->asOfToday()->of($week, $slot)->blocks;
            $day = $monday->plusDays($place->cell->day - 1);
            $this->tellLate($day);
            $now = $this->hand($day);
            $permitted = $now->record->permitted($now->asOfToday()->since($written, new WrittenSession('', '', $written, $monday->iso(), $slot))->within(60 * $place->minutes, $now->record)->blocks);
            $session = $permitted?->session;
            $this->note('nothing to do', $session === null && $written !== [] && ! $this->isStopped($now->record) && ! self::waits($permitted), "{$monday->iso()} {$slot}");
            if ($this->isReferred) {
                return;
            }
            if ($session === null && self::waits($permitted)) {
                // Whoever would coach it sees what waits.
                $this->decide($day);
                continue;
            }
            if ($this->chance->getInt(1, 100) <= $this->missed) {
                continue;
            }
            if ($this->chance->getInt(1, 100) <= $this->alone) {
                $this->trainAlone($now, $day, $week->kind, $written);
                continue;
            }
            if ($this->chance->getInt(1, 100) <= $this->aside) {
                $this->trainSomethingElse($now, $day, $week->kind);
                continue;
            }
            if ($session !== null) {
                $totals = $session->timeline()->totals();
                $this->count['minutes'] += 60 * $place->minutes;
                $this->count['minutes filled'] += $totals->total();
                $this->note('over its minutes', $totals->total() > 60 * $place->minutes + 60, "{$day->iso()}: {$totals->total()} s of {$place->minutes} minutes");
                $this->note('under half its minutes', 2 * $totals->total() < 60 * $place->minutes && $week->kind === WeekKind::Build, "{$day->iso()}: {$totals->total()} s of {$place->minutes} minutes");
                $this->train($now, $session, $day, $week->kind);
            }
        }
        if ($week->retests) {
            $this->test($monday->plusDays(6));
        }
    }

    /** A template or a session of a shape; some come back to one they had, brought up to date. */
    private function trainSomethingElse(ProgramAtHand $now, Day $day, WeekKind $kind): void
    {
        $comesBack = $this->own !== [] && $this->chance->getInt(0, 1) === 0;
        $starts = $comesBack ? [] : array_values(array_filter(array_column($this->starts($now->record, $day), 0), static fn(array $blocks): bool => $blocks !== []));
        $blocks = $comesBack
            ? $now->asOfToday()->since($this->own, new WrittenSession('own', '', $this->own))->blocks
            : $starts[$this->chance->getInt(0, max(0, count($starts) - 1))] ?? [];
        $session = $now->record->permitted($blocks)?->session;
        if ($session === null) {
            return;
        }
        $this->own = $this->own === [] || $comesBack || $this->chance->getInt(0, 3) === 0 ? $blocks : $this->own;
        $this->count['something else']++;
        $this->train($now, $session, $day, $kind, 3, $comesBack ? 'own: ' : 'else: ');
    }

    /**
     * From the sheet that was handed over, as it stands on their own page today.
     *
     * @param list<WrittenBlock> $written what the trainer would hand over today
     */
    private function trainAlone(ProgramAtHand $now, Day $day, WeekKind $kind, array $written): void
    {
        if ($this->sheet === [] || ++$this->fromSheet >= self::OF_A_SHEET) {
            [$this->sheet, $this->fromSheet] = [$written, 0];
            $this->growing($now->record, $day);
        }
        $this->grow($now->record, $day);
        $permitted = $now->record->permitted($now->asOfToday()->alone($this->sheet, new WrittenSession('sheet', '', $this->sheet))->blocks);
        $this->note('left out until decided', self::waits($permitted), $day->iso());
        if ($permitted?->session !== null) {
            $this->count['at home']++;
            $this->train($now, $permitted->session, $day, $kind, 0, 'home: ');
        }
    }

    private static function waits(?Permitted $permitted): bool
    {
        return array_filter($permitted->leftOut ?? [], static fn(Reason $reason): bool => $reason->rule === Rule::PainWaits) !== [];
    }

    /**
     * What the trainer writes ahead as they hand a sheet over: a week and two weeks later an exercise is to be a step more, the
     * version below it, or one more of the board.
     */
    private function growing(PersonRecord $record, Day $day): void
    {
        $this->stages = [];
        $items = array_merge([], ...array_map(static fn(WrittenBlock $block): array => $block->items, $this->sheet));
        $more = array_values(array_filter(
            array_merge([], ...array_map(static fn(WrittenBlock $block): array => $block->items, SessionStart::wholeBoard($record))),
            static fn(WrittenItem $one): bool => ! in_array(explode('/', $one->rung)[0], array_map(static fn(WrittenItem $item): string => explode('/', $item->rung)[0], $items), true),
        ));
        foreach ($items === [] ? [] : [1, 2] as $weeks) {
            $item = $items[$this->chance->getInt(0, count($items) - 1)];
            $rung = $record->library->rung($item->rung);
            $kind = match ($this->chance->getInt(0, 4)) {
                0 => StageKind::Variation,
                1 => $more === [] ? StageKind::Dose : StageKind::Addition,
                default => StageKind::Dose,
            };
            $other = $kind === StageKind::Variation ? $record->library->ladder($rung->ladder)->below($rung, $this->method) : null;
            $dose = match ($kind) {
                StageKind::Addition => $more[0]->dose,
                StageKind::Variation => $other === null ? null : DoseLine::print($record->doses()->on($other)->dose),
                default => ($step = DoseStep::up($rung, DoseLine::parse($item->dose, $rung->sidedness), $this->method)) === null ? null : DoseLine::print($step->dose),
            };
            if ($dose !== null) {
                $this->stages[] = [new Stage("s{$weeks}", $kind, StageAfter::Days, Stage::weeksLater($weeks), $day, $day->plusDays(7 * $weeks), $kind === StageKind::Addition ? null : $item->id, $kind === StageKind::Addition ? array_shift($more)?->rung : $other?->slug, $dose, '', null, null), ++$this->sequence];
            }
        }
    }

    private function grow(PersonRecord $record, Day $day): void
    {
        foreach ($this->stages as $at => [$stage, $written]) {
            if (! $stage->isDue($day)) {
                continue;
            }
            $grown = Growth::of($record, $this->sheet, $stage, $written);
            $this->count[$grown->held === null ? 'grew' : 'held back']++;
            $now = array_column(array_merge([], ...array_map(static fn(WrittenBlock $block): array => $block->items, $this->sheet)), null, 'id')[$stage->item] ?? null;
            $last = array_values(array_filter($now === null ? [] : $record->rungSessions(Side::Both), static fn(RungSession $one): bool => $one->rung->slug === $now->rung && $one->sequence > $written && ! $one->dose->first() instanceof Timed));
            $last = $last[count($last) - 1] ?? null;
            $this->note('grew after it was too much', $grown->held === null && $last !== null && $stage->rung === null && DoseLine::parse((string) $stage->dose, $last->rung->sidedness)->asksForMoreThan($last->dose) && (($last->effort() ?? 0) > $record->circumstances()->highestEffort() || $last->missedTarget() || ($last->pain() ?? 0) > 2), "{$day->iso()}: {$now?->rung} {$stage->dose}");
            [$this->sheet, $this->stages[$at]] = [$grown->blocks, null];
        }
        $this->stages = array_values(array_filter($this->stages));
    }

    /** What the phone had no network for and tells of today: days later, and after whatever was decided meanwhile. */
    private function tellLate(Day $today): void
    {
        $isNews = false;
        foreach ($this->onThePhone as $at => $log) {
            if ($log->on->daysUntil($today) >= 3) {
                $this->count['told late']++;
                $this->logs[] = new LoggedSession($log->id, $log->session, $log->on, $log->sequence, $log->seconds, $log->sets, [], $log->before, told: ++$this->sequence);
                unset($this->onThePhone[$at]);
                $isNews = true;
            }
        }
        usort($this->logs, static fn(LoggedSession $a, LoggedSession $b): int => [$a->on->iso(), $a->sequence] <=> [$b->on->iso(), $b->sequence]);
        if ($isNews) {
            $this->decide($today);
        }
    }

    /** Height in tenths that is mastered on a ladder. */
    private function capacity(string $ladder): float
    {
        return $this->capacity[$ladder] ??= $this->general + $this->chance->getInt(-4, 4);
    }

    /** Of the mark of a rung, what this person can. */
    private function can(Rung $rung): float
    {
        return 2 ** (($this->capacity($rung->ladder) - $rung->height->tenths) / 10);
    }

    /** A school can lead from one rung to another that is no higher. */
    private function comesBefore(Rung $rung, Rung $working, PersonRecord $record): bool
    {
        $order = array_flip(array_map(static fn(Rung $one): string => $one->slug, $record->library->ladder($working->ladder)->trunk($this->method)));

        return ($order[$rung->slug] ?? PHP_INT_MAX) < ($order[$working->slug] ?? -1);
    }

    /** @param int $above tenths above the working rung that are no mistake: a variation each day goes up to 3 */
    private function train(ProgramAtHand $hand, Session $session, Day $day, WeekKind $kind, int $above = 0, string $which = ''): void
    {
        $this->count['sessions']++;
        $sets = [];
        // The sets of a circuit are its rounds.
        $straight = array_merge(...array_map(static fn(Block $block): array => $block instanceof StraightSets ? [$block->item->id] : [], $session->blocks));
        foreach ($session->items() as $item) {
            $this->note('trained what hurt before it was decided', $hand->record->isStopped($item->rung->ladder) || $this->hurt($hand->record, $item->rung->ladder), "{$which}{$day->iso()}: {$item->rung->slug}");
            $working = $hand->record->workingRung($item->rung->ladder);
            $this->note('above the working rung', $working !== null && $item->rung->height->above($working->height) > $above && ! $this->comesBefore($item->rung, $working, $hand->record), "{$which}{$day->iso()}: {$item->rung->slug} ".DoseLine::print($item->dose)." over {$working?->slug}");
            $ruling = $hand->record->circumstances()->rule($item->rung);
            $this->note('trained what is closed', ! $ruling->openSomewhere() || ($item->dose->perSide && $item->dose->only === null && $ruling->onlySide() !== null), "{$which}{$day->iso()}: {$item->rung->slug} ".DoseLine::print($item->dose));
            // What the phone has not told of yet is known to nobody who could ask for less.
            $isUntold = array_filter($this->onThePhone, static fn(LoggedSession $log): bool => array_filter($log->sets, static fn(LoggedSet $set): bool => $set->insteadOf === $item->rung->slug) !== []) !== [];
            $this->note('asked again what an easier version took', ! $isUntold && ! $item->dose->first() instanceof Timed && ($this->swapped[$item->rung->slug] ?? PHP_INT_MAX) <= $item->dose->first()->target(), "{$which}{$day->iso()}: {$item->rung->slug} ".DoseLine::print($item->dose));
            unset($this->swapped[$item->rung->slug]);
            $broke = $this->broke($hand->record, $item);
            $this->note('met again what broke', $broke !== null, "{$which}{$day->iso()}: {$item->rung->slug} ".DoseLine::print($item->dose)." after {$broke}");
            $this->note('a set more of what was too much', in_array($item->id, $straight, true) && $this->isSetMore($hand->record, $item), "{$which}{$day->iso()}: {$item->rung->slug} ".DoseLine::print($item->dose));
            $this->note('too soon again', $broke === null && $this->isTooSoon($hand->record, $item, $day), "{$which}{$day->iso()}: {$item->rung->slug} ".DoseLine::print($item->dose));
            $this->note('back as if never away', $this->isBackAsBefore($hand->record, $item, $day), "{$which}{$day->iso()}: {$item->rung->slug} ".DoseLine::print($item->dose));
            array_push($sets, ...$this->done($hand->record, $item, $day));
        }
        $this->tellMorning($day);
        $log = new LoggedSession('log-'.++$this->sequence, 'session', $day, $this->sequence, $session->timeline()->totals()->total(), $sets, [], $this->before === null ? [] : [$this->before]);
        if ($which === 'home: ' && $this->chance->getInt(1, 100) <= $this->late) {
            $this->onThePhone[] = $log;

            return;
        }
        $this->logs[] = $log;
        $this->decide($day);
    }

    /** What waits, as this trainer takes it. */
    private function decide(Day $day): void
    {
        foreach ($this->record($day)->judgement()->pending() as $pending) {
            $proposal = $pending->proposal;
            if ($this->chance->getInt(1, 100) > $this->decides) {
                continue;
            }
            if (in_array($proposal->choice, [Decision::StepDown, Decision::Climb], true) && $this->chance->getInt(1, 100) <= $this->stays) {
                $this->decisions[] = new Decided($pending->rung->ladder, $pending->side, $pending->rung->slug, Decision::Stay, $pending->log->id, ++$this->sequence);
                continue;
            }
            $this->decisions[] = new Decided($pending->rung->ladder, $pending->side, $pending->rung->slug, $proposal->choice, $pending->log->id, ++$this->sequence);
            $this->count['referred'] += $this->isReferred || $proposal->choice !== Decision::Refer ? 0 : 1;
            $this->isReferred = $this->isReferred || $proposal->choice === Decision::Refer;
            $this->count['ladders stopped'] += in_array($proposal->choice, [Decision::StopLadder, Decision::Refer], true) ? 1 : 0;
            if (in_array($proposal->choice, [Decision::StopLadder, Decision::Refer], true)) {
                $this->placings[] = new Placing('p'.++$this->sequence, $pending->rung->ladder, $pending->side, $pending->rung->slug, true, $this->sequence, $day);
            } elseif ($proposal->to !== null) {
                $this->count[$proposal->choice === Decision::Climb ? 'climbs' : 'steps down']++;
                $from = "{$pending->rung->slug} {$pending->side->value}";
                $this->stepsDown[$from] = ($this->stepsDown[$from] ?? 0) + ($proposal->choice === Decision::StepDown ? 1 : 0);
                $this->note('down from a rung again', $proposal->choice === Decision::StepDown && $this->stepsDown[$from] > 1, "{$day->iso()}: {$from}, time {$this->stepsDown[$from]}: {$proposal->reasons[0]->sentence}");
                $this->placings[] = new Placing('p'.++$this->sequence, $pending->rung->ladder, $pending->side, $proposal->to->slug, false, $this->sequence, $day, '', true);
            }
        }
    }

    /** Of the last session, on a later day: how it was the next morning, and now and then that something was told wrongly. */
    private function tellMorning(Day $today): void
    {
        $last = array_pop($this->logs);
        if ($last === null) {
            return;
        }
        $mornings = $last->mornings;
        if ($mornings === [] && $last->on->isBefore($today) && $this->chance->getInt(1, 100) <= $this->mornings) {
            $this->count['mornings told']++;
            $isBad = $this->chance->getInt(1, 100) <= $this->sore;
            $this->count['bad mornings'] += (int) $isBad;
            foreach ($last->ladders() as $at => $ladder) {
                $mornings[] = new MorningAnswer($ladder, new Morning($isBad && $at === 0 ? $this->chance->getInt(1, 8) : 0, $isBad && $at === 0), ++$this->sequence);
            }
        }
        $sets = $last->sets;
        if ($sets !== [] && $this->chance->getInt(1, 100) <= 2) {
            $this->count['corrected']++;
            $at = $this->chance->getInt(0, count($sets) - 1);
            $told = $sets[$at];
            $sets[$at] = new LoggedSet($told->item, $told->rung, $told->dose, $told->both, $told->left, $told->right, $told->form, $told->pain === null ? null : $this->chance->getInt(0, 7), $told->effort === null ? null : $this->chance->getInt(1, 10), $told->travellingPain, $told->felt, $told->painSide, $told->number, $told->painPlace, told: $told->stops() ? $told->told : ++$this->sequence);
        }
        $this->logs[] = new LoggedSession($last->id, $last->session, $last->on, $last->sequence, $last->seconds, $sets, $mornings, $last->before, told: $last->told);
    }

    /** Whether something of the last four weeks stopped a ladder, in a set or the morning after, and nothing of it was decided or placed since. */
    private function hurt(PersonRecord $record, string $ladder): bool
    {
        $seen = max([0, ...array_map(static fn(Decided $decided): int => $decided->ladder === $ladder ? $decided->sequence : 0, $this->decisions), ...array_map(static fn(Placing $placing): int => $placing->ladder === $ladder ? $placing->sequence : 0, $this->placings)]);
        foreach ($record->history->logs() as $log) {
            $hurts = array_filter($log->exercises($record->library, Side::Both), static fn(RungSession $one): bool => $one->rung->ladder === $ladder && $one->isStopEvent());
            if ($hurts !== [] && $log->on->daysUntil($record->today) <= 28 && $log->toldAt($ladder, Side::Both) > $seen) {
                return true;
            }
        }

        return false;
    }

    /** More sets than the last time, where that was too much or hurt. */
    private function isSetMore(PersonRecord $record, Item $item): bool
    {
        $here = Neutral::leftOut(NextDose::onRung($item->rung, $record->rungSessions(Side::Both)), $this->method, $record->circumstances()->highestEffort());
        $last = $here[count($here) - 1] ?? null;

        // Longer apart it is no run any more.
        return $last !== null && $last->date->daysUntil($record->today) <= Gate::RUN_ENDS_AFTER_DAYS && $last->dose->unit() === $item->dose->unit() && ! $item->dose->isFalling() && $item->dose->sets() > $last->dose->sets() && ($last->wasTooMuch($record->circumstances()->highestEffort()) || ($last->pain() ?? 0) > 0);
    }

    /** @return list<RungSession> of its rung, in sets or by the clock as it is, by date */
    private static function alike(Item $item, PersonRecord $record): array
    {
        return NextDose::onRung($item->rung, $record->rungSessions(Side::Both), $item->dose->first() instanceof Timed);
    }

    /** The dose that broke, where a step down from this rung is proposed and as much is asked for again; null else. */
    private function broke(PersonRecord $record, Item $item): ?string
    {
        $here = self::alike($item, $record);
        $newest = $here[count($here) - 1] ?? null;
        $last = $newest?->dose;
        if ($last === null || $last->unit() !== $item->dose->unit() || $item->dose->first()->target() < $last->first()->target()) {
            return null;
        }
        if (DoseStep::down($item->rung, $last, $this->method)->dose->first()->target() === $last->first()->target()) {
            // There is no less in a set.
            return null;
        }
        foreach ($record->on($item->rung->ladder) as $position) {
            if ($position->rung->slug === $item->rung->slug && ! $position->stopped && $newest->sequence >= $position->sequence && $record->judgement()->proposal($position)->choice === Decision::StepDown) {
                return DoseLine::print($last);
            }
        }

        return null;
    }

    /** As much in a set as hurt or broke lately, after less than two clean sessions of less. */
    private function isTooSoon(PersonRecord $record, Item $item, Day $day): bool
    {
        $between = [];
        foreach (array_reverse(self::alike($item, $record)) as $session) {
            if ($session->dose->unit() !== $item->dose->unit() || $session->date->daysUntil($day) > 56) {
                return false;
            }
            $faults = $session->setsWithFault();
            if (count($faults) >= 2 || in_array(1, $faults, true) || Pain::acts($session->pain() ?? 0)) {
                $target = $session->dose->first()->target();

                return count($between) === 1 && max($between) < $target && $target <= $item->dose->first()->target();
            }
            $between[] = $session->isClean() ? $session->dose->first()->target() : PHP_INT_MAX;
        }

        return false;
    }

    /** As much in a set as the last time, although nothing of the demand was trained for more than two weeks and there is less. */
    private function isBackAsBefore(PersonRecord $record, Item $item, Day $day): bool
    {
        $log = $record->rungSessions(Side::Both);
        // A day that was easier on purpose is not what there is less of.
        $here = Neutral::leftOut(self::alike($item, $record), $this->method, $record->circumstances()->highestEffort());
        $last = $here[count($here) - 1]->dose ?? null;
        $days = array_map(static fn(RungSession $session): int => $session->date->daysUntil($day), array_filter($log, static fn(RungSession $session): bool => $session->rung->demand === $item->rung->demand));

        return $last !== null && $days !== [] && min($days) > 14 && $last->unit() === $item->dose->unit()
            && $item->dose->first()->target() >= $last->first()->target()
            && DoseStep::down($item->rung, $last, $this->method)->dose->first()->target() < $last->first()->target();
    }

    /** @return list<LoggedSet> what this person makes of an exercise on a day */
    private function done(PersonRecord $record, Item $item, Day $day): array
    {
        [$rung, $dose] = [$item->rung, $item->dose];
        $can = $this->can($rung) * (0.92 + $this->chance->getInt(0, 16) / 100);
        $this->capacity[$rung->ladder] += 0.25;
        $mark = LeavingMark::of($rung, $this->method, $dose);
        $ticks = array_fill_keys(array_map(static fn(FormQuestion $question): string => $question->value, FormQuestion::cases()), true);
        $sets = [];
        $hardest = 0;
        $pain = $this->chance->getInt(1, 100) <= $this->sore ? $this->chance->getInt(1, 7) : 0;
        // What was there before is told of every other exercise, as it was.
        $isOld = $pain === 0 && $this->before !== null && $this->chance->getInt(0, 1) === 0;
        $pain = $isOld ? $this->before->pain : $pain;
        $isTold = $this->chance->getInt(1, 100) > $this->untold;
        for ($set = 1; $set <= $dose->sets(); $set++) {
            $body = $dose->body($set);
            $asked = $body->target() / max(1, $mark->target) * ($mark->pause > 0 ? $rung->tempoOf($dose)->pauseHigh->seconds / $mark->pause : 1);
            // Mastered is the mark at effort 7.
            $most = 10 / 7 * $can * (1 - 0.03 * ($set - 1));
            $reps = $asked <= $most ? $body->target() : max(1, (int) floor($body->target() * $most / $asked));
            $effort = (int) max(1, min(10, round(10 * $asked / $most)));
            $hardest = max($hardest, $effort);
            $weaker = $asked <= $this->left * $most ? $body->target() : max(1, (int) floor($body->target() * $this->left * $most / $asked));
            [$both, $left, $right] = $dose->perSide ? [null, $dose->only === Side::Right ? null : $weaker, $dose->only === Side::Left ? null : $reps] : [$reps, null, null];
            $done = $dose->perSide && $dose->only !== Side::Right ? $weaker : $reps;
            $sets[] = new LoggedSet($item->id, $rung->slug, DoseLine::print($dose), $both, $left, $right, $isTold ? [...$ticks, FormQuestion::InControl->value => $done >= $body->target()] : [], $isTold ? $pain : null, $isTold ? $effort : null, false, $isTold ? Felt::Right : null, $isTold && $isOld ? $this->before->side : null, $set, $isTold && $isOld ? $this->before->place : null);
            $this->count['short of the target'] += $done < $body->target() ? 1 : 0;
            $easier = $reps < $body->target() && $this->chance->getInt(1, 100) <= $this->swaps ? EasierNow::of($record, $item)[0] ?? null : null;
            if ($easier !== null) {
                // Of the set that was begun nothing is told.
                $this->count['easier versions']++;
                array_pop($sets);
                if ($set === 1 && $easier->item->rung->slug !== $rung->slug && DoseStep::down($rung, $dose, $this->method)->dose->first()->target() < $body->target()) {
                    $this->swapped[$rung->slug] = $body->target();
                }

                return [...$sets, ...$this->rest($easier->item, $rung->slug, range($set, $dose->sets()), $isTold, $ticks)];
            }
        }
        $key = "{$rung->slug} {$dose->first()->target()}";
        // Who lets decisions wait or stays, or is told nothing, leaves it so.
        $running = $hardest <= 3 && $isTold && $this->decides === 100 && $this->stays === 0 ? ($this->easy[$key] ?? 0) + 1 : 0;
        $this->easy[$key] = $running;
        $onIt = $running === 6 ? array_values(array_filter($this->record($day)->on($rung->ladder), static fn(Position $here): bool => $here->rung->slug === $rung->slug))[0] ?? null : null;
        $isTop = $onIt !== null && $this->record($day)->circumstances()->nextOpen(ShippedLibrary::get()->ladder($rung->ladder), $rung, up: true) === null;
        // A sheet stays as it is until the trainer writes another one.
        $this->note('easy for ever', $running === 6 && ! $isTop && $this->alone === 0, "{$day->iso()}: {$rung->slug} ".DoseLine::print($dose)." the sixth time at effort {$hardest}");

        return $sets;
    }

    /**
     * The rest of the sets in an easier version, which is in reach.
     *
     * @param list<int>           $numbers
     * @param array<string, true> $ticks
     *
     * @return list<LoggedSet>
     */
    private function rest(Item $easier, string $instead, array $numbers, bool $isTold, array $ticks): array
    {
        return array_map(static function (int $number) use ($easier, $instead, $isTold, $ticks): LoggedSet {
            $dose = $easier->dose;
            $done = $dose->body(min($number, $dose->allSets()))->target();
            [$both, $left, $right] = $dose->perSide ? [null, $dose->only === Side::Right ? null : $done, $dose->only === Side::Left ? null : $done] : [$done, null, null];

            return new LoggedSet($easier->id, $easier->rung->slug, DoseLine::print($dose), $both, $left, $right, $isTold ? $ticks : [], $isTold ? 0 : null, $isTold ? 6 : null, false, $isTold ? Felt::Right : null, null, $number, null, $easier->rung->slug === $instead ? null : $instead);
        }, $numbers);
    }

    private function isStopped(PersonRecord $record): bool
    {
        return $record->stoppedLadders() !== [];
    }

    /** Holds and climb tests of a day; where the person is put is followed. */
    private function test(Day $today): void
    {
        $this->tested = $today;
        $tests = [$this->capacity('front-plank') < 34 ? ['front-plank', HoldKind::FrontPlankKnees, Side::Both, 30, 60] : ['front-plank', HoldKind::FrontPlank, Side::Both, 40, 45], ['side-bridge', HoldKind::SidePlank, Side::Left, 40, 28], ['side-bridge', HoldKind::SidePlank, Side::Right, 40, 28], ['prone-extension', HoldKind::BackExtensor, Side::Both, 54, 80]];
        foreach (array_slice($tests, 0, $this->chance->getInt(1, 4)) as [$ladder, $kind, $side, $height, $at]) {
            $seconds = $at * 2 ** (($this->capacity($ladder) + $this->chance->getInt(-3, 3) - $height) / 10);
            $this->holds[] = Hold::of($kind, $side, max(4, min($kind->stopAtSeconds(), (int) round(($side === Side::Left ? $this->left : 1.0) * $seconds))), HoldEnd::FormLost, $today, ++$this->sequence);
        }
        $ladders = ShippedLibrary::get()->slugs();
        foreach ($this->chance->pickArrayKeys($ladders, $this->chance->getInt(1, 3)) as $at) {
            $this->climb($ladders[$at], $today);
        }
        foreach ($this->record($today)->fromTests()->starts as $start) {
            $stood = array_values(array_filter($this->record($today)->on($start->rung->ladder), static fn(Position $here): bool => $here->side->meets($start->side)))[0]->rung ?? null;
            if ($stood?->slug === $start->rung->slug) {
                // They stand there: nothing is moved.
                continue;
            }
            $this->count['moved by a test'] += $stood === null ? 0 : 1;
            $this->note('far by a test', $stood !== null && abs($start->rung->height->above($stood->height)) > 10, "{$today->iso()}: {$stood?->slug} to {$start->rung->slug}: {$start->reasons[0]->sentence}");
            $this->placings[] = new Placing('p'.++$this->sequence, $start->rung->ladder, $start->side, $start->rung->slug, false, $this->sequence, $today);
        }
    }

    /** Up a ladder as it is offered: a trial is clean where half of the mark is there. */
    private function climb(string $ladder, Day $today): void
    {
        $shelf = ShippedLibrary::get()->ladder($ladder);
        foreach (ClimbTest::isSided($shelf) ? [Side::Left, Side::Right] : [Side::Both] as $side) {
            $trials = [];
            do {
                $record = $this->record($today);
                $climb = ClimbTest::of($shelf, $record->circumstances(), $side, $record->workingRung($ladder), $trials);
                if ($climb->next !== null) {
                    $trials[] = new ClimbTrial($climb->next, $this->can($climb->next) * ($side === Side::Left ? $this->left : 1.0) >= 0.5 ? [] : [FormQuestion::InControl], 0);
                }
            } while ($climb->next !== null);
            if ($trials !== []) {
                $this->count['climb tests']++;
                $this->climbs[] = new Climbed($ladder, $climb->working, $side, (string) $climb->reason?->sentence, $today, ++$this->sequence);
            }
        }
    }

    private function record(Day $today): PersonRecord
    {
        return new PersonRecord(ShippedLibrary::get(), $this->method, $today, $this->profile, new Safety($this->limits, [], [], $today), History::of($this->placings, $this->decisions, $this->logs, $this->holds, $this->climbs, $this->tested));
    }

    private function hand(Day $today): ProgramAtHand
    {
        return new ProgramAtHand($this->record($today), new Plan, $this->kept, []);
    }

    private function note(string $what, bool $happened, string $example): void
    {
        if ($happened) {
            $this->count[$what] = ($this->count[$what] ?? 0) + 1;
            $this->examples[$what][] = "{$this->name}, {$example}";
        }
    }
}

[$people, $weeks, $seed] = [(int) ($argv[1] ?? 40), (int) ($argv[2] ?? 6), (int) ($argv[3] ?? 1)];
$sum = $examples = [];
for ($person = 1; $person <= $people; $person++) {
    $life = new Life("person {$person}", $weeks, new Randomizer(new Mt19937($seed + 1000 * $person)));
    $life->run();
    foreach ($life->count as $what => $times) {
        $sum[$what] = ($sum[$what] ?? 0) + $times;
    }
    $examples = array_merge_recursive($examples, $life->examples);
}
printf("%d people for %d weeks, seed %d\n\n", $people, $weeks, $seed);
foreach ($sum as $what => $times) {
    if (! str_starts_with($what, 'minutes')) {
        printf("%-40s %6d  %s\n", $what, $times, $examples[$what][0] ?? '');
    }
}
if (($argv[4] ?? '') !== '') {
    echo implode("\n", $examples[$argv[4]] ?? []), "\n";
}
printf("%-40s %5d%%\n", 'minutes filled', (int) round(100 * ($sum['minutes filled'] ?? 0) / max(1, $sum['minutes'] ?? 0)));
exit(array_sum(array_intersect_key($sum, array_flip(Life::NEVER))) === 0 ? 0 : 1);
