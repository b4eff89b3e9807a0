<?php

declare(strict_types=1);

namespace App\Http\Board;

/** A ladder as it stands for one person. */
final readonly class LadderView
{
    /**
     * @param list<ClosedRungView> $closed  rungs that are not open on both sides
     * @param list<AllowanceView>  $allowed rungs the trainer allowed in spite of what rules them out
     * @param list<AdvisedView>    $advised what is advised before some of its rungs and is not done yet
     * @param list<PositionView>   $stands  none, one, or left and right
     * @param list<StoodView>      $ghosts  where they differ from today
     * @param int|null             $farAbove tenths: a rung above this is a big jump for the person
     * @param bool                 $putAway the method uses none of its rungs
     */
    public function __construct(
        public string $slug,
        public array $closed,
        public array $allowed,
        public array $advised,
        public array $stands,
        public array $ghosts,
        public ?int $farAbove,
        public bool $putAway,
    ) {}
}
