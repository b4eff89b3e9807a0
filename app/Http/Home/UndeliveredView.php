<?php

declare(strict_types=1);

namespace App\Http\Home;

use EvenRungs\Home\MessageKind;

/** A message that did not reach the person. */
final readonly class UndeliveredView
{
    /**
     * @param 'mail'|'text' $way
     * @param string        $on  date it was given up
     */
    public function __construct(public string $id, public MessageKind $kind, public string $way, public string $on) {}
}
