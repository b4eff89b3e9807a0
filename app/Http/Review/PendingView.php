<?php

declare(strict_types=1);

namespace App\Http\Review;

use App\Http\Shared\GateView;
use App\Http\Shared\ReasonView;
use EvenRungs\Body\Side;
use EvenRungs\Progress\Decision;

/** A decision that waits for the trainer. */
final readonly class PendingView
{
    /**
     * @param string|null        $news     why it waits again, or only now
     * @param list<ReasonView>   $reasons
     * @param list<EvidenceView> $evidence
     * @param list<string>       $besides  what else is to be known of that training: an easier version took over, it ended early
     * @param string|null        $up       next open rung up, if any
     * @param string|null        $down     next open rung down, if any
     * @param OtherWayView|null  $otherWay where the demand is trained meanwhile, where nothing lower is open
     * @param list<OutcomeView>  $outcomes of each choice after which the ladder is trained
     */
    public function __construct(
        public string $log,
        public string $ladder,
        public string $ladderName,
        public Side $side,
        public string $rung,
        public string $rungName,
        public string $rungHeight,
        public string $dose,
        public string $doneOn,
        public Decision $proposed,
        public ?string $to,
        public ?string $toName,
        public ?string $toHeight,
        public ?string $news,
        public array $reasons,
        public GateView $gate,
        public array $evidence,
        public array $besides,
        public ?int $morningPain,
        public ?string $up,
        public ?string $down,
        public ?OtherWayView $otherWay,
        public array $outcomes,
    ) {}
}
