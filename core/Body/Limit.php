<?php

declare(strict_types=1);

namespace EvenRungs\Body;

/**
 * What a person's body does not allow today, as data: highest value of load tags, positions excluded, dose caps,
 * side. Made from a state of the caution table (Screening).
 */
final readonly class Limit
{
    /**
     * @param array<string, int> $highest       highest value allowed, by load tag
     * @param list<Position>     $excluded      positions that are not possible
     * @param string             $origin        where the limit comes from, such as "noted on 12 November"
     * @param list<DoseCap>      $caps
     * @param bool               $noWeights     no rung that carries or lifts a weight
     * @param bool               $watchesDoming a belly that domes along the middle is a fault
     * @param int                $rungsLower    how many rungs lower than measured the person is placed
     * @param list<Demand>       $lowerOn       in which demands; all when empty
     * @param bool               $fewPositions  positions change as little as possible
     * @param int|null           $highestEffort of 10
     * @param int|null           $mostDays      training days a week, no two of them running
     * @param bool               $wantsSupport  wall and chair versions first
     * @param string             $noted         which note of the person's it comes from; empty where it was not noted
     * @param bool               $asksClinician what it closes is opened by a clinician's word alone
     */
    public function __construct(
        public string $name,
        public array $highest,
        public array $excluded,
        public Side $side,
        public string $caution,
        public string $origin = '',
        public array $caps = [],
        public bool $noWeights = false,
        public bool $watchesDoming = false,
        public int $rungsLower = 0,
        public array $lowerOn = [],
        public bool $fewPositions = false,
        public ?int $highestEffort = null,
        public ?int $mostDays = null,
        public bool $wantsSupport = false,
        public string $noted = '',
        public bool $asksClinician = false,
    ) {}

    /**
     * The first thing about such an exercise that goes beyond the limit, in words; null when nothing does.
     *
     * @param list<Need> $kit what the exercise needs
     */
    public function objectsTo(Loads $loads, Position $position, array $kit): ?string
    {
        if (in_array($position, $this->excluded, true)) {
            return "is done {$position->inWords()}";
        }
        $load = $this->overloadedBy($loads);
        if ($load !== null) {
            return "loads {$load->inWords()}";
        }
        $weights = array_filter($kit, static fn(Need $need): bool => $need->isWeight());
        $isLifted = in_array($position, [Position::Standing, Position::Walking, Position::Kneeling, Position::HalfKneeling], true) || $loads->value(Load::Compression) > 0;
        if ($this->noWeights && $weights !== [] && $isLifted) {
            return "is done with a weight {$position->inWords()}";
        }

        return null;
    }

    /** The first load that is more than the limit allows; null where none is. */
    public function overloadedBy(Loads $loads): ?Load
    {
        foreach ($this->highest as $tag => $highest) {
            $load = Load::from($tag);
            if ($loads->value($load) > $highest) {
                return $load;
            }
        }

        return null;
    }

    public function lowers(Demand $demand): int
    {
        return $this->lowerOn === [] || in_array($demand, $this->lowerOn, true) ? $this->rungsLower : 0;
    }

    /**
     * What the limit does, each as a few words.
     *
     * @return list<string>
     */
    public function effects(): array
    {
        $effects = [];
        foreach ($this->highest as $tag => $highest) {
            $effects[] = ($highest === 0 ? 'nothing that loads ' : 'nothing that strongly loads ').Load::from($tag)->inWords();
        }
        if ($this->excluded !== []) {
            $effects[] = 'nothing '.implode(', ', array_map(static fn(Position $position): string => $position->inWords(), $this->excluded));
        }
        foreach ($this->caps as $cap) {
            $effects[] = $cap->inWords();
        }
        $demands = implode(', ', array_map(static fn(Demand $demand): string => $demand->shortName(), $this->lowerOn));

        return [...$effects, ...array_keys(array_filter([
            'no weights carried or lifted, until a clinician clears it' => $this->noWeights,
            'doming of the belly is a fault in every set' => $this->watchesDoming,
            'placed a rung lower than measured'.($demands === '' ? '' : " in {$demands} work") => $this->rungsLower > 0,
            'few changes of position' => $this->fewPositions,
            "effort at most {$this->highestEffort} of 10" => $this->highestEffort !== null,
            "at most {$this->mostDays} days a week, not running" => $this->mostDays !== null,
            'wall and chair versions first' => $this->wantsSupport,
        ]))];
    }
}
