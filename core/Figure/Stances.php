<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

/** Poses that many rungs share, by name: a rung names one, or starts from one and changes some joints. */
final readonly class Stances
{
    /** @param array<string, array<array-key, mixed>> $named */
    private function __construct(private array $named, public Drawer $drawer) {}

    public static function none(): self
    {
        return new self([], new FreshDrawer);
    }

    /**
     * @param array<array-key, mixed> $data poses by name; each may start `like` one before it
     *
     * @throws \InvalidArgumentException
     */
    public static function of(array $data, Drawer $drawer = new FreshDrawer): self
    {
        $stances = new self([], $drawer);
        foreach ($data as $name => $pose) {
            $stances = new self([...$stances->named, (string) $name => $stances->resolved($pose, null)], $drawer);
        }

        return $stances;
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_keys($this->named);
    }

    /**
     * @param mixed $pose  a name, or joints, or joints beside `like: name`; `like: start` goes on from the start
     *
     * @throws \InvalidArgumentException
     */
    public function pose(mixed $pose, mixed $start = null): Pose
    {
        return Pose::of($this->resolved($pose, $start));
    }

    /** @return array<array-key, mixed> */
    private function resolved(mixed $pose, mixed $start): array
    {
        if (is_string($pose)) {
            return $this->named[$pose] ?? throw new \InvalidArgumentException("There is no pose named “{$pose}”.");
        }
        if (! is_array($pose)) {
            throw new \InvalidArgumentException('A pose is a name or a set of joints.');
        }
        if (! isset($pose['like'])) {
            return $pose;
        }
        $base = $this->resolved($pose['like'] === 'start' ? $start : $pose['like'], null);
        unset($pose['like']);
        foreach (['left', 'right'] as $side) {
            if (is_array($base[$side] ?? null) && is_array($pose[$side] ?? null)) {
                $pose[$side] = [...$base[$side], ...$pose[$side]];
            }
        }
        // Both sides anew means both sides: what the base says of one side of a joint gives way.
        foreach (Joint::cases() as $joint) {
            foreach (['left', 'right'] as $side) {
                if (isset($pose[$joint->value]) && is_array($base[$side] ?? null)) {
                    unset($base[$side][$joint->value]);
                }
            }
        }

        return [...$base, ...$pose];
    }
}
