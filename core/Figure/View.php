<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

/** From where a figure is seen. */
enum View: string
{
    /** From its right side when upright: head end and front of the body to the right. */
    case Side = 'side';
    /** Face to face: for what the side view cannot tell, such as side bridges and carries. */
    case Front = 'front';
    /** From above, on someone lying on the back. */
    case Above = 'above';
}
