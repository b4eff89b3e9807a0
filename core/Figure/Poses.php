<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

/** Poses that many rungs share, by name: a rung names one, or starts from one and changes some limbs. */
final readonly class Poses
{
    /** @param array<string, array<array-key, mixed>> $named */
    private function __construct(private array $named) {}

    public static function none(): self
    {
        return new self([]);
    }

    /**
     * @param array<array-key, mixed> $data poses by name; each may start `like` one before it
     *
     * @throws \InvalidArgumentException
     */
    public static function of(array $data): self
    {
        $poses = self::none();
        foreach ($data as $name => $pose) {
            $poses = new self([...$poses->named, (string) $name => $poses->resolved($pose)]);
        }

        return $poses;
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_keys($this->named);
    }

    /**
     * @param mixed $pose a name, or angles, or angles beside `like: name`
     *
     * @throws \InvalidArgumentException
     */
    public function pose(mixed $pose): Pose
    {
        return Pose::of($this->resolved($pose));
    }

    /** @return array<array-key, mixed> */
    private function resolved(mixed $pose): array
    {
        if (is_string($pose)) {
            return $this->named[$pose] ?? throw new \InvalidArgumentException("There is no pose named “{$pose}”.");
        }
        if (! is_array($pose)) {
            throw new \InvalidArgumentException('A pose is a name or a set of angles.');
        }
        if (! isset($pose['like'])) {
            return $pose;
        }
        $base = $this->resolved($pose['like']);
        unset($pose['like']);

        return [...$base, ...$pose];
    }
}
