<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

use EvenRungs\Body\Side;

/** A kind of fault, as a change of the angles of the right position. How far is our own choice: so that it shows. */
enum FaultKind: string
{
    case LowBackSags = 'low-back-sags';
    case BackRounds = 'back-rounds';
    case BackPresses = 'back-presses';
    case SeatRises = 'seat-rises';
    case HipsSink = 'hips-sink';
    case SideSags = 'side-sags';
    case HipDrops = 'hip-drops';
    case TrunkTurns = 'trunk-turns';
    case TrunkLeans = 'trunk-leans';
    case RibsFlare = 'ribs-flare';
    case HeadPokes = 'head-pokes';
    case HeadHangs = 'head-hangs';
    case ShouldersShrug = 'shoulders-shrug';
    case ShoulderHangs = 'shoulder-hangs';
    case ShouldersRoll = 'shoulders-roll';
    case BladesWing = 'blades-wing';
    case KneeFallsIn = 'knee-falls-in';
    case KneeFallsOut = 'knee-falls-out';
    case WeightShifts = 'weight-shifts';
    case PelvisRocks = 'pelvis-rocks';
    case RangeTooFar = 'range-too-far';
    case LimbDrops = 'limb-drops';
    case HandsDrift = 'hands-drift';
    case ElbowsBend = 'elbows-bend';
    case KneesBend = 'knees-bend';

    /** Part of stature by which the body rises in a lift, and does not in a press or a step. */
    private const RISE = 0.06;

    /** Kinds that no still shows, with their words. */
    public const UNSEEN = ['breath-held' => 'Breath held', 'unseen' => 'Not drawn'];

    public function inWords(): string
    {
        return str_replace('-', ' ', ucfirst($this->value));
    }

    /** The pose of a plan in which this fault is made, with the fault in it. */
    public function in(Plan $plan, Solver $solver): Stood
    {
        $stands = $plan->stands($solver);
        $at = $this->isMadeBelow() && self::risesFromBelow($stands) ? 0 : count($stands) - 1;
        $made = $stands[$at] ?? $stands[0];
        $pose = $plan->poses[$at] ?? $plan->poses[0];

        return $solver->fall(new Pose($this->changed($plan, $stands[0]->body->posture, $made->body->posture), $pose->supports, []), $plan->setting);
    }

    /** Whether it is made where the trunk leans furthest, as in lifting from the floor; else where the movement ends. */
    private function isMadeBelow(): bool
    {
        return in_array($this, [self::BackRounds, self::SeatRises, self::TrunkTurns, self::KneeFallsIn, self::KneeFallsOut, self::HipsSink], true);
    }

    /** @param non-empty-list<Stood> $stands */
    private static function risesFromBelow(array $stands): bool
    {
        [$start, $end] = [$stands[0]->body, $stands[count($stands) - 1]->body];

        return $start->posture->lies === Attitude::Upright && $end->posture->lies === Attitude::Upright && $end->mass()[1][2] - $start->mass()[1][2] > self::RISE;
    }

    private function changed(Plan $plan, Posture $start, Posture $end): Posture
    {
        $to = self::turnsTo($plan);
        $side = $plan->side === Side::Left ? 'left' : 'right';

        return match ($this) {
            self::LowBackSags => $end->with(['low-back' => [-24], 'mid-back' => [-4]]),
            self::BackRounds => $end->with(['low-back' => [24], 'mid-back' => [16]]),
            self::BackPresses => $end->with(['low-back' => [14]], [-8, 0, 0]),
            self::SeatRises => $end->with(['left-hip' => [34], 'right-hip' => [34]]),
            self::HipsSink => match ($end->lies) {
                Attitude::Supine => $end->with(['left-hip' => [26], 'right-hip' => [26]]),
                Attitude::LeftSide, Attitude::RightSide => self::SideSags->changed($plan, $start, $end),
                Attitude::Upright => $end->with(['left-hip' => [22], 'right-hip' => [22], 'left-knee' => [16], 'right-knee' => [16]], [14, 0, 0]),
                Attitude::Prone => $end->with(['low-back' => [-22], 'left-hip' => [-16], 'right-hip' => [-16]]),
            },
            // Towards the floor, so that the under side gets longer.
            self::SideSags => $end->with(['low-back' => [0, $end->lies === Attitude::RightSide ? 20 : -20], 'mid-back' => [0, $end->lies === Attitude::RightSide ? 5 : -5]]),
            self::HipDrops => $end->with(['low-back' => [0, -12 * $to]], [0, -12 * $to, 0]),
            self::TrunkTurns => $end->with(['low-back' => [0, 0, 9 * $to], 'mid-back' => [0, 0, 24 * $to]]),
            self::TrunkLeans => $end->with(['low-back' => [0, -8 * $to], 'mid-back' => [0, -8 * $to]], [0, 8 * $to, 0]),
            self::RibsFlare => $end->with(['mid-back' => [-24], 'low-back' => [-6]]),
            self::HeadPokes => $end->with(['neck' => [-36]]),
            self::HeadHangs => $end->with(['neck' => [36]]),
            self::ShouldersShrug => $end->withBlades(3.5, 0),
            self::ShoulderHangs => $end->withBlades(-3, 0),
            self::ShouldersRoll => $end->with(['mid-back' => [14]])->withBlades(1, 3),
            self::BladesWing => $end->withBlades(1.5, -3),
            self::KneeFallsIn => $end->with(['left-hip' => [0, -16, 22], 'right-hip' => [0, -16, 22]]),
            self::KneeFallsOut => $end->with(['left-hip' => [0, 16, -22], 'right-hip' => [0, 16, -22]]),
            self::WeightShifts => $end->with(['left-hip' => [0, 12 * $to], 'right-hip' => [0, -12 * $to], 'low-back' => [0, 8 * $to]]),
            self::PelvisRocks => $end->lies === Attitude::Upright ? $end->with(['low-back' => [0, 0, -12 * $to]], [0, 0, 16 * $to]) : $end->with(['low-back' => [0, 0, 10 * $to]], [0, 16 * $to, 0]),
            self::RangeTooFar => $start->towards($end, $start == $end ? 1.0 : 1.35),
            self::LimbDrops => $end->with($end->lies === Attitude::Supine ? ["{$side}-hip" => [-14]] : ["{$side}-hip" => [22], "{$side}-shoulder" => [-22]]),
            self::HandsDrift => $end->with(['left-shoulder' => [0, 20 * $to], 'right-shoulder' => [0, -20 * $to]]),
            self::ElbowsBend => $end->with(array_fill_keys(array_map(static fn(string $hand): string => "{$hand}-elbow", self::hands($plan) === [] ? ['left', 'right'] : self::hands($plan)), [46])),
            self::KneesBend => $end->with(['left-knee' => [34], 'right-knee' => [34]]),
        };
    }

    /** @return 1|-1 to which side it would go: to the left above nought, where something pulls or an arm is free */
    private static function turnsTo(Plan $plan): int
    {
        foreach ($plan->setting->kit as $piece) {
            if ($piece->anchor !== null && abs($piece->anchor[1]) > 30) {
                return $piece->anchor[1] > 0 ? 1 : -1;
            }
            if ($piece->kg > 0 && count($piece->at) === 1 && $piece->at[0]->side !== Side::Both) {
                return $piece->at[0]->side === Side::Left ? 1 : -1;
            }
        }
        $hands = self::hands($plan);

        return count($hands) === 1 ? ($hands[0] === 'left' ? -1 : 1) : ($plan->side === Side::Left ? 1 : -1);
    }

    /** @return list<string> sides of the hands and elbows that carry at the end */
    private static function hands(Plan $plan): array
    {
        $hands = [];
        foreach ($plan->poses[count($plan->poses) - 1]->supports ?? [] as $support) {
            if (in_array($support->spot->contact, [Contact::Palm, Contact::Elbow], true)) {
                $hands[$support->spot->side->value] = true;
            }
        }

        return array_keys($hands);
    }
}
