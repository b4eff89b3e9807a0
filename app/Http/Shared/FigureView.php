<?php

declare(strict_types=1);

namespace App\Http\Shared;

use EvenRungs\Figure\Figure;
use EvenRungs\Figure\Joint;
use EvenRungs\Figure\Prop;
use EvenRungs\Figure\View;
use OpenApi\Attributes as OA;

/** The picture of a rung: its poses and its kit. */
#[OA\Schema]
final readonly class FigureView
{
    /** @param list<PropView> $props */
    public function __construct(
        public View $view,
        public PoseView $start,
        public ?PoseView $middle,
        public ?PoseView $end,
        public array $props,
        public int $lift,
        public ?Joint $pin,
    ) {}

    public static function of(Figure $figure): self
    {
        return new self(
            view: $figure->view,
            start: PoseView::of($figure->start),
            middle: $figure->middle === null ? null : PoseView::of($figure->middle),
            end: $figure->end === null ? null : PoseView::of($figure->end),
            props: array_map(static fn(Prop $prop): PropView => new PropView(kind: $prop->kind, joint: $prop->joint, direction: $prop->direction), $figure->props),
            lift: $figure->lift,
            pin: $figure->pin,
        );
    }
}
