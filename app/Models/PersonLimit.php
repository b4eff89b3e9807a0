<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * A limit of a person's body; lifted, never deleted.
 *
 * @property string      $id
 * @property string      $person_id
 * @property string      $state
 * @property string      $side
 * @property string|null $note
 * @property string      $since
 * @property string|null $lifted_on
 * @property bool        $cleared
 */
final class PersonLimit extends Model
{
    use BelongsToPractice;
    use HasUlids;

    public $timestamps = true;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['note' => 'encrypted', 'cleared' => 'boolean'];
    }
}
