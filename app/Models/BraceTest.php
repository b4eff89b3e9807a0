<?php

declare(strict_types=1);

namespace App\Models;

use EvenRungs\Assessment\BraceCheck;
use EvenRungs\Assessment\BraceSample;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * A brace check: as a cuff was read, or timed by hand.
 *
 * @property string               $id
 * @property string               $person_id
 * @property list<array{int, int}> $samples   milliseconds and tenths of mmHg
 * @property int|null              $seconds   timed by hand; null where a cuff was read
 * @property string               $tested_on
 * @property int                  $sequence
 */
final class BraceTest extends Model
{
    use BelongsToPractice;
    use HasUlids;

    public $timestamps = false;

    protected $table = 'brace_checks';

    protected $guarded = [];

    public function check(): BraceCheck
    {
        return $this->seconds === null
            ? BraceCheck::of(array_map(static fn(array $sample): BraceSample => new BraceSample($sample[0], $sample[1] / 10), $this->samples))
            : BraceCheck::timed($this->seconds);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['samples' => 'array', 'seconds' => 'integer', 'sequence' => 'integer'];
    }
}
