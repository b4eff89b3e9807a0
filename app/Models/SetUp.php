<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * How a person sets up a rung for themselves.
 *
 * @property string $id
 * @property string $person_id
 * @property string $rung
 * @property string $text
 * @property int    $version
 */
final class SetUp extends Model
{
    use BelongsToPractice;
    use HasUlids;

    public $timestamps = true;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['text' => 'encrypted', 'version' => 'integer'];
    }
}
