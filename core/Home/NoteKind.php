<?php

declare(strict_types=1);

namespace EvenRungs\Home;

/** What goes between a person at home and their practice. Values are stored: never renamed. */
enum NoteKind: string
{
    /** The person asks for another day. */
    case NotToday = 'not-today';
    /** The person's own words. */
    case Words = 'words';
    /** Words of the trainer. */
    case Answer = 'answer';
}
