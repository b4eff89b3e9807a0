<?php

declare(strict_types=1);

namespace App\Http\Shared;

use App\Api\ListOf;
use App\Api\OneOf;
use EvenRungs\Figure\Figure;
use EvenRungs\Figure\Joint;
use EvenRungs\Figure\Prop;
use EvenRungs\Figure\View;
use OpenApi\Attributes as OA;

/** The picture of a rung: its poses and its kit. */
#[OA\Schema]
final readonly class FigureView
{
    /**
     * @param list<PropView> $props
     */
    public function __construct(
        #[OneOf(View::class)]
        public string $view,
        #[OA\Property]
        public PoseView $start,
        #[OA\Property(ref: '#/components/schemas/PoseView', nullable: true)]
        public ?PoseView $middle,
        #[OA\Property(ref: '#/components/schemas/PoseView', nullable: true)]
        public ?PoseView $end,
        #[ListOf(PropView::class)]
        public array $props,
        #[OA\Property]
        public int $lift,
        #[OneOf(Joint::class, nullable: true)]
        public ?string $pin,
    ) {}

    public static function of(Figure $figure): self
    {
        return new self(
            $figure->view->value,
            PoseView::of($figure->start),
            $figure->middle === null ? null : PoseView::of($figure->middle),
            $figure->end === null ? null : PoseView::of($figure->end),
            array_map(static fn(Prop $prop): PropView => new PropView($prop->kind->value, $prop->joint->value, $prop->direction), $figure->props),
            $figure->lift,
            $figure->pin?->value,
        );
    }
}
