<?php

declare(strict_types=1);

// Made-up people with a known true capacity, trained for 26 weeks by the rules alone: what is proposed is done. A rung of
// a height that is mastered is done to its leaving mark at effort 7; each 1.0 of height above it doubles what can be done
// there, each below halves it, and every day differs by chance. Prints how far the rules bring them, and where they err.
use EvenRungs\Balance\Aim;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Dose\Dose;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\SetBody;
use EvenRungs\Ladder\Rung;
use EvenRungs\Method\Answer;
use EvenRungs\Method\Method;
use EvenRungs\Person\Decided;
use EvenRungs\Person\History;
use EvenRungs\Person\LoggedSession;
use EvenRungs\Person\LoggedSet;
use EvenRungs\Person\PersonRecord;
use EvenRungs\Person\Placing;
use EvenRungs\Person\Profile;
use EvenRungs\Person\Safety;
use EvenRungs\Progress\Decision;
use EvenRungs\Progress\DoseStep;
use EvenRungs\Progress\Felt;
use EvenRungs\Progress\FormQuestion;
use EvenRungs\Progress\LeavingMark;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use Symfony\Component\Yaml\Yaml;
use Tests\Core\ShippedLibrary;

require dirname(__DIR__, 2).'/vendor/autoload.php';

const WEEKS = 26;
const LADDERS = ['front-plank', 'side-bridge', 'press-out', 'bridge', 'dead-bug'];
const SCHOOLS = [
    'default' => [],
    'long holds' => [Answer::LongHolds],
    'capped holds' => [Answer::CappedHolds],
    'as soon as clean' => [Answer::AsSoonAsClean],
    'one to two weeks' => [Answer::OneToTwoWeeks],
    'near the limit' => [Answer::NearTheLimit],
];

/** One person on one ladder. */
final class Trained
{
    /** @var list<LoggedSession> */
    private array $logs = [];

    /** @var list<Placing> */
    private array $placings = [];

    /** @var list<Decided> */
    private array $decisions = [];

    private int $sequence = 0;

    /** @var array<string, int> */
    public array $count = ['sessions' => 0, 'climbs' => 0, 'false climbs' => 0, 'steps down' => 0, 'pain stops' => 0, 'climb tests' => 0, 'parted' => 0, 'too much' => 0];

    /** @var array<string, int> first week on a rung of each level */
    public array $levels = [];

    /** Longest stretch of weeks on a rung two or more below the one that is mastered. */
    public int $longestBelow = 0;

    private int $below = 0;

    private ?string $climbedTo = null;

    /** @param array{name: string, capacity: int, rate: float, kind: string, starts: int} $person */
    public function __construct(private readonly array $person, private readonly string $ladder, private readonly Method $method, private readonly float $noise, private readonly \Random\Randomizer $chance) {}

    public function run(): void
    {
        $begin = Day::parse('2026-01-05');
        $this->place($this->highest((float) $this->person['starts'])->slug, $begin, false);
        $capacity = (float) $this->person['capacity'];
        for ($week = 0; $week < WEEKS; $week++) {
            $capacity += $this->person['kind'] === 'uneven' ? ($week % 2 === 0 ? 2 * $this->person['rate'] : 0) : $this->person['rate'];
            if ($this->person['kind'] === 'missing' && $week % 7 === 5) {
                continue;
            }
            foreach ([0, 2, 4] as $weekday) {
                if (! $this->train($begin->plusDays(7 * $week + $weekday), $capacity)) {
                    return;
                }
            }
            $here = $this->rung();
            $this->levels[$here->height->level()->value] ??= $week + 1;
            $steps = count(array_filter($this->open(), static fn(Rung $rung): bool => $rung->height->tenths > $here->height->tenths && $rung->height->tenths <= $capacity));
            $this->below = $steps >= 2 ? $this->below + 1 : 0;
            $this->longestBelow = max($this->longestBelow, $this->below);
        }
    }

    /** False where training stops. */
    private function train(Day $day, float $capacity): bool
    {
        $record = $this->record($day);
        $rung = $this->rung();
        $dose = $record->doses()->next()[$rung->slug]->dose;
        $this->isTooMuch($rung, $dose);
        $can = (2 ** (($capacity - $rung->height->tenths) / 10)) * $this->today();
        $log = $this->log($day, $rung, $dose, $can);
        $this->logs[] = $log;
        $this->count['sessions']++;
        if ($this->climbedTo === $rung->slug) {
            $this->count['false climbs'] += $log->sets[0]->form[FormQuestion::InControl->value] ? 0 : 1;
            $this->climbedTo = null;
        }
        $proposal = $this->record($day)->judgement()->proposal($this->record($day)->positions()[0]);
        $offered = array_filter($proposal->reasons, static fn(Reason $reason): bool => $reason->rule === Rule::ClimbTestOffer) !== [];
        // A trainer who knew the truth would climb where the mark of the next rung is half in reach.
        $wouldClimb = $can >= 10 / 7 && $proposal->gate->markPercent >= 100;
        $this->count['parted'] += ($proposal->choice === Decision::Climb) !== $wouldClimb && $proposal->choice !== Decision::StepDown ? 1 : 0;
        if ($offered) {
            $this->count['climb tests']++;
            $this->place($this->highest($capacity)->slug, $day, false);

            return true;
        }
        $this->decisions[] = new Decided($this->ladder, Side::Both, $rung->slug, $proposal->choice, $log->id, ++$this->sequence);
        if ($proposal->choice === Decision::StopLadder || $proposal->choice === Decision::Refer) {
            $this->count['pain stops']++;

            return false;
        }
        if ($proposal->to !== null) {
            $this->count[$proposal->choice === Decision::Climb ? 'climbs' : 'steps down']++;
            $this->climbedTo = $proposal->choice === Decision::Climb ? $proposal->to->slug : null;
            $this->place($proposal->to->slug, $day, true);
        }

        return true;
    }

    /** No dose over the larger of one and a half of the last clean one and a step. */
    private function isTooMuch(Rung $rung, Dose $dose): void
    {
        foreach (array_reverse($this->logs) as $log) {
            $before = $log->exercises(ShippedLibrary::get(), Side::Both)[0];
            if ($before->rung->slug !== $rung->slug) {
                return;
            }
            if ($before->isClean()) {
                $most = max(1.5 * DoseStep::total($rung, $before->dose, $this->method), DoseStep::total($rung, DoseStep::up($rung, $before->dose, $this->method)->dose ?? $before->dose, $this->method));
                $this->count['too much'] += DoseStep::total($rung, $dose, $this->method) > $most ? 1 : 0;

                return;
            }
        }
    }

    private function log(Day $day, Rung $rung, Dose $dose, float $can): LoggedSession
    {
        $mark = LeavingMark::of($rung, $this->method, $dose);
        $isSore = $this->person['kind'] === 'sore' && $this->chance->getInt(1, 100) <= 4;
        $ticks = array_fill_keys(array_map(static fn(FormQuestion $question): string => $question->value, FormQuestion::cases()), true);
        $sets = [];
        foreach ($dose->bodies as $index => $body) {
            $asked = $this->asked($rung, $dose, $body, $mark);
            // Mastered is the mark at effort 7: ten parts of seven can be done before form is lost, a little less in each further set.
            $most = 10 / 7 * $can * (1 - 0.03 * $index);
            $done = $asked <= $most ? $body->target() : max(1, (int) floor($body->target() * $most / $asked));
            $effort = (int) max(1, min(10, round(10 * $asked / $most)));
            [$both, $left, $right] = $dose->perSide ? [null, $done, $done] : [$done, null, null];
            $sets[] = new LoggedSet('item', $rung->slug, DoseLine::print($dose), $both, $left, $right, [...$ticks, FormQuestion::InControl->value => $done >= $body->target()], $isSore ? $this->chance->getInt(2, 4) : 0, $effort, false, Felt::Right);
        }

        return new LoggedSession('log-'.count($this->logs), 'session', $day, ++$this->sequence, 600, $sets, []);
    }

    /** What a set asks for, in parts of the mark. */
    private function asked(Rung $rung, Dose $dose, SetBody $body, LeavingMark $mark): float
    {
        $pause = $mark->pause > 0 ? $rung->tempoOf($dose)->pauseHigh->seconds / $mark->pause : 1;

        return $body->target() / $mark->target * $pause;
    }

    private function today(): float
    {
        // Twelve even chances added up come near the bell curve.
        $sum = 0.0;
        for ($one = 0; $one < 12; $one++) {
            $sum += $this->chance->getInt(0, 1_000_000) / 1_000_000;
        }

        return max(0.5, 1 + $this->noise * ($sum - 6));
    }

    private function place(string $rung, Day $day, bool $decided): void
    {
        $this->placings[] = new Placing('p'.count($this->placings), $this->ladder, Side::Both, $rung, false, ++$this->sequence, $day, '', $decided);
    }

    private function rung(): Rung
    {
        return ShippedLibrary::rung($this->placings[count($this->placings) - 1]->rung);
    }

    /** @return list<Rung> the trunk of the ladder */
    private function open(): array
    {
        return ShippedLibrary::get()->ladder($this->ladder)->trunk($this->method);
    }

    private function highest(float $tenths): Rung
    {
        $open = $this->open();
        $under = array_values(array_filter($open, static fn(Rung $rung): bool => $rung->height->tenths <= $tenths));

        return $under === [] ? $open[0] : $under[count($under) - 1];
    }

    private function record(Day $today): PersonRecord
    {
        return new PersonRecord(
            ShippedLibrary::get(),
            $this->method,
            $today,
            new Profile(Aim::cases()[0], null, 1990, null, [1, 3, 5], 30, Kit::cases(), null, []),
            new Safety([], [], [], Day::parse('2026-01-01')),
            History::of($this->placings, $this->decisions, $this->logs, [], [], null),
        );
    }
}

/** @var list<array{name: string, capacity: int, rate: float, kind: string, starts: int}> $people */
$people = Yaml::parseFile(__DIR__.'/people.yaml');
$seed = (int) ($argv[1] ?? 1);
printf("%d people on %d ladders for %d weeks, seed %d\n\n", count($people), count(LADDERS), WEEKS, $seed);
printf("%-18s %5s  %8s %7s %6s %11s %8s %9s %10s %8s %11s %9s\n", 'school', 'noise', 'sessions', 'climbs', 'false', 'steps down', 'tests', 'too much', 'pain stops', 'parted', 'below true', 'levels');
foreach (SCHOOLS as $school => $answers) {
    $method = array_reduce($answers, static fn(Method $method, Answer $answer): Method => $method->with($answer), Method::default());
    foreach ([0.05, 0.10, 0.15] as $noise) {
        $sum = [];
        $levels = [];
        $below = ['', 0];
        foreach ($people as $index => $person) {
            foreach (LADDERS as $ladder) {
                $trained = new Trained($person, $ladder, $method, $noise, new \Random\Randomizer(new \Random\Engine\Mt19937($seed + 1000 * $index + strlen($ladder))));
                $trained->run();
                foreach ($trained->count as $what => $times) {
                    $sum[$what] = ($sum[$what] ?? 0) + $times;
                }
                foreach ($trained->levels as $level => $week) {
                    $levels[$level][] = $week;
                }
                if ($person['kind'] !== 'sore' && $trained->longestBelow > $below[1]) {
                    $below = ["{$person['name']}, {$ladder}", $trained->longestBelow];
                }
            }
        }
        $middle = static function (array $weeks): int {
            sort($weeks);

            return $weeks[intdiv(count($weeks), 2)];
        };
        $reached = implode(' ', array_map(static fn(string $level, array $weeks): string => substr($level, 0, 3).' '.$middle($weeks), array_keys($levels), $levels));
        printf("%-18s %4d %%  %8d %7d %4.1f %% %11d %8d %9d %10d %6.1f %% %2d weeks (%s)  %s\n", $school, (int) (100 * $noise), $sum['sessions'], $sum['climbs'], $sum['climbs'] === 0 ? 0 : 100 * $sum['false climbs'] / $sum['climbs'], $sum['steps down'], $sum['climb tests'], $sum['too much'], $sum['pain stops'], 100 * $sum['parted'] / max(1, $sum['sessions']), $below[1], $below[0], $reached);
    }
}
