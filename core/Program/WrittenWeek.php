<?php

declare(strict_types=1);

namespace EvenRungs\Program;

use EvenRungs\Calendar\Day;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Reason\Reason;
use EvenRungs\Session\Item;
use EvenRungs\Session\Session;
use EvenRungs\Session\WrittenItem;

/** A week of a program as it is kept. */
final readonly class WrittenWeek
{
    /**
     * @param array<string, WrittenCell>       $cells    by ladder
     * @param array<string, list<WrittenItem>> $sessions by slot
     * @param list<Reason>                     $notes
     * @param array<string, ProgramSlot>       $places   when the sessions are, by slot
     * @param Reason|null                      $phase    what should lead in it; null in programs of earlier versions
     * @param int                              $ofProgram its number in the whole program; in earlier versions as in what was asked for
     * @param Phase|null                       $leads    the same as a phase; null in programs of earlier versions
     */
    public function __construct(
        public int $number,
        public Day $monday,
        public WeekKind $kind,
        public bool $retests,
        public array $cells,
        public array $sessions,
        public int $agreementPerMille = 0,
        public array $notes = [],
        public array $places = [],
        public ?Reason $phase = null,
        public int $ofProgram = 0,
        public ?Phase $leads = null,
    ) {}

    public static function of(ProgramWeek $week): self
    {
        return new self(
            $week->number,
            $week->monday,
            $week->kind,
            $week->retests,
            array_map(static fn(ProgramCell $cell): WrittenCell => new WrittenCell($cell->rung->slug, DoseLine::print($cell->dose), $cell->locked, $week->sets($cell->rung->ladder), $cell->reason, $week->whySets[$cell->rung->ladder] ?? null), $week->cells),
            array_map(static fn(Session $session): array => array_map(static fn(Item $item): WrittenItem => WrittenItem::of($item), $session->items()), $week->sessions),
            $week->agreementPerMille,
            $week->notes,
            array_combine(array_map(static fn(ProgramSlot $slot): string => $slot->id, $week->slots), $week->slots),
            $week->phase,
            $week->ofProgram,
            $week->leads,
        );
    }

    /**
     * @param array<array-key, mixed> $data as kept
     *
     * @throws \InvalidArgumentException|\ValueError when it is no such week
     */
    public static function read(array $data): self
    {
        $cells = $sessions = [];
        foreach (is_array($data['cells'] ?? null) ? $data['cells'] : [] as $ladder => $cell) {
            if (is_array($cell)) {
                $cells[(string) $ladder] = new WrittenCell(self::text($cell['rung'] ?? null), self::text($cell['dose'] ?? null), ($cell['locked'] ?? false) === true, is_int($cell['sets'] ?? null) ? $cell['sets'] : 0, Reason::read($cell['reason'] ?? null), Reason::read($cell['whySets'] ?? null));
            }
        }
        foreach (is_array($data['sessions'] ?? null) ? $data['sessions'] : [] as $slot => $items) {
            $sessions[(string) $slot] = array_values(array_map(
                static fn(mixed $item): WrittenItem => is_array($item) ? new WrittenItem(self::text($item['id'] ?? null), self::text($item['rung'] ?? null), self::text($item['dose'] ?? null)) : throw new \InvalidArgumentException('An exercise is expected.'),
                is_array($items) ? $items : [],
            ));
        }

        $notes = array_values(array_filter(array_map(Reason::read(...), array_values(is_array($data['notes'] ?? null) ? $data['notes'] : []))));

        $places = [];
        foreach (is_array($data['places'] ?? null) ? $data['places'] : [] as $place) {
            $slot = ProgramSlot::read(is_array($place) ? $place : []);
            $places[$slot->id] = $slot;
        }

        $number = is_int($data['number'] ?? null) ? $data['number'] : 0;

        return new self($number, Day::parse(self::text($data['monday'] ?? null)), WeekKind::from(self::text($data['kind'] ?? null)), ($data['retests'] ?? false) === true, $cells, $sessions, is_int($data['agreement'] ?? null) ? $data['agreement'] : 0, $notes, $places, Reason::read($data['phase'] ?? null), is_int($data['ofProgram'] ?? null) ? $data['ofProgram'] : $number, Phase::tryFrom(is_string($data['leads'] ?? null) ? $data['leads'] : ''));
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'number' => $this->number,
            'monday' => $this->monday->iso(),
            'kind' => $this->kind->value,
            'retests' => $this->retests,
            'cells' => array_map(static fn(WrittenCell $cell): array => ['rung' => $cell->rung, 'dose' => $cell->dose, 'locked' => $cell->locked, 'sets' => $cell->sets, 'reason' => $cell->reason?->toArray(), 'whySets' => $cell->whySets?->toArray()], $this->cells),
            'sessions' => array_map(static fn(array $items): array => array_map(static fn(WrittenItem $item): array => ['id' => $item->id, 'rung' => $item->rung, 'dose' => $item->dose], $items), $this->sessions),
            'agreement' => $this->agreementPerMille,
            'notes' => array_map(static fn(Reason $note): array => $note->toArray(), $this->notes),
            'places' => array_map(static fn(ProgramSlot $slot): array => $slot->toArray(), array_values($this->places)),
            'phase' => $this->phase?->toArray(),
            'ofProgram' => $this->ofProgram,
            'leads' => $this->leads?->value,
        ];
    }

    /** @return list<string> slugs of the rungs in it */
    public function rungs(): array
    {
        $rungs = array_map(static fn(WrittenCell $cell): string => $cell->rung, array_values($this->cells));
        foreach ($this->sessions as $items) {
            array_push($rungs, ...array_map(static fn(WrittenItem $item): string => $item->rung, $items));
        }

        return array_values(array_unique($rungs));
    }

    private static function text(mixed $value): string
    {
        return is_string($value) ? $value : throw new \InvalidArgumentException('Text is expected.');
    }
}
