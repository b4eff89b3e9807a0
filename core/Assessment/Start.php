<?php

declare(strict_types=1);

namespace EvenRungs\Assessment;

use EvenRungs\Body\Side;
use EvenRungs\Ladder\Rung;
use EvenRungs\Reason\Reason;

/** A rung proposed to start on, with every reason. */
final readonly class Start
{
    /**
     * @param Rung|null    $support   a wall or chair version offered beside it
     * @param list<Reason> $reasons
     * @param int|null     $testedAt  when this ladder itself was tested, on the same scale as placings; null for a careful guess
     * @param bool         $isAtLeast the test can say no more than this
     */
    public function __construct(public Rung $rung, public Side $side, public array $reasons, public ?Rung $support = null, public ?int $testedAt = null, public bool $isAtLeast = false) {}

    /** A person who stands on the ladder is moved only by a newer test of that ladder, never by a guess. */
    public function hasLapsed(?int $placedAt): bool
    {
        return $placedAt !== null && ($this->testedAt === null || $this->testedAt < $placedAt);
    }

    /** That a person stands higher than the test can say, and stays there; null where it can. */
    public function stays(Rung $standsOn): ?Reason
    {
        return ! $this->isAtLeast || $standsOn->height->above($this->rung->height) <= 0 ? null : Reason::because(
            $this->reasons[0]->rule,
            "“{$standsOn->name}” stays: this test leads to “{$this->rung->name}” at most.",
            ['tested' => $this->reasons[0]->sentence, 'stands on' => "{$standsOn->name} ({$standsOn->height->label()})", 'at most' => "{$this->rung->name} ({$this->rung->height->label()})"],
            'A climb test of this ladder.',
        );
    }

    /** The same rung on the other side, known the same way: a test of one side moves nobody on the other. */
    public function isLike(self $right): bool
    {
        return $this->rung->slug === $right->rung->slug && ($this->testedAt === null) === ($right->testedAt === null);
    }

    public function only(Side $side): self
    {
        return new self($this->rung, $side, $this->reasons, $this->support, $this->testedAt, $this->isAtLeast);
    }

    /** Both sides as one. */
    public function with(self $right): self
    {
        $said = array_map(static fn(Reason $reason): string => $reason->sentence, $this->reasons);
        $new = array_values(array_filter($right->reasons, static fn(Reason $reason): bool => ! in_array($reason->sentence, $said, true)));

        return new self($this->rung, Side::Both, [...$this->reasons, ...$new], $this->support, $this->testedAt === null || $right->testedAt === null ? null : max($this->testedAt, $right->testedAt), $this->isAtLeast && $right->isAtLeast);
    }
}
