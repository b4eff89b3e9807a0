<?php

declare(strict_types=1);

namespace App\Http\Person;

use EvenRungs\Body\Side;
use EvenRungs\Screening\State;

final readonly class LimitView
{
    public function __construct(
        public string $id,
        public State $state,
        public string $label,
        public Side $side,
        public string $note,
        public string $since,
        public bool $cleared,
    ) {}
}
