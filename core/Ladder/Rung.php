<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

use EvenRungs\Body\Demand;
use EvenRungs\Body\Height;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Load;
use EvenRungs\Body\Loads;
use EvenRungs\Body\Need;
use EvenRungs\Body\Position;
use EvenRungs\Body\Sidedness;
use EvenRungs\Dose\Band;
use EvenRungs\Dose\Dose;
use EvenRungs\Dose\DoseKind;
use EvenRungs\Dose\DoseTable;
use EvenRungs\Dose\Holds;
use EvenRungs\Dose\Range;
use EvenRungs\Dose\Tempo;
use EvenRungs\Dose\TempoPart;
use EvenRungs\Dose\Unit;
use EvenRungs\Figure\Drawer;
use EvenRungs\Figure\Figure;
use EvenRungs\Figure\Plan;
use EvenRungs\Method\Choices;
use EvenRungs\Method\Method;

/** One exercise version on a ladder. */
final readonly class Rung
{
    /** Stands in a cue for the trunk technique of the method. */
    public const BRACE = '{brace}';

    /**
     * @param string       $slug      such as `front-plank/forearms-knees`, never renamed
     * @param list<Need>   $kit         all of it is needed
     * @param \Closure(): Coaching $coaching read when asked for: planning needs neither words nor pictures
     * @param \Closure(): Plan     $plan     of its figure
     * @param list<Demand> $secondary   demands met with half weight
     * @param Tempo|null   $tempo       default tempo, where the rung is done in repetitions
     * @param bool         $branch      stands beside the trunk of the ladder
     * @param Choices|null $offeredWith what the method has to have chosen for the rung to be offered at all
     * @param Choices|null $trunkWith   what it has to have chosen for the rung to be a step of the trunk
     * @param bool         $hidden      put away by the practice itself
     * @param int|null     $mark        of a set, where the trainer wrote another leaving mark for this person
     * @param list<string> $preparedBy  slugs of activation rungs that come before it: any one that the method offers
     * @param RungRange|null $range     the ranges it is done over, where it has some
     * @param string|null  $after       slug of the rung it then follows, where that is not the next lower one
     * @param Dose|null    $ownDose     default dose, where that of the table does not fit what the rung is
     * @param list<Topic>  $sets        topics that are the exercise itself: no school's answer changes them
     * @param WorksFrom|null $worksFrom for the bottom-up order, where it has a place in it
     */
    public function __construct(
        public string $slug,
        public string $ladder,
        public string $name,
        public string $shortName,
        public Height $height,
        public Position $position,
        public bool $dynamic,
        public Sidedness $sidedness,
        public LoadsOn $loadsOn,
        public array $kit,
        public Lever $lever,
        public string $leverText,
        private \Closure $coaching,
        private \Closure $plan,
        private Drawer $drawer,
        public Loads $loads,
        public DoseKind $doseKind,
        public ?Band $band,
        public ?Tempo $tempo,
        public ?Phases $phases,
        public Demand $demand,
        public array $secondary,
        public bool $branch,
        public ?Choices $offeredWith = null,
        public ?Choices $trunkWith = null,
        public ?string $after = null,
        public bool $hidden = false,
        public ?int $mark = null,
        public array $preparedBy = [],
        public ?RungRange $range = null,
        public array $sets = [],
        public WorkKind $kind = WorkKind::Bracing,
        public ?WorksFrom $worksFrom = null,
        private ?Dose $ownDose = null,
    ) {}

    /** The same rung with a leaving mark of its own. */
    public function withMark(int $target): self
    {
        return $this->copy($this->height, $target);
    }

    /** The same rung over one of its ranges: as high as that is. */
    public function at(?Range $range): self
    {
        return $this->range === null || $range === null || ! $this->range->holds($range) ? $this : $this->copy($this->range->heightAt($range), $this->mark);
    }

    /**
     * A dose with the range it is done over: the one written, else that of the rung it once was, else the smallest.
     *
     * @param string $written slug under which the dose was written
     */
    public function ranged(Dose $dose, string $written = ''): Dose
    {
        return $this->range === null || $dose->range !== null ? $dose : $dose->withRange($this->range->formerly[$written] ?? $this->range->smallest());
    }

    /** Whether a band or cable can be what resists. */
    public function isPulled(): bool
    {
        return array_filter($this->kit, static fn(Need $need): bool => array_filter($need->anyOf, static fn(Kit $kit): bool => $kit->pulls()) !== []) !== [];
    }

    private function copy(Height $height, ?int $mark): self
    {
        return new self(
            $this->slug,
            $this->ladder,
            $this->name,
            $this->shortName,
            $height,
            $this->position,
            $this->dynamic,
            $this->sidedness,
            $this->loadsOn,
            $this->kit,
            $this->lever,
            $this->leverText,
            $this->coaching,
            $this->plan,
            $this->drawer,
            $this->loads,
            $this->doseKind,
            $this->band,
            $this->tempo,
            $this->phases,
            $this->demand,
            $this->secondary,
            $this->branch,
            $this->offeredWith,
            $this->trunkWith,
            $this->after,
            $this->hidden,
            $mark,
            $this->preparedBy,
            $this->range,
            $this->sets,
            $this->kind,
            $this->worksFrom,
            $this->ownDose,
        );
    }

    public function coaching(): Coaching
    {
        return ($this->coaching)();
    }

    /**
     * What to say on this rung to this person, the breath last where no cue speaks of it: one thing on each topic, and
     * where the trainer's school has its say on one, that.
     *
     * @return list<Said>
     */
    public function said(Circumstances $circumstances): array
    {
        $coaching = $this->coaching();
        $own = $coaching->on(Topic::Breath) === null ? [...$coaching->cues, new Said($coaching->breathing, Topic::Breath)] : $coaching->cues;
        $school = [];
        foreach (Technique::on($this, $circumstances) as $said) {
            $school[$said->topic?->value] = $said;
        }
        $brace = $circumstances->method->braceInWords($this->doseKind === DoseKind::ActivationHold);
        $cues = [];
        foreach ($own as $cue) {
            $topic = $cue->topic->value ?? '';
            // A cue with room for the trunk technique says the method's in the words of the rung.
            $isFilled = str_contains($cue->words, self::BRACE);
            $cues[] = $isFilled ? new Said(ucfirst(str_replace(self::BRACE, $brace, $cue->words)), $cue->topic) : $school[$topic] ?? $cue;
            unset($school[$topic]);
        }

        return [...$cues, ...array_values($school)];
    }

    /** @return list<string> */
    public function cues(Circumstances $circumstances): array
    {
        return array_map(static fn(Said $said): string => $said->words, $this->said($circumstances));
    }

    public function speaksOf(Topic $topic): bool
    {
        return $this->coaching()->on($topic) !== null;
    }

    public function plan(): Plan
    {
        return ($this->plan)();
    }

    public function figure(): Figure
    {
        return $this->drawer->figure($this->plan());
    }

    /** The first fault that can be drawn, of those looked for on this rung. */
    public function drawnFault(): ?DrawnFault
    {
        return $this->drawnFaults(1)[0] ?? null;
    }

    /** @return list<DrawnFault> one of each kind */
    public function drawnFaults(int $most = PHP_INT_MAX): array
    {
        $drawn = [];
        foreach ($this->coaching()->faults as $fault) {
            if ($fault->kind !== null && ! isset($drawn[$fault->kind->value]) && count($drawn) < $most) {
                $drawn[$fault->kind->value] = new DrawnFault($fault->kind->inWords(), $fault->seen, $fault->fix, $this->drawer->fault($this->plan(), $fault->kind));
            }
        }

        return array_values($drawn);
    }

    /** Whether climbing and stepping down go over this rung, or pass it by. */
    public function inTrunk(Method $method): bool
    {
        return $this->trunkWith?->include($method) ?? ! $this->branch;
    }

    /** A side, and every hold that is one-sided, alternating, upside-down or on a support that moves, is held as long as a side. */
    public function isHeldLikeASide(): bool
    {
        return $this->doseKind === DoseKind::SideHold || ($this->doseKind === DoseKind::StaticHold && (
            $this->sidedness !== Sidedness::Both || $this->loads->value(Load::HeadDown) > 0
            || array_filter($this->kit, static fn(Need $need): bool => $need->metBy([Kit::Ball, Kit::Straps, Kit::Sliders])) !== []
        ));
    }

    public function defaultDose(Method $method): Dose
    {
        return $this->ranged($this->ownDose ?? DoseTable::default($this->isHeldLikeASide() ? DoseKind::SideHold : $this->doseKind, $this->height->level(), $this->sidedness, $this->band, $method));
    }

    /** The tempo repetitions are done at: the dose's own, else the rung's, else 2-0-2-0 (our own choice). */
    public function tempoOf(Dose $dose): Tempo
    {
        return $dose->tempo ?? $this->tempo ?? Tempo::parse('2-0-2-0');
    }

    /** The tempo with the rung's own words, in the order it is done: "2 s out, 1 s hold, 2 s back". */
    public function tempoWords(Dose $dose): string
    {
        if ($dose->unit() !== Unit::Reps) {
            return '';
        }

        return implode(', ', array_map(
            static fn(array $part): string => $part[1]->asFastAsControlled ? "{$part[0]} fast but controlled" : "{$part[1]->seconds} s {$part[0]}",
            $this->tempoParts($dose),
        ));
    }

    /**
     * The parts of a repetition that take time, in the order they are done.
     *
     * @return list<array{string, TempoPart, bool}> word, part, and whether it is a pause
     */
    public function tempoParts(Dose $dose): array
    {
        $tempo = $this->tempoOf($dose);
        $lowering = [[$this->phases->lowering ?? 'down', $tempo->lowering, false], ['hold', $tempo->pauseLow, true]];
        $lifting = [[$this->phases->lifting ?? 'up', $tempo->lifting, false], ['hold', $tempo->pauseHigh, true]];
        $parts = $this->phases !== null && ! $this->phases->startsWithLowering ? [...$lifting, ...$lowering] : [...$lowering, ...$lifting];

        return array_values(array_filter($parts, static fn(array $part): bool => $part[1]->seconds > 0));
    }

    /** Breathing may wait in holds this short, so the form check does not ask for it. */
    public function asksForBreathing(Dose $dose): bool
    {
        $body = $dose->first();

        return ! $body instanceof Holds || $body->seconds > 3;
    }
}
