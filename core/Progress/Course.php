<?php

declare(strict_types=1);

namespace EvenRungs\Progress;

/** What holds or drives the dose of a rung beside its last session: the trainer's decision counts, not the proposal. */
enum Course
{
    /** On the way to the leaving mark, or waiting there for the gate. */
    case Open;
    /** A climb is proposed and nobody has decided yet. */
    case ClimbProposed;
    /** The trainer stays although a climb was proposed. */
    case TrainerStays;
    /** A step down is proposed, and the person is still here: nobody has decided yet, the trainer stays, or there is no lower rung. */
    case StepDownProposed;
    /** Pain asks for the ladder to be stopped, and nobody has decided yet, or the trainer stays. */
    case StopProposed;
    /** No higher rung of the ladder is open to the person. */
    case Top;
}
