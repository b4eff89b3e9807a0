<?php

declare(strict_types=1);

namespace EvenRungs\Session;

/** What a stretch of a session's time is spent on. */
enum TimeKind: string
{
    case Work = 'work';
    /** Between holds or bouts of one set. */
    case Gap = 'gap';
    case Rest = 'rest';
    case SideChange = 'side-change';
    case ChangeOver = 'change-over';
}
