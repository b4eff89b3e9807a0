<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * One answer of a method as it was changed, at one level.
 *
 * @property string $level
 * @property string $owner_id   of the practice, the trainer, or the person
 * @property string $question
 * @property string $changed_on
 */
final class MethodChange extends Model
{
    use BelongsToPractice;
    use HasUlids;

    public $timestamps = true;

    protected $guarded = [];
}
