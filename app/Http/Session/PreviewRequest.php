<?php

declare(strict_types=1);

namespace App\Http\Session;

use Illuminate\Validation\ValidationException;

/**
 * The composer asks at every change: the shape is checked by hand, without the validator, which alone takes as long
 * as everything the answer is made of.
 *
 * @body int|null $minutes of this session; the person’s own when null
 * @body int|null $picks so many of its exercises the person picks; null for all
 * @body list<BlockInput> $blocks
 */
final class PreviewRequest extends BlocksRequest
{
    public function validateResolved(): void
    {
        $problems = BlocksShape::problems($this->input('blocks'));
        if (! is_array($this->input('blocks')) || ! array_is_list($this->input('blocks')) || count($this->entries('blocks')) > 40) {
            $problems['blocks'] = 'A session has a list of at most 40 blocks.';
        }
        $minutes = $this->input('minutes');
        if ($minutes !== null && (! is_int($minutes) || $minutes < 1 || $minutes > 180)) {
            $problems['minutes'] = 'A session lasts from 1 to 180 minutes.';
        }
        $picks = $this->input('picks');
        if ($picks !== null && (! is_int($picks) || $picks < 1 || $picks > 39)) {
            $problems['picks'] = 'From one exercise on are picked.';
        }
        if ($problems !== []) {
            throw ValidationException::withMessages($problems);
        }
    }
}
