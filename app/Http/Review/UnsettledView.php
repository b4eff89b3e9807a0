<?php

declare(strict_types=1);

namespace App\Http\Review;

use App\Http\Shared\AlsoToldView;
use App\Http\Shared\DifferingSetView;
use App\Models\Training;
use EvenRungs\Ladder\Library;
use EvenRungs\Person\OpenTraining;

/** A training a device told of, of which something has to be said before it counts as told. */
final readonly class UnsettledView
{
    /**
     * @param 'end'|'two'|'answers'  $waits     for what: its end, whether it is one training with another device's, or which answer holds
     * @param AlsoToldView|null      $also      the training of another device it is asked about
     * @param list<DifferingSetView> $differing sets that were told in different ways
     */
    public function __construct(
        public string $id,
        public string $session,
        public string $title,
        public string $on,
        public int $sets,
        public string $waits,
        public string $sentence,
        public ?AlsoToldView $also,
        public array $differing,
    ) {}

    public static function of(OpenTraining $open, Library $library): self
    {
        $training = Training::query()->findOrFail($open->id);

        return new self($open->id, $open->session, $open->title, $open->on->iso(), $open->sets, $open->waits, $open->detail($library), AlsoToldView::asked($training), $open->waits === OpenTraining::DIFFERING ? DifferingSetView::all($training, $library) : []);
    }
}
