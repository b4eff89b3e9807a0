<?php

declare(strict_types=1);

namespace EvenRungs\Method;

/**
 * An answer to a question of the method. The values are what is stored, in practices and in ladder files: never renamed.
 * The labels are wording only and may change any day.
 */
enum Answer: string
{
    case ResistOnly = 'movements-allowed/resist-only';
    case ExtensionLiftsToo = 'movements-allowed/extension-too';
    case TrainedMovementToo = 'movements-allowed/all-trained';

    case TopFootInFront = 'side-plank-feet/top-foot-in-front';
    case FeetStacked = 'side-plank-feet/stacked';
    case FeetByAbility = 'side-plank-feet/by-ability';

    case MovementOnForearms = 'front-plank-next-step/movement';
    case HandsAfterForearms = 'front-plank-next-step/hands';

    case ShortRepeatedHolds = 'hold-strategy/short-repeated';
    case CappedHolds = 'hold-strategy/capped';
    case LongHolds = 'hold-strategy/long';

    case KneesAboutAMinute = 'too-weak-for-plank/knees';
    case ShortBoutsOnToes = 'too-weak-for-plank/short-bouts';

    case BaseFirst = 'order/base-first';
    case CarryFirst = 'order/carry-first';
    case BottomUp = 'order/bottom-up';
    case FewestMoves = 'order/fewest-moves';
    case WeakestFirst = 'order/weakest-first';

    case CountEachSide = 'counting-reps/each-side';
    case CountPairs = 'counting-reps/pairs';
    case CountMovements = 'counting-reps/movements';

    case TwoCleanAndAWeek = 'leaving-a-rung/two-clean-and-a-week';
    case AsSoonAsClean = 'leaving-a-rung/as-soon-as-clean';
    case OneToTwoWeeks = 'leaving-a-rung/one-to-two-weeks';

    case CueFirst = 'low-back-feeling/cue-first';
    case StepDownAtOnce = 'low-back-feeling/step-down';
    case RestAndGoOn = 'low-back-feeling/rest-and-go-on';

    case ActivationAdvised = 'activation-before/advised';
    case ClosedUntilActivated = 'activation-before/closed';

    case AsFinisher = 'placement/finisher';
    case AsPrimer = 'placement/primer';
    case OnOwnDay = 'placement/own-day';
    case PlacementMixed = 'placement/mixed';

    case TwoToThreeDays = 'frequency/two-to-three-days';
    case ShortDaily = 'frequency/short-daily';
    case RestWhenSore = 'frequency/rest-when-sore';

    case LeaveReserve = 'effort/reserve';
    case NearTheLimit = 'effort/near-the-limit';

    case BraceAllRound = 'trunk-technique/brace';
    case NavelIn = 'trunk-technique/navel-in';
    case NavelInThenBrace = 'trunk-technique/navel-in-then-brace';

    case NaturalArch = 'low-back-lying/natural-arch';
    case PressedFlat = 'low-back-lying/pressed-flat';

    case NeutralLine = 'pelvis-in-planks/neutral';
    case Tucked = 'pelvis-in-planks/tucked';
    case HipsSlightlyHigh = 'pelvis-in-planks/slightly-high';

    case BladesNeutral = 'shoulder-blades/neutral';
    case BladesDownAndBack = 'shoulder-blades/down-and-back';
    case BladesPushedAway = 'shoulder-blades/pushed-away';

    case SqueezeAThird = 'squeeze/third';
    case SqueezeFully = 'squeeze/full';

    case OutOnEffort = 'breathing/out-on-effort';
    case InOnTheReach = 'breathing/in-on-the-reach';
    case SmallSips = 'breathing/small-sips';

    case ForearmsParallel = 'forearms/parallel';
    case ForearmsJoined = 'forearms/joined';

    case PullFromTheTrunk = 'pull-in-rollouts/from-the-trunk';
    case ArmsHelp = 'pull-in-rollouts/arms-help';

    case TrunkStill = 'chops-and-turns/trunk-still';
    case TrunkTurns = 'chops-and-turns/trunk-turns';

    public function question(): Question
    {
        return Question::from((string) strstr($this->value, '/', true));
    }

    public function label(): string
    {
        return match ($this) {
            self::BraceAllRound => 'brace all round',
            self::NavelIn => 'draw the navel in',
            self::NavelInThenBrace => 'draw in for activation, brace under load',
            self::NaturalArch => 'natural arch',
            self::PressedFlat => 'pressed flat',
            self::NeutralLine => 'neutral line',
            self::Tucked => 'tucked',
            self::HipsSlightlyHigh => 'hips slightly high',
            self::BladesNeutral => 'neutral',
            self::BladesDownAndBack => 'down and back',
            self::BladesPushedAway => 'pushed away',
            self::SqueezeAThird => 'about a third',
            self::SqueezeFully => 'as tight as possible',
            self::OutOnEffort => 'out on effort',
            self::InOnTheReach => 'in on the reach',
            self::SmallSips => 'small sips in holds',
            self::TopFootInFront => 'top foot in front',
            self::FeetStacked => 'stacked',
            self::FeetByAbility => 'by ability',
            self::ForearmsParallel => 'parallel',
            self::ForearmsJoined => 'joined',
            self::ShortRepeatedHolds => 'short repeated',
            self::CappedHolds => 'capped at 30 s then move',
            self::LongHolds => 'long holds to 120 s',
            self::KneesAboutAMinute => 'knees until about a minute',
            self::ShortBoutsOnToes => 'short bouts on the toes',
            self::MovementOnForearms => 'movement on forearms',
            self::HandsAfterForearms => 'hands after forearms',
            self::ResistOnly => 'resist movement only',
            self::ExtensionLiftsToo => 'also extension lifts',
            self::TrainedMovementToo => 'also trained flexion, rotation, side-bending',
            self::PullFromTheTrunk => 'from the trunk, arms locked',
            self::ArmsHelp => 'arms help',
            self::TrunkStill => 'trunk still, hips turn',
            self::TrunkTurns => 'trunk turns',
            self::LeaveReserve => 'stop at first loss of form, leave reserve',
            self::NearTheLimit => 'near the limit in short bursts',
            self::CueFirst => 'cue and lighten first',
            self::StepDownAtOnce => 'step down at once',
            self::RestAndGoOn => 'rest and go on (safety rules stand)',
            self::ActivationAdvised => 'advised',
            self::ClosedUntilActivated => 'closed until done',
            self::AsFinisher => 'finisher',
            self::AsPrimer => 'primer',
            self::OnOwnDay => 'own day',
            self::PlacementMixed => 'mixed',
            self::TwoToThreeDays => '2–3 days',
            self::ShortDaily => 'short daily',
            self::RestWhenSore => 'rest when sore',
            self::BaseFirst => 'base first',
            self::CarryFirst => 'carry first',
            self::BottomUp => 'bottom-up',
            self::FewestMoves => 'fewest moves',
            self::WeakestFirst => 'weakest first',
            self::CountEachSide => 'each side',
            self::CountPairs => 'a pair is one',
            self::CountMovements => 'every movement',
            self::TwoCleanAndAWeek => 'two clean sessions and a week',
            self::AsSoonAsClean => 'as soon as clean',
            self::OneToTwoWeeks => 'one to two weeks’ practice, then try',
        };
    }
}
