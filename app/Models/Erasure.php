<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * That a person's record was erased: not whose.
 *
 * @property string $id
 * @property string $practice_id
 * @property string $user_id   who asked for it
 * @property string $erased_on
 */
final class Erasure extends Model
{
    use BelongsToPractice;
    use HasUlids;

    public $timestamps = false;

    protected $guarded = [];
}
