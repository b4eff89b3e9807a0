<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * A practice's own ladder, or its own version of a shipped one, as the contents of a ladder file.
 *
 * @property string               $id
 * @property string               $slug
 * @property array<string, mixed> $document
 * @property int                  $version
 * @property string|null          $removed_at
 */
final class PracticeLadder extends Model
{
    use BelongsToPractice;
    use HasUlids;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'array', 'version' => 'integer'];
    }
}
