<?php

declare(strict_types=1);

namespace App\Http\Session;

final readonly class OrdersView
{
    /** @param list<OrderView> $orders */
    public function __construct(
        public array $orders,
    ) {}
}
