<?php

declare(strict_types=1);

namespace App\Http\Session;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class OrdersView
{
    /** @param list<OrderView> $orders */
    public function __construct(
        public array $orders,
    ) {}
}
