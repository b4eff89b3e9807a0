<?php

declare(strict_types=1);

namespace EvenRungs\Squad;

/** What everybody does while a stretch of the squad's clock runs. */
enum TurnKind: string
{
    /** To where they begin. */
    case Ready = 'ready';
    case Work = 'work';
    /** On to the next station. */
    case Change = 'change';
    /** Between two rounds. */
    case Rest = 'rest';
}
