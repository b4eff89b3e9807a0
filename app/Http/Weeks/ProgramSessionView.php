<?php

declare(strict_types=1);

namespace App\Http\Weeks;

use App\Http\Shared\ReasonView;

/** A session of a week of a program. */
final readonly class ProgramSessionView
{
    /**
     * @param string                              $when    such as “Tuesday evening”
     * @param list<string>                        $lines   exercise and dose
     * @param string|null                         $session the session written from it
     * @param 'none'|'behind'|'written'|'differs' $state
     * @param list<ReasonView>                    $moved   what has moved on since it was planned or written
     */
    public function __construct(
        public string $slot,
        public string $when,
        public string $clock,
        public array $lines,
        public ?string $session,
        public string $state,
        public ?string $doneOn,
        public array $moved,
    ) {}
}
