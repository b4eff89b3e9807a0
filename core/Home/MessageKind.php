<?php

declare(strict_types=1);

namespace EvenRungs\Home;

/** What a message is about. Values are stored: never renamed. */
enum MessageKind: string
{
    case Link = 'link';
    case Stage = 'stage';
    case Training = 'training';
    case Morning = 'morning';
    case Retest = 're-test';
    /** To the trainer: nothing came from home. */
    case Quiet = 'quiet';
    /** To the trainer: something told from home is to be looked at before anything is trained again. */
    case Urgent = 'urgent';
    /** Words of the trainer wait on the person's page. */
    case Answer = 'answer';
}
