<?php

declare(strict_types=1);

namespace EvenRungs\Week;

use EvenRungs\Body\Level;
use EvenRungs\Body\Limit;
use EvenRungs\Method\Answer;
use EvenRungs\Method\Method;
use EvenRungs\Method\Question;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/** How many days a week core work is done on, by method and level, with the published recommendation beside it. */
final readonly class Frequency
{
    private function __construct(public int $low, public int $high, public Reason $reason) {}

    /** @param list<Limit> $limits */
    public static function of(Method $method, Level $level, array $limits): self
    {
        $choice = $method->answer(Question::Frequency);
        [$low, $high] = match ($choice) {
            Answer::ShortDaily => [5, 7],
            Answer::RestWhenSore => [3, 5],
            default => in_array($level, [Level::Advanced, Level::Performance], true) ? [3, 4] : [2, 3],
        };
        $inputs = ['method' => $choice->label(), 'level' => $level->value, 'published, resistance work' => self::published($level)];
        foreach ($limits as $limit) {
            if ($limit->mostDays !== null && $limit->mostDays < $high) {
                [$low, $high] = [min($low, $limit->mostDays), $limit->mostDays];
                $inputs['limit'] = "{$limit->name}: at most {$limit->mostDays} days";
            }
        }
        $days = $low === $high ? (string) $low : "{$low}–{$high}";

        return new self($low, $high, Reason::because(
            Rule::Frequency,
            "{$days} days a week".($choice === Answer::ShortDaily ? ', short and at low effort: practice of holds, not hard work.' : '.'),
            $inputs,
            'Another answer on frequency in the method, or a climb to another level.',
        ));
    }

    /** Whether so many days are what the method asks for; a week that is not laid out yet is not judged. */
    public function fits(int $days): bool
    {
        return $days === 0 || ($days >= $this->low && $days <= $this->high);
    }

    /** "2–3 days", as published for resistance work (values from memory of the source). */
    public static function published(Level $level): string
    {
        return match ($level) {
            Level::Foundation, Level::Beginner => '2–3 days (novice)',
            Level::Intermediate => '3–4 days (intermediate)',
            Level::Advanced, Level::Performance => '4–5 days (advanced)',
        };
    }
}
