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
    case RestDefault = 'dose.rest-default';
    case DoseTable = 'dose.table';
    case ChangeOver = 'session.change-over';
    case CircuitChangeOver = 'session.circuit-change-over';
    case OpenEstimate = 'session.open-estimate';
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
            self::PainLow, self::PainMiddle, self::PainHigh, self::PainMorning => Basis::Published,
            self::DoseTable, self::GateTopOfBand, self::GateForm, self::GatePain, self::GateEffort, self::GateSessions,
            self::GateDays, self::Stay, self::StepDownForm, self::StepDownLowEnd, self::StepDownFelt,
            self::LimitRulesOut, self::LimitCaution, self::DangerSign, self::KitMissing, self::MethodPutsAway => Basis::CommonPractice,
            default => Basis::OurChoice,
        };
    }

    /** One line on where the rule comes from, for the reason pane. */
    public function source(): string
    {
        return match ($this) {
            self::PainLow, self::PainMiddle, self::PainHigh, self::PainMorning => 'Bands from limb tendon and knee work (Thomeé 1997; Silbernagel et al. 2007), not validated for backs; what follows from them is our own choice.',
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
