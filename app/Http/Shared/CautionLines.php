<?php

declare(strict_types=1);

namespace App\Http\Shared;

use EvenRungs\Body\Limit;
use EvenRungs\Person\PersonRecord;

/** Cautions of a person's limits as lines, for whoever trains. */
final class CautionLines
{
    /** @return list<string> */
    public static function of(PersonRecord $record): array
    {
        return array_map(static fn(Limit $limit): string => ucfirst($limit->name).': '.$limit->caution, $record->circumstances()->limits);
    }
}
