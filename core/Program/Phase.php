<?php

declare(strict_types=1);

namespace EvenRungs\Program;

use EvenRungs\Body\Position;
use EvenRungs\Session\Segment;
use EvenRungs\Session\Session;
use EvenRungs\Session\TimeKind;

/** What leads in a week: programs go from still to moving to standing work as the rungs rise (common practice). */
enum Phase: string
{
    case Still = 'still';
    case Moving = 'moving';
    case Standing = 'standing';

    /**
     * The kind with the most time under tension; the later one when two are equal.
     *
     * @param list<Session> $sessions
     *
     * @return array{self, int}|null the phase and its share in per cent; null where there is no work
     */
    public static function of(array $sessions): ?array
    {
        $seconds = array_fill_keys(array_map(static fn(self $phase): string => $phase->value, self::cases()), 0);
        foreach ($sessions as $session) {
            foreach ($session->timeline()->segments as $segment) {
                if ($segment->stretch === TimeKind::Work) {
                    $seconds[self::ofSegment($segment)->value] += $segment->seconds;
                }
            }
        }
        $sum = array_sum($seconds);
        $leads = self::Still;
        foreach (self::cases() as $phase) {
            if ($seconds[$phase->value] >= $seconds[$leads->value]) {
                $leads = $phase;
            }
        }

        return $sum === 0 ? null : [$leads, intdiv(200 * $seconds[$leads->value] + $sum, 2 * $sum)];
    }

    private static function ofSegment(Segment $segment): self
    {
        $rung = $segment->item->rung;

        return match (true) {
            in_array($rung->position, [Position::Standing, Position::Walking, Position::Hanging], true) => self::Standing,
            $rung->dynamic => self::Moving,
            default => self::Still,
        };
    }
}
