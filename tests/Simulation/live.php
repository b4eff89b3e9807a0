<?php

declare(strict_types=1);

// Made-up people with a known true capacity live through a program: tested, placed by the proposals, planned, each week
// written as they stand, each session brought up to date and done as they can, every proposal followed, planned anew where the
// program asks for it. Counts what nobody would sign, with an example of each; what must not happen at all ends it with 1.
use EvenRungs\Assessment\Hold;
use EvenRungs\Assessment\HoldEnd;
use EvenRungs\Assessment\HoldKind;
use EvenRungs\Balance\Aim;
use EvenRungs\Balance\Position;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Method\Method;
use EvenRungs\Person\Decided;
use EvenRungs\Person\History;
use EvenRungs\Person\LoggedSession;
use EvenRungs\Person\LoggedSet;
use EvenRungs\Person\NotedLimit;
use EvenRungs\Person\PersonRecord;
use EvenRungs\Person\Placing;
use EvenRungs\Person\Profile;
use EvenRungs\Person\ProgramAtHand;
use EvenRungs\Person\Safety;
use EvenRungs\Program\KeptProgram;
use EvenRungs\Program\WeekKind;
use EvenRungs\Program\WrittenWeek;
use EvenRungs\Progress\Decision;
use EvenRungs\Progress\Felt;
use EvenRungs\Progress\FormQuestion;
use EvenRungs\Progress\LeavingMark;
use EvenRungs\Screening\State;
use EvenRungs\Session\Item;
use EvenRungs\Session\Session;
use EvenRungs\Session\WrittenSession;
use EvenRungs\Week\Plan;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\ShippedLibrary;

require dirname(__DIR__, 2).'/vendor/autoload.php';

const BEGIN = '2026-06-01';

/** One person through one program. */
final class Life
{
    /** What must not happen. */
    public const NEVER = ['over its minutes', 'above the working rung', 'end moved', 'nothing to do'];

    /** @var array<string, int> */
    public array $count = ['sessions' => 0, 'over its minutes' => 0, 'above the working rung' => 0, 'end moved' => 0, 'nothing to do' => 0, 'planned anew' => 0, 'climbs' => 0, 'steps down' => 0, 'ladders stopped' => 0, 'under half its minutes' => 0, 'easy for ever' => 0, 'short of the target' => 0, 'minutes' => 0, 'minutes filled' => 0];

    /** @var array<string, string> the first of each */
    public array $examples = [];

    /** @var list<Placing> */
    private array $placings = [];

    /** @var list<Decided> */
    private array $decisions = [];

    /** @var list<LoggedSession> */
    private array $logs = [];

    /** @var list<Hold> */
    private array $holds = [];

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
        $states = [State::ShoulderPain, State::WristPain, State::KneelingPain, State::BackWorseArching, State::Osteoporosis, State::RaisedPressure];
        $this->limits = $chance->getInt(0, 2) > 0 ? [] : [new NotedLimit($states[$chance->getInt(0, count($states) - 1)], Side::Both, Day::parse(BEGIN), false)];
    }

    public function run(): void
    {
        $this->test();
        $today = Day::parse(BEGIN);
        foreach ($this->record($today)->starts() as $start) {
            $this->placings[] = new Placing('p'.++$this->sequence, $start->rung->ladder, $start->side, $start->rung->slug, false, $this->sequence, $today);
        }
        $end = null;
        for ($week = 0; $week < $this->weeks; $week++) {
            $monday = $today->plusDays(7 * $week);
            $hand = $this->hand($monday);
            if ($hand->present() === null || $hand->against() !== []) {
                $this->count['planned anew'] += $hand->present() === null ? 0 : 1;
                $wish = $hand->nextWish();
                if ($wish->slots === []) {
                    return;
                }
                $weeks = $hand->taking(array_map(WrittenWeek::of(...), $hand->make($wish)->weeks), null);
                $this->kept = new KeptProgram("k{$week}", $wish->toArray(), array_map(static fn(WrittenWeek $one): array => $one->toArray(), $weeks), [], '', $monday->iso());
                $last = $weeks[count($weeks) - 1]->monday->iso();
                $end ??= $last;
                $this->note('end moved', $end !== $last && $week < 6 && $this->missed === 0, "{$end} to {$last}");
            }
            $this->live($monday);
        }
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
            $now = $this->hand($day);
            $session = $now->record->permitted($now->asOfToday()->since($written, new WrittenSession('', '', $written, $monday->iso(), $slot))->within(60 * $place->minutes, $now->record)->blocks)?->session;
            $this->note('nothing to do', $session === null && $written !== [] && ! $this->isStopped($now->record), "{$monday->iso()} {$slot}");
            if ($this->chance->getInt(1, 100) <= $this->missed) {
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
    }

    private function train(ProgramAtHand $hand, Session $session, Day $day, WeekKind $kind): void
    {
        $this->count['sessions']++;
        $sets = [];
        foreach ($session->items() as $item) {
            if ($hand->record->isStopped($item->rung->ladder)) {
                // Taken out by hand: the floor refuses it.
                continue;
            }
            $working = $hand->record->workingRung($item->rung->ladder);
            $this->note('above the working rung', $working !== null && $item->rung->height->above($working->height) > 0, "{$day->iso()}: {$item->rung->slug} over {$working?->slug}");
            array_push($sets, ...$this->done($item, $day));
        }
        $this->logs[] = $log = new LoggedSession('log-'.++$this->sequence, 'session', $day, $this->sequence, $session->timeline()->totals()->total(), $sets, []);
        foreach ($this->record($day)->judgement()->pending() as $pending) {
            $proposal = $pending->proposal;
            $this->decisions[] = new Decided($pending->rung->ladder, $pending->side, $pending->rung->slug, $proposal->choice, $log->id, ++$this->sequence);
            $this->count['ladders stopped'] += in_array($proposal->choice, [Decision::StopLadder, Decision::Refer], true) ? 1 : 0;
            if (in_array($proposal->choice, [Decision::StopLadder, Decision::Refer], true)) {
                $this->placings[] = new Placing('p'.++$this->sequence, $pending->rung->ladder, $pending->side, $pending->rung->slug, true, $this->sequence, $day);
            } elseif ($proposal->to !== null) {
                $this->count[$proposal->choice === Decision::Climb ? 'climbs' : 'steps down']++;
                $this->placings[] = new Placing('p'.++$this->sequence, $pending->rung->ladder, $pending->side, $proposal->to->slug, false, $this->sequence, $day, '', true);
            }
        }
    }

    /** @return list<LoggedSet> what this person makes of an exercise on a day */
    private function done(Item $item, Day $day): array
    {
        [$rung, $dose] = [$item->rung, $item->dose];
        $this->capacity[$rung->ladder] ??= $this->general + $this->chance->getInt(-4, 4);
        $this->capacity[$rung->ladder] += 0.25;
        $can = 2 ** (($this->capacity[$rung->ladder] - $rung->height->tenths) / 10) * (0.92 + $this->chance->getInt(0, 16) / 100);
        $mark = LeavingMark::of($rung, Method::default(), $dose);
        $ticks = array_fill_keys(array_map(static fn(FormQuestion $question): string => $question->value, FormQuestion::cases()), true);
        $sets = [];
        $hardest = 0;
        $pain = $this->chance->getInt(1, 100) <= $this->sore ? $this->chance->getInt(1, 7) : 0;
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
            $sets[] = new LoggedSet($item->id, $rung->slug, DoseLine::print($dose), $both, $left, $right, [...$ticks, FormQuestion::InControl->value => $done >= $body->target()], $pain, $effort, false, Felt::Right, null, $set);
            $this->count['short of the target'] += $done < $body->target() ? 1 : 0;
        }
        $key = "{$rung->slug} {$dose->first()->target()}";
        $running = $hardest <= 3 ? ($this->easy[$key] ?? 0) + 1 : 0;
        $this->easy[$key] = $running;
        $onIt = $running === 6 ? array_values(array_filter($this->record($day)->on($rung->ladder), static fn(Position $here): bool => $here->rung->slug === $rung->slug))[0] ?? null : null;
        $isTop = $onIt !== null && $this->record($day)->circumstances()->nextOpen(ShippedLibrary::get()->ladder($rung->ladder), $rung, up: true) === null;
        $this->note('easy for ever', $running === 6 && ! $isTop, "{$day->iso()}: {$rung->slug} ".DoseLine::print($dose)." the sixth time at effort {$hardest}");

        return $sets;
    }

    private function isStopped(PersonRecord $record): bool
    {
        return $record->stoppedLadders() !== [];
    }

    private function test(): void
    {
        $seconds = fn(int $height, int $at): int => (int) max(4, round($at * 2 ** (($this->general + $this->chance->getInt(-3, 3) - $height) / 10)));
        $tests = [$this->general < 34 ? [HoldKind::FrontPlankKnees, Side::Both, 30, 60] : [HoldKind::FrontPlank, Side::Both, 40, 45], [HoldKind::SidePlank, Side::Left, 40, 28], [HoldKind::SidePlank, Side::Right, 40, 28], [HoldKind::BackExtensor, Side::Both, 54, 80]];
        foreach (array_slice($tests, 0, $this->chance->getInt(1, 4)) as [$kind, $side, $height, $at]) {
            $this->holds[] = Hold::of($kind, $side, max(4, min(300, (int) round(($side === Side::Left ? $this->left : 1.0) * $seconds($height, $at)))), HoldEnd::FormLost, Day::parse(BEGIN), ++$this->sequence);
        }
    }

    private function record(Day $today): PersonRecord
    {
        return new PersonRecord(ShippedLibrary::get(), Method::default(), $today, $this->profile, new Safety($this->limits, [], [], $today), History::of($this->placings, $this->decisions, $this->logs, $this->holds, [], Day::parse(BEGIN)));
    }

    private function hand(Day $today): ProgramAtHand
    {
        return new ProgramAtHand($this->record($today), new Plan, $this->kept, []);
    }

    private function note(string $what, bool $happened, string $example): void
    {
        if ($happened) {
            $this->count[$what]++;
            $this->examples[$what] ??= "{$this->name}, {$example}";
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
    $examples += $life->examples;
}
printf("%d people for %d weeks, seed %d\n\n", $people, $weeks, $seed);
foreach ($sum as $what => $times) {
    if (! str_starts_with($what, 'minutes')) {
        printf("%-24s %6d  %s\n", $what, $times, $examples[$what] ?? '');
    }
}
printf("%-24s %5d%%\n", 'minutes filled', (int) round(100 * ($sum['minutes filled'] ?? 0) / max(1, $sum['minutes'] ?? 0)));
exit(array_sum(array_intersect_key($sum, array_flip(Life::NEVER))) === 0 ? 0 : 1);
