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
    case KindMix = 'balance.kinds';
    case SessionChoice = 'session.choice';
    case FitToTime = 'session.fit-to-time';
    case UpToDate = 'session.up-to-date';
    case Template = 'session.template';
    case SquadClock = 'squad.clock';
    case SquadStation = 'squad.station';
    case SquadMeeting = 'squad.meeting';
    case HeldNotRepeated = 'dose.held-not-repeated';
    case NextDose = 'dose.next';
    case NextLoad = 'dose.next-load';
    case FirstDose = 'dose.first';
    case WorkingRung = 'session.working-rung';
    case WorkShares = 'balance.work-shares';
    case Spread = 'balance.spread';
    case LimitRulesOut = 'screening.limit-rules-out';
    case LimitCaution = 'screening.limit-caution';
    case KitMissing = 'ladder.kit-missing';
    case Allowed = 'screening.allowed';
    case LeftOut = 'session.left-out';
    case MethodPutsAway = 'method.put-away';
    case ActivationBefore = 'ladder.activation-before';
    case PracticeHides = 'library.hidden';
    case Substitution = 'ladder.substitution';
    case DangerSign = 'screening.danger-sign';
    case Rescreen = 'screening.rescreen';
    case DaysOfTraining = 'week.days-of-training';
    case WeekEffort = 'week.effort';
    case WeekSameTime = 'week.same-time';
    case WeekBeforeHeavy = 'week.before-heavy-lifting';
    case WeekPrimer = 'week.primer';
    case WeekBeforeSport = 'week.before-sport';
    case WeekRecovery = 'week.recovery';
    case WeekThreeDays = 'week.three-days-running';
    case WeekShape = 'week.shape';
    case WeekLeans = 'week.primer-or-finisher-of-nothing';
    case WeekDemand = 'week.demand-not-met';
    case Frequency = 'week.frequency';
    case Soreness = 'week.soreness';
    case ProgramSets = 'program.sets';
    case ProgramDose = 'program.dose';
    case ProgramRung = 'program.rung';
    case ProgramEasier = 'program.easier-week';
    case ProgramPhase = 'program.phase';
    case ProgramMinimum = 'program.minimum';
    case ProgramOpen = 'program.demand-open';
    case ProgramUnused = 'program.unused';
    case ProgramBeside = 'program.beside';
    case ProgramBreak = 'program.break';
    case ForecastRate = 'forecast.rate';
    case ForecastGate = 'forecast.gate';
    case WeekLoad = 'load.week';
    case WeekRise = 'load.week-rise';
    case ActiveTime = 'load.active-time';
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
    case BigJump = 'placing.big-jump';
    case GateMark = 'gate.mark';
    case GateForm = 'gate.form';
    case GatePain = 'gate.pain';
    case GateEffort = 'gate.effort';
    case GateSessions = 'gate.sessions';
    case GateDays = 'gate.days';
    case GateReserve = 'gate.reserve';
    case ClimbTestOffer = 'gate.climb-test';
    case SidesTogether = 'gate.sides';
    case Stay = 'decision.stay';
    case StepDownForm = 'decision.step-down-form';
    case StepDownLowEnd = 'decision.step-down-low-end';
    case StepDownFelt = 'decision.step-down-felt';
    case StepDownEasier = 'decision.step-down-easier';
    case StepDownEffort = 'decision.step-down-effort';
    case NoLowerRung = 'decision.no-lower-rung';
    case Felt = 'decision.felt';
    case PainLow = 'pain.low';
    case PainMiddle = 'pain.middle';
    case PainLowest = 'pain.lowest';

    case PainStays = 'pain.stays';
    case PainHigh = 'pain.high';
    case PainMorning = 'pain.next-morning';
    case PainTwice = 'pain.twice-in-28-days';
    case PainWaits = 'pain.waits';

    /** The rule in one sentence, whoever it is about. */
    public function sentence(): string
    {
        return match ($this) {
            self::Clock => 'A session lasts as long as its sets, rests and change-overs add up to; pauses of the tempo are work, gaps and rests are rest.',
            self::ChangeOver => 'Between two exercises outside a circuit the largest change-over that applies counts once: 30 s to fetch kit or an anchor, 20 s to another position, 10 s where both stay.',
            self::CircuitChangeOver => 'In a circuit the change-over happens inside the written rest; a rest that is shorter than it is warned of.',
            self::OpenEstimate => 'An open set counts with its estimate, and says so.',
            self::Order => 'The main part is put into the order of a school; primer and finisher stay, and a circuit stays together.',
            self::Competing => 'Two stations of a circuit that load the same shoulder, grip or neck back to back are warned of.',
            self::Primer => 'A primer lasts at most eight minutes and is done well below the working rung or at half its dose.',
            self::SessionChoice => 'A session made from the board takes what its minutes hold with all its sets: the demands of every week whatever it takes and the weakest first, then the others, then a second of each, eight exercises at most; of one demand first what no other session has, then what was trained longest ago.',
            self::FitToTime => 'A session comes down to its minutes in steps, least harm first: rests inside their band, circuits of work that does not compete, a set less where a demand is above its share, as long as two stay; an exercise that is covered elsewhere; then down to one set. The last of the weakest demand never goes. Minutes left over go to the weakest up to its share, then to what is furthest below its own; much of them as a set more for each exercise below its share; nothing is added where the last time was too much or hurt, or lies weeks back.',
            self::UpToDate => 'What was written before is brought to the rungs and doses of today in one step: a rung above the working one, or left upward since, gives way to the working rung, or to what stands in where that is ruled out; a dose to the next one, in as many sets as were written, at the mark in as many as count there, and in no more than the last time where that was too much or hurt. A week of a program is written so; in an easier week nothing rises. A station of a circuit and a primer only come down, to fewer seconds too; what a station is due more of is offered for the trainer to take. What the trainer has fixed and what works another way on purpose stays. What the person trains alone stays as it was written, but comes down from a rung they came down from since it was written, and to the next dose where that is lighter or as much was too much lately.',
            self::Template => 'A template takes the working rung where there is one, and begins low where there is none. A ladder nobody placed them on is begun 1.0 below where they stand for the same demand, or as low as it can be. Nothing is above where they stand on its ladder. Where a place asks for something far below and nothing is, it takes the lowest. What stands in for a rung that is ruled out is said. Another person’s session is read like one: on a ladder they stand on it takes their working rung, elsewhere what they do for the same demand, or begins as a template does; a primer stays one, and two exercises that are one here come once.',
            self::SquadClock => 'A squad has one clock for everybody. Nobody works longer at a station than the level of their own exercise there has it, nor than is due after the last time; who is done rests until the change, and so does who has nothing open at a station. The clock proposed is that of the level in the middle of theirs.',
            self::SquadStation => 'At a station everybody does their own rung of its ladder; who is not placed there, or for whom it is closed, does what they stand on or what is open to them of the same demand, nearest below. What they do at its own station stands in at no other.',
            self::SquadMeeting => 'A time fits somebody of a squad where its session, placed there, clashes with nothing of this week and the next, they train on that day, and it makes no more days of core work than method and level have. It is placed after what they train then, and no harder than their limits allow; what clashes beside it is moved, not the meeting.',
            self::HeldNotRepeated => 'A held rung is dosed in seconds, not in repetitions.',
            self::NextDose => 'After a clean session the dose rises by one step, up to the leaving mark; there it waits for the gate. A set is added below the sets of the table, after the trainer stays against a climb, or where no higher rung is open. It never falls and calls that a rise; too much effort, a target missed or a form gone in the last set twice running, a wrong place or days away (a step for each week from fifteen days on, four at most, and after four weeks at most half the mark) make it lighter, and where not even its low end was done it is no more in all than what was; while a step down is proposed and the person is still there, it is the dose that was clean last, else a step lighter; where an easier version took its place from the first set on, a step lighter for each time; back on a rung on which it hurt the last time, less than that; and what was too much within eight weeks is tried again after two clean sessions of less for each time it was. Who trained the demand with other exercises was not away: the last dose comes once more.',
            self::NextLoad => 'The load rises by 2 to 10 % once two repetitions over the target are done in the last set at two sessions running, and repetitions begin at the low end again; where the next weight is more than 10 % up, repetitions rise instead, up to four above the band. Of a band the next stronger one is taken, and behind the strongest half a step more from its anchor.',
            self::FirstDose => 'A rung begins at four fifths of the best timed hold of that version, at a quarter of its leaving mark where an easier version was not tested, else at half of it; repetitions at the low end of their band. One that stands more than 0.8 above the rung that was left begins at half of that.',
            self::WorkingRung => 'A session takes the rung the person stands on. A higher one is warned of, on a ladder they are not placed on one that is higher than where they stand for the demand; so is a lower one, unless it is held and stands in for one that moves, or the working rung is closed or watched for doming. Either can be swapped. Where all of a session is lower, that is said once.',
            self::KindMix => 'For an aim that has one, working sets have a second target by kind of work: for strength sport half bracing practice, 35 in a hundred integrated lifts, 15 isolated work.',
            self::WorkShares => 'Each demand has its part of the time under tension: the main demand of a rung in full, a secondary one by half. Agreement is one less half the sum of what the parts miss.',
            self::Spread => 'The spread is the highest demand less the lowest, of those with a share and a placing; the lowest is the weakest and is named first. What stands on the highest rung open to the person is left out, and so is a demand of which nothing is known but a guess, until it was trained or tested.',
            self::LimitRulesOut => 'A limit of the body rules out the rungs that load what it spares, on the side it is on.',
            self::LimitCaution => 'A limit of the body caps how long a hold or a set lasts, or asks to watch something.',
            self::KitMissing => 'A rung whose kit is not at the place planned for is ruled out.',
            self::Allowed => 'The trainer may allow a person a rung that a limit or missing kit rules out, with a written reason that is kept, not where a clinician’s word is asked for; what is noted later closes it again.',
            self::LeftOut => 'What a limit or missing kit rules out may stand in a draft, and reaches no week, sheet or player: the rung is left out, or only the side that is sore where the other can work.',
            self::MethodPutsAway => 'The method puts away rungs its school does not use.',
            self::ActivationBefore => 'Activation comes before what stands on it: the draw-in or brace before the leg slides, the deep back muscle before the prone ladder. Until the person stands above it on the activation ladder, or has held the brace for a minute, those rungs are open with a note, or closed where the method says so.',
            self::PracticeHides => 'A rung the practice has hidden is not offered.',
            self::Substitution => 'A rung that is ruled out is replaced by one of the same demand that is open, with the smallest difference of height and not above the person, of the same kind, with the least kit, from the same ladder first. On a ladder of which the person stands on a rung it is none above that; and none of a ladder that is stopped or waits for a decision. What is below where they stand on another ladder comes last, since they do more of it already; a session from the board leaves it out for that, and says so.',
            self::DangerSign => 'While a danger sign stands there is no plan, no session and no coaching until a licensed clinician’s clearance is recorded; a new sign voids an earlier clearance. Training opens only when each sign was asked for. A mistaken yes is taken back by whoever wrote it, on the same day, with a reason that is kept; the questions are then asked again.',
            self::Rescreen => 'Danger signs are asked for before anything else, and again after twelve weeks.',
            self::DaysOfTraining => 'Where a limit or an age asks for it, training days do not follow each other and are no more than it allows; of the person’s days a week is laid out on as many as that leaves.',
            self::WeekEffort => 'A session is planned no harder than the limits of the person allow.',
            self::WeekSameTime => 'Two core sessions do not stand in the same part of a day.',
            self::WeekPrimer => 'A primer lasts at most 8 minutes at an effort of at most 4, each rung at least 2.0 below the working one or at half its dose; one that breaks any of these is treated as the session it is.',
            self::WeekBeforeHeavy => 'Core work comes after heavy lifting, and not in the six hours before it; a primer is excepted.',
            self::WeekBeforeSport => 'Core work comes after endurance or sport on the same day, not before it.',
            self::WeekRecovery => 'Between two hard core sessions lie at least two days.',
            self::WeekThreeDays => 'Hard core work is not done on three days running.',
            self::WeekShape => 'A week can start from a shape, filled from the board, on days and at times where it clashes least: daily practice keeps away from other training or comes after it, and a finisher that would come before sport is left out. A floor routine begins a ladder they are not placed on with care. Stations that load the same joint are set apart, and what a limit caps shorter than the clock of its station is none. What the shape leaves open for now, and short daily practice at whatever effort, is no fault of the week.',
            self::WeekLeans => 'A primer stands before training and a finisher after it: both need training at that time.',
            self::WeekDemand => 'Front, posterior, lateral and rotation are each met twice a week where there are three sessions or more, else, and in an easier week of a program, once; a demand is met by a set at planned dose whose main demand it is.',
            self::Frequency => 'How many days a week core work is done on follows the method and the level of the person, and no limit is passed over.',
            self::Soreness => 'A trunk that is sore 4 of 10 or more on the day gets activation only.',
            self::ProgramSets => 'The sets of a week go to the demands so that their shares of the work come as near to the targets as the minutes allow. What would come fewer times than there are building weeks up to the next easier one gives its minutes to the others, where that costs at most a hundredth. The first week adds no set where the last time was too much or hurt, or lies weeks back.',
            self::ProgramDose => 'In a program the dose rises step by step to the top of its band before the rung changes.',
            self::ProgramRung => 'In a program a rung changes when its gate is likely to be reached, and never to one that is ruled out. What stands in for a ruled-out working rung climbs to that at most.',
            self::ProgramEasier => 'Every fourth week of a program is easier: about two fifths less work.',
            self::ProgramPhase => 'A program goes from still to moving to standing, loaded or quick work: up to beginner at least half is held, from intermediate on at least half moves, from advanced on a third stands, is loaded or quick; from eight weeks on the second half passes on to the next. Where the rungs of a demand are not such work, an exercise of the demand that is, no higher, stands beside them or in for one of them, until one was clean at its leaving mark, or the person stood on one and stands above it; where it would leave two fifths of the minutes empty, it weighs no more than the shares. A rung of a later phase waits, unless the person stands in it already.',
            self::ProgramMinimum => 'Each week of a program meets front, posterior, lateral and rotation, or says why one of them is not met.',
            self::ProgramOpen => 'A demand for which no rung is open stays open in the program, and is named.',
            self::ProgramBeside => 'What is trained each week with a squad counts in a program: its work in the shares, and the demands it meets in how often each is met. The sessions of the program fill what it leaves.',
            self::ProgramUnused => 'A program says which placed sessions have no part in it, and when it uses fewer days than the person trains on.',
            self::ProgramBreak => 'When life changes, the program says what speaks against it: a limit, kit, a stopped ladder, a missed week, other days, a week away, a squad that came or went, a placing a whole height from the plan, sessions that come out much shorter by now.',
            self::ForecastRate => 'How fast the person climbs is stated by the trainer, or read from every stay on a rung that is in the log.',
            self::ForecastGate => 'The week in which a gate is likely reached follows from the rate of climbing: a band, never a promise.',
            self::WeekLoad => 'The load of a session is its effort times its minutes; over seven days it is added up, monotony is mean by sample spread, strain is load times monotony.',
            self::WeekRise => 'A week more than 20 % above the heaviest of the four before it is a note, once two of them have training to compare with. What is planned is compared with planned efforts, where less was told.',
            self::ActiveTime => 'Only minutes in which something was done count as training: a gap of more than five minutes counts nothing. A time under half or over twice what the sets take as written is asked about.',
            self::Retest => 'Tests are due again four weeks after the last one, and overdue after six.',
            self::HoldNorm => 'A timed hold is set beside published means as a distance in spreads; a percentile is said only for ages 18 to 35 and where the mean is at least two and a half spreads.',
            self::HoldRatio => 'Flexor to extensor, and side to extensor, are noted above 1.0 and 0.75.',
            self::HoldSides => 'Left and right are noted above 5 % difference, and flagged where the gap is also beyond the minimal detectable change, or above 10 % where no such figure exists.',
            self::HoldChange => 'A change of a hold is real only beyond the minimal detectable change.',
            self::ClimbTest => 'A climb test goes up rung by rung until form fails: the last clean rung is the working rung, and the first question that failed names the gate.',
            self::AlignmentSide => 'From the side the marks of the body are held against a straight line, within a tolerance.',
            self::AlignmentBack => 'From behind the two marks are level within a tolerance.',
            self::BraceCheck => 'The brace holds when the pressure of the cuff stays in its band for the whole time.',
            self::PlacingFromHold => 'A timed hold places the person on the rung its seconds stand for; above the last of these it says nothing, and who stands higher stays.',
            self::PlacingFromPlank => 'A front plank under 15 s starts with the knees down or, by the method, in short bouts on the toes; from 30 s on, or from a minute with the knees down, something is added; who stands higher than that stays.',
            self::PlacingFromClimb => 'A climb test places the person on its last clean rung.',
            self::PlacingFromHeight => 'A ladder nobody tested starts a whole height below what was tested in its demand, or below the weakest of all, or on its lowest rung; where that stands higher than what was tested, the ladder waits.',
            self::PlacingRungsLower => 'Where a limit watches what a rung asks for, the start is lower than measured.',
            self::BigJump => 'A placing more than 1.5 above the last rung that was clean, in a test or in training, is asked about once.',
            self::GateMark => 'A gate asks for the leaving mark of the rung in every planned set and on every side; the mark comes from the kind of work, the strategy of holds and the level.',
            self::GateForm => 'A gate asks for a tick at every question of the form check in every set.',
            self::GatePain => 'A gate asks for no pain in any set; under a clinician’s written scope for no more than the recorded baseline, at most 2.',
            self::GateEffort => 'A gate asks for an effort of at most 7 of 10 in the hardest set, of at most 9 where the method trains near the limit, less where a limit or an age says so.',
            self::GateSessions => 'A gate asks for clean sessions running, as many as the method says.',
            self::SidesTogether => 'Each side has its own gate; the stronger side stays at most one rung above the weaker, unless a limit rests the weaker.',
            self::ClimbTestOffer => 'The leaving mark reached clean with an effort of at most 4 of 10 offers a climb test at once.',
            self::GateDays => 'A gate asks for days on the rung, as many as the method says.',
            self::GateReserve => 'Who came down from the next rung for its form or its target within eight weeks climbs to it again with more in reserve: the mark at an effort of at most 5, or 2 below what a limit or an age allows.',
            self::Stay => 'Whatever is not yet a climb and not a step down stays: inside the band, a fault in the last set only, and whenever something was not told.',
            self::StepDownForm => 'A fault in the first set, or in two sets, steps down; with a dose of one set at two sessions running. So does what was short or out of form in the last set at three sessions running, though each asked for less.',
            self::StepDownLowEnd => 'The low end missed at two sessions running steps down: the low end of the band, or half the leaving mark of what is held, carried or timed. So does the target missed at two sessions running where no lighter dose is left on the rung; and the low end that was too much twice within eight weeks and never mastered in between, where no lighter load is left.',
            self::StepDownFelt => 'Felt in the wrong place at four sessions running, after the cue, a lighter dose and more support, steps down; by the method at once, or never.',
            self::StepDownEasier => 'Where an easier version took every set of the rung, the trainer found it too hard before its first set: that is a fault in the first set, and steps down.',
            self::StepDownEffort => 'Effort above one’s own limit at three sessions running, though each asked for less than the one before, steps down: it is the version that is too hard, not the dose.',
            self::NoLowerRung => 'Where no lower rung of the ladder is open the range is made smaller, then assistance is given. Where the demand is trained on another ladder no higher than this, or can be at least half a height lower, that is named, so that this ladder can wait.',
            self::Felt => 'A wrong place of feeling is answered by one thing a session running, the first that was not tried yet: the cue for that place, which keeps the dose where it was not too hard besides, a lighter dose, more support. Felt right in between, the count begins anew; such a session is never clean.',
            self::PainLow => 'Pain of 1 or 2 keeps the dose, and the next morning is asked for. Pain that was there before the first set, no higher, away from the back and from what the rung loads, is kept and holds nothing back.',
            self::PainMiddle => 'Pain of 3 to 5 steps down, and there is no climb until two sessions at 0 to 2.',
            self::PainLowest => 'Pain of 3 to 5 at two sessions running, where no lower rung is open, stops the ladder: there is nothing easier to come down to.',
            self::PainStays => 'Pain of 1 or 2 that is told at three sessions of a ladder running and over two weeks is said not to settle; the dose is kept, and what follows is for the trainer to weigh.',
            self::PainHigh => 'Pain above 5, or pain that travels, stops the ladder; only the trainer reopens it, with a reason. Pain above 5 that is there before the first set leaves out what loads its place, that day.',
            self::PainMorning => 'Worse the next morning, or pain above 5 then, stops the ladder and reopens what was decided.',
            self::PainTwice => 'A second time within 28 days that pain stopped a ladder: stop and refer to a licensed clinician.',
            self::PainWaits => 'While it waits to be decided whether pain stops a ladder, nothing of that ladder reaches a sheet, a player or a week, and no session begins with it; while it waits whether to refer, nothing does. So it is with a ladder that was stopped. What hurt waits for four weeks also where the person stands nowhere on its ladder; what stops a ladder also where something of it was trained since, where it is told only after a later decision, and where it is not settled yet whether the training counts.',
        };
    }

    public function basis(): Basis
    {
        return match ($this) {
            self::Clock, self::OpenEstimate => Basis::Arithmetic,
            self::HoldNorm, self::HoldRatio, self::HoldChange, self::DaysOfTraining, self::WeekRecovery, self::Frequency, self::NextLoad, self::WeekLoad, self::PainLow, self::PainMiddle, self::PainHigh, self::PainMorning => Basis::Published,
            self::Order, self::KindMix, self::Competing, self::Primer, self::NextDose, self::FirstDose, self::SidesTogether, self::ClimbTestOffer, self::GateMark, self::GateForm, self::GatePain, self::GateEffort, self::GateSessions,
            self::GateDays, self::ProgramMinimum, self::ProgramDose, self::Stay, self::StepDownForm, self::StepDownLowEnd, self::StepDownFelt, self::StepDownEasier, self::NoLowerRung, self::Felt,
            self::LimitRulesOut, self::LimitCaution, self::Allowed, self::LeftOut, self::DangerSign, self::Retest, self::WeekPrimer, self::WeekBeforeHeavy, self::WeekBeforeSport, self::WeekDemand, self::Soreness, self::HoldSides, self::ClimbTest, self::PlacingFromPlank, self::PlacingFromClimb, self::PlacingRungsLower, self::KitMissing, self::MethodPutsAway, self::ActivationBefore => Basis::CommonPractice,
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
            self::LimitRulesOut, self::LimitCaution, self::Allowed, self::LeftOut => 'Common caution of the trade. Local rules and the advice of a licensed professional come first.',
            default => match ($this->basis()) {
                Basis::Published => 'Published.',
                Basis::CommonPractice => 'Common practice of the trade, without one source.',
                Basis::OurChoice => 'Our own choice, kept in one place and open to change.',
                Basis::Arithmetic => 'Arithmetic of the written dose.',
            },
        };
    }

    /** The step of the job it belongs to: what stands before the dot of its id. */
    public function room(): string
    {
        return ucfirst((string) strstr($this->value, '.', true));
    }
}
