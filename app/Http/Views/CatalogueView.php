<?php

declare(strict_types=1);

namespace App\Http\Views;

use App\Api\ListOf;
use EvenRungs\Balance\Aim;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Side;
use EvenRungs\Screening\DangerSign;
use EvenRungs\Screening\State;
use OpenApi\Attributes as OA;

/** The closed lists that forms choose from, in the words of the core. */
#[OA\Schema]
final readonly class CatalogueView
{
    /**
     * @param list<ChoiceView>     $aims
     * @param list<ChoiceView>     $kit
     * @param list<StateView>      $states
     * @param list<DangerSignView> $dangerSigns
     */
    public function __construct(
        #[ListOf(ChoiceView::class)]
        public array $aims,
        #[ListOf(ChoiceView::class)]
        public array $kit,
        #[ListOf(StateView::class)]
        public array $states,
        #[ListOf(DangerSignView::class)]
        public array $dangerSigns,
    ) {}

    public static function make(): self
    {
        return new self(
            array_map(static fn(Aim $aim): ChoiceView => new ChoiceView($aim->value, $aim->label()), Aim::cases()),
            array_map(static fn(Kit $kit): ChoiceView => new ChoiceView($kit->value, $kit->label()), Kit::cases()),
            array_map(static fn(State $state): StateView => new StateView($state->value, $state->label(), $state->isSided(), $state->limit(Side::Both)->caution), State::cases()),
            array_map(static fn(DangerSign $sign): DangerSignView => new DangerSignView($sign->value, $sign->question(), $sign->urgency()->value, $sign->urgency()->inWords()), DangerSign::cases()),
        );
    }
}
