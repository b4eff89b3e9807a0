<?php

declare(strict_types=1);

namespace EvenRungs\Log;

use EvenRungs\Body\Side;
use EvenRungs\Progress\Felt;
use EvenRungs\Progress\Pain;
use EvenRungs\Progress\PainPlace;

/** One set as it was done; null means not asked or not told. */
final readonly class ReportedSet implements \JsonSerializable
{
    /**
     * @param array<string, bool> $form answers by form question
     * @param Felt|null           $felt where; null when nobody asked
     * @param Side|null           $painSide where the exercise has sides; null when not told
     * @param PainPlace|null      $painPlace where it hurt; null when not told
     * @param string|null         $rung what was coached, by the cue sheet; as the session says when null
     */
    public function __construct(
        public string $item,
        public int $set,
        public ?int $both,
        public ?int $left,
        public ?int $right,
        public array $form,
        public ?int $pain,
        public ?int $effort,
        public bool $travellingPain,
        public ?Felt $felt,
        public string $painNote,
        public ?Side $painSide = null,
        public ?string $rung = null,
        public ?string $dose = null,
        public ?PainPlace $painPlace = null,
    ) {}

    /** Whether its pain stops the ladder. */
    public function stops(): bool
    {
        return Pain::stops($this->pain ?? 0) || $this->travellingPain;
    }

    /** @return array<array-key, mixed> answers by question, also where there is none */
    public function jsonSerialize(): array
    {
        return [...get_object_vars($this), 'form' => (object) $this->form];
    }

    /** @param array<array-key, mixed> $data validated */
    public static function read(array $data): self
    {
        $whole = static fn(string $key): ?int => is_numeric($data[$key] ?? null) ? (int) $data[$key] : null;
        $form = [];
        foreach (is_array($data['form'] ?? null) ? $data['form'] : [] as $question => $answer) {
            $form[(string) $question] = (bool) $answer;
        }

        return new self(
            is_string($data['item'] ?? null) ? $data['item'] : '',
            $whole('set') ?? 0,
            $whole('both'),
            $whole('left'),
            $whole('right'),
            $form,
            $whole('pain'),
            $whole('effort'),
            (bool) ($data['travellingPain'] ?? false),
            is_string($data['felt'] ?? null) ? Felt::tryFrom($data['felt']) : self::former($data['feltWrong'] ?? null),
            is_string($data['painNote'] ?? null) ? trim($data['painNote']) : '',
            is_string($data['painSide'] ?? null) ? Side::tryFrom($data['painSide']) : null,
            is_string($data['rung'] ?? null) ? $data['rung'] : null,
            is_string($data['dose'] ?? null) ? $data['dose'] : null,
            is_string($data['painPlace'] ?? null) ? PainPlace::tryFrom($data['painPlace']) : null,
        );
    }

    /** In one line, as two ways of telling one set are told apart: “left 10 · right 9 · clean · pain 0 · effort 7”. */
    public function inWords(): string
    {
        $lost = count(array_filter($this->form, static fn(bool $kept): bool => ! $kept));

        return implode(' · ', array_filter([
            $this->both === null ? null : "{$this->both} done",
            $this->left === null ? null : "left {$this->left}",
            $this->right === null ? null : "right {$this->right}",
            match (true) {
                $this->form === [] => 'form not told',
                $lost === 0 => 'clean',
                default => $lost === 1 ? 'one thing lost' : "{$lost} things lost",
            },
            $this->pain === null ? null : "pain {$this->pain}",
            $this->effort === null ? null : "effort {$this->effort}",
            $this->felt?->isWrong() === true ? "felt {$this->felt->inWords()}" : null,
        ], is_string(...)));
    }

    /** A page that was open before places were asked for tells only whether it was wrong. */
    private static function former(mixed $wrong): ?Felt
    {
        return $wrong === null ? null : ($wrong === true ? Felt::Elsewhere : Felt::Right);
    }
}
