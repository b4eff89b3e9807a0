<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Squad as SquadRow;
use EvenRungs\Calendar\Day;
use EvenRungs\Ladder\Library;
use EvenRungs\Person\PersonRecord;
use EvenRungs\Squad\Squad;

/** A squad's row beside what the core makes of it. */
final readonly class SquadFile
{
    /**
     * @param list<PersonFile> $files by number of the member
     * @param list<int>        $here  numbers of the members who are here today
     */
    public function __construct(public SquadRow $row, public array $files, public array $here, public Day $today, public Library $library, public Squad $squad) {}

    /** What a squad of these people would begin with. */
    public function proposal(): Squad
    {
        return Squad::proposed($this->library, array_map(static fn(PersonFile $file): PersonRecord => $file->record, $this->files));
    }
}
