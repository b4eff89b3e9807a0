<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

use EvenRungs\Body\Side;

/** A place of the body on one side. */
final readonly class Spot
{
    private function __construct(public Contact $contact, public Side $side) {}

    /**
     * Reads `left-palm`, `feet` (heels and toes of both), `right-forearm` (elbow and wrist).
     *
     * @return non-empty-list<self>
     *
     * @throws \InvalidArgumentException
     */
    public static function named(string $text): array
    {
        $side = null;
        $word = $text;
        foreach ([Side::Left, Side::Right] as $one) {
            if (str_starts_with($text, $one->value.'-')) {
                [$side, $word] = [$one, substr($text, strlen($one->value) + 1)];
            }
        }
        $single = match ($word) {
            'feet' => 'foot',
            'knees', 'inner-knees', 'elbows', 'wrists', 'palms', 'hands', 'grips',  'forearms', 'shins', 'heels', 'ankles', 'insteps', 'seats', 'calves', 'thigh-fronts', 'shoulders' => $word === 'calves' ? 'calf' : substr($word, 0, -1),
            default => $word,
        };
        $contacts = Contact::TOGETHER[$single] ?? [Contact::tryFrom($single) ?? throw new \InvalidArgumentException("The body has no place “{$text}” that could carry it.")];
        $spots = [];
        foreach ($side === null ? [Side::Left, Side::Right] : [$side] as $one) {
            foreach ($contacts as $contact) {
                $spot = new self($contact, $contact->isPaired() ? $one : Side::Both);
                $spots[$spot->name()] = $spot;
            }
        }

        return array_values($spots);
    }

    /** @return array<string, self> every place on every side, by name */
    public static function all(): array
    {
        /** @var array<string, self>|null $all */
        static $all = null;
        if ($all === null) {
            $all = [];
            foreach (Contact::cases() as $contact) {
                foreach ($contact->isPaired() ? [Side::Left, Side::Right] : [Side::Both] as $side) {
                    $spot = new self($contact, $side);
                    $all[$spot->name()] = $spot;
                }
            }
        }

        return $all;
    }

    public function name(): string
    {
        return $this->side === Side::Both ? $this->contact->value : "{$this->side->value}-{$this->contact->value}";
    }

    /** In a sentence. */
    public function said(): string
    {
        return str_replace('-', ' ', $this->name());
    }

    /** The part of the body it is on, by name. */
    public function part(): string
    {
        return Skeleton::name($this->contact->segment(), $this->side);
    }

    public function mirrored(): self
    {
        return new self($this->contact, $this->side->other());
    }
}
