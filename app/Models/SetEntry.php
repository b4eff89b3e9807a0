<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * One set of a logged session. Null means not asked or not told.
 *
 * @property string              $session_log_id
 * @property string              $item
 * @property string              $rung
 * @property string|null         $instead_of rung that was written
 * @property string              $dose
 * @property int                 $set_number
 * @property int|null            $done_both
 * @property int|null            $done_left
 * @property int|null            $done_right
 * @property array<string, bool> $form
 * @property int|null            $pain
 * @property string|null         $pain_side
 * @property string|null         $pain_place
 * @property int|null            $effort
 * @property bool                $travelling_pain
 * @property string|null         $felt where: right or a wrong place; null when nobody asked
 * @property string|null         $pain_note
 * @property int|null            $told_sequence when it was told that it stops a ladder; with its log where null
 */
final class SetEntry extends Model
{
    use BelongsToPractice;

    public $timestamps = false;

    protected $table = 'set_logs';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'set_number' => 'integer', 'done_both' => 'integer', 'done_left' => 'integer', 'done_right' => 'integer',
            'form' => 'array', 'pain' => 'integer', 'effort' => 'integer', 'travelling_pain' => 'boolean',
            'pain_note' => 'encrypted',
        ];
    }
}
