<?php

declare(strict_types=1);

namespace EvenRungs\Log;

/** What a device tells of a training, one thing at a time. Values are stored: never renamed. */
enum EventKind: string
{
    /** A set was done, with what was answered about it. */
    case Set = 'set';
    /** What was told of a set is taken back. */
    case Undone = 'undone';
    /** A set was left unlogged on purpose. */
    case Skipped = 'skipped';
    /** Pain that was there before the first set. */
    case Before = 'before';
    /** How long was trained, as somebody says. */
    case Time = 'time';
    /** The training is over: from here on it counts. */
    case Ended = 'ended';
    /** How it was the morning after an earlier session. */
    case Morning = 'morning';
    /** It is the same training as another one, told by another device. */
    case Joined = 'joined';
    /** It is another training than that. */
    case Apart = 'apart';

    /** Whether it speaks of one set of one exercise. */
    public function isOfASet(): bool
    {
        return in_array($this, [self::Set, self::Undone, self::Skipped], true);
    }
}
