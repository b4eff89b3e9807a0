<?php

declare(strict_types=1);

namespace App\Http\People;

use App\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class PeopleView
{
    /** @param list<PersonLineView> $people by name, archived ones last */
    public function __construct(
        #[ListOf(PersonLineView::class)]
        public array $people,
    ) {}
}
