<?php

declare(strict_types=1);

namespace App\Http\Home;

use App\Http\Shared\ChoiceView;

/** The stages of a session’s sheet, on a strip of days. */
final readonly class StagesView
{
    /**
     * @param string                $today    date
     * @param string                $beginsOn date from which days are counted: the first of them
     * @param bool                  $isSpread whether some are still to come of one exercise a week, which can be taken back
     * @param list<StageView>       $stages   in the order in which they come
     * @param list<StageItemView>   $items    of the session as it is
     * @param list<ChoiceView>      $kinds    a stage can be
     */
    public function __construct(public string $today, public string $beginsOn, public bool $isSpread, public array $stages, public array $items, public array $kinds) {}
}
