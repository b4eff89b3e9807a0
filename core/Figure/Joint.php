<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

/** A named point of the body that kit can be tied to. */
enum Joint: string
{
    case Head = 'head';
    case Shoulder = 'shoulder';
    case Elbow = 'elbow';
    case Hand = 'hand';
    case Hip = 'hip';
    case Knee = 'knee';
    case Ankle = 'ankle';
    case Toe = 'toe';
    case Back = 'back';
    case Waist = 'waist';
    case Wrist = 'wrist';
    case FarElbow = 'far-elbow';
    case FarHand = 'far-hand';
    case FarKnee = 'far-knee';
    case FarAnkle = 'far-ankle';
    case FarToe = 'far-toe';
}
