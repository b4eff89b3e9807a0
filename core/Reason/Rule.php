<?php

declare(strict_types=1);

namespace EvenRungs\Reason;

/**
 * Every rule that can put a number, a warning or a proposal in front of the trainer.
 * The value is the rule id kept with stored decisions: never renamed.
 */
enum Rule: string
{
    case Clock = 'dose.clock';
    case ChangeOver = 'session.change-over';
    case CircuitChangeOver = 'session.circuit-change-over';
    case OpenEstimate = 'session.open-estimate';
    case Order = 'session.order';
    case Competing = 'session.competing-stations';
    case Primer = 'session.primer';
    case FitToTime = 'session.fit-to-time';
    case Template = 'session.template';
    case HeldNotRepeated = 'dose.held-not-repeated';
    case NextDose = 'dose.next';
    case NextLoad = 'dose.next-load';
    case WorkingRung = 'session.working-rung';
    case WorkShares = 'balance.work-shares';
    case Spread = 'balance.spread';
    case LimitRulesOut = 'screening.limit-rules-out';
    case LimitCaution = 'screening.limit-caution';
    case KitMissing = 'ladder.kit-missing';
    case MethodPutsAway = 'method.put-away';
    case PracticeHides = 'library.hidden';
    case Substitution = 'ladder.substitution';
    case DangerSign = 'screening.danger-sign';
    case Rescreen = 'screening.rescreen';
    case DaysOfTraining = 'week.days-of-training';
    case WeekEffort = 'week.effort';
    case WeekSameTime = 'week.same-time';
    case WeekBeforeHeavy = 'week.before-heavy-lifting';
    case WeekBeforeSport = 'week.before-sport';
    case WeekRecovery = 'week.recovery';
    case WeekThreeDays = 'week.three-days-running';
    case WeekLeans = 'week.primer-or-finisher-of-nothing';
    case WeekDemand = 'week.demand-not-met';
    case Frequency = 'week.frequency';
    case Soreness = 'week.soreness';
    case ProgramSets = 'program.sets';
    case ProgramDose = 'program.dose';
    case ProgramRung = 'program.rung';
    case ProgramEasier = 'program.easier-week';
    case ProgramMinimum = 'program.minimum';
    case ProgramOpen = 'program.demand-open';
    case ProgramBreak = 'program.break';
    case ForecastRate = 'forecast.rate';
    case ForecastGate = 'forecast.gate';
    case WeekLoad = 'load.week';
    case WeekRise = 'load.week-rise';
    case Retest = 'assessment.retest';
    case HoldNorm = 'assessment.hold-norm';
    case HoldRatio = 'assessment.hold-ratio';
    case HoldSides = 'assessment.hold-sides';
    case HoldChange = 'assessment.minimal-detectable-change';
    case ClimbTest = 'assessment.climb-test';
    case AlignmentSide = 'assessment.alignment-side';
    case AlignmentBack = 'assessment.alignment-back';
    case BraceCheck = 'assessment.brace-check';
    case PlacingFromHold = 'placing.from-hold';
    case PlacingFromPlank = 'placing.from-front-plank';
    case PlacingFromClimb = 'placing.from-climb-test';
    case PlacingFromHeight = 'placing.from-tested-height';
    case PlacingRungsLower = 'placing.rungs-lower';
    case GateTopOfBand = 'gate.top-of-band';
    case GateForm = 'gate.form';
    case GatePain = 'gate.pain';
    case GateEffort = 'gate.effort';
    case GateSessions = 'gate.sessions';
    case GateDays = 'gate.days';
    case Stay = 'decision.stay';
    case StepDownForm = 'decision.step-down-form';
    case StepDownLowEnd = 'decision.step-down-low-end';
    case StepDownFelt = 'decision.step-down-felt';
    case PainLow = 'pain.low';
    case PainMiddle = 'pain.middle';
    case PainHigh = 'pain.high';
    case PainMorning = 'pain.next-morning';
    case PainTwice = 'pain.twice-in-28-days';

    public function basis(): Basis
    {
        return match ($this) {
            self::Clock, self::OpenEstimate => Basis::Arithmetic,
            self::HoldNorm, self::HoldRatio, self::HoldChange, self::DaysOfTraining, self::WeekRecovery, self::Frequency, self::NextLoad, self::WeekLoad, self::PainLow, self::PainMiddle, self::PainHigh, self::PainMorning => Basis::Published,
            self::Order, self::Competing, self::Primer, self::NextDose, self::GateTopOfBand, self::GateForm, self::GatePain, self::GateEffort, self::GateSessions,
            self::GateDays, self::ProgramMinimum, self::ProgramDose, self::Stay, self::StepDownForm, self::StepDownLowEnd, self::StepDownFelt,
            self::LimitRulesOut, self::LimitCaution, self::DangerSign, self::Retest, self::WeekBeforeHeavy, self::WeekBeforeSport, self::WeekDemand, self::Soreness, self::HoldSides, self::ClimbTest, self::PlacingFromPlank, self::PlacingFromClimb, self::PlacingRungsLower, self::KitMissing, self::MethodPutsAway => Basis::CommonPractice,
            default => Basis::OurChoice,
        };
    }

    /** One line on where the rule comes from, for the reason pane. */
    public function source(): string
    {
        return match ($this) {
            self::PainLow, self::PainMiddle, self::PainHigh, self::PainMorning => 'Bands from limb tendon and knee work (Thomeé 1997; Silbernagel et al. 2007), not validated for backs; what follows from them is our own choice.',
            self::HoldNorm, self::HoldRatio => 'McGill, Childs, Liebenson 1999, Arch Phys Med Rehabil 80:941–944: a small sample of healthy students. A note, never a verdict.',
            self::HoldChange => 'Weir 2005, J Strength Cond Res 19:231–240, with the spread and reliability of the published holds.',
            self::DaysOfTraining => 'For the young two to three days a week that do not follow each other (NSCA position statement 2009, J Strength Cond Res 23(S5)).',
            self::WeekRecovery => '48 hours between sessions for one muscle group: resistance work (ACSM position stand 2011, Med Sci Sports Exerc 43:1334–1359). That effort 7 and above is hard is our own choice.',
            self::Frequency => 'Resistance work 2–3 days a week for the novice, 3–4 and 4–5 further on (ACSM progression models 2009, Med Sci Sports Exerc 41:687–708); balance and coordination 2–3 days a week or more (ACSM position stand 2011, Med Sci Sports Exerc 43:1334–1359).',
            self::HoldSides => 'A note above 5 % (McGill, Low Back Disorders); a flag above the minimal detectable change, or above 10 % by common practice.',
            self::NextLoad => '2–10 % once two repetitions over the target are done in the last set at two sessions running (ACSM progression models 2009, Med Sci Sports Exerc 41:687–708; the two-for-two rule of NSCA, Essentials of Strength Training and Conditioning).',
            self::WeekLoad => 'Effort × minutes, monotony and strain after Foster 1998, Med Sci Sports Exerc 30:1164–1168; Foster et al. 2001, J Strength Cond Res 15:109–115; effort 0–10 after Borg 1982, Med Sci Sports Exerc 14:377–381. Core work only.',
            self::PracticeHides => 'The practice’s own library.',
            self::MethodPutsAway => 'The practice’s own method; schools of the trade differ here.',
            self::DangerSign => 'General screening knowledge, in our own words. It never diagnoses; local rules and the advice of a licensed professional come first.',
            self::LimitRulesOut, self::LimitCaution => 'Common caution of the trade. Local rules and the advice of a licensed professional come first.',
            default => match ($this->basis()) {
                Basis::Published => 'Published.',
                Basis::CommonPractice => 'Common practice of the trade, without one source.',
                Basis::OurChoice => 'Our own choice, kept in one place and open to change.',
                Basis::Arithmetic => 'Arithmetic of the written dose.',
            },
        };
    }
}
