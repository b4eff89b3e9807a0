<?php

declare(strict_types=1);

namespace App\Models;

use EvenRungs\Calendar\Day;
use EvenRungs\Ladder\Allowance;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * A rung the trainer allows a person in spite of what rules it out; taken back, never deleted.
 *
 * @property string       $id
 * @property string       $person_id
 * @property string       $rung
 * @property list<string> $against keys of the objections it covers
 * @property string       $reason
 * @property string       $allowed_on
 * @property int          $sequence
 */
final class RungAllowance extends Model
{
    use BelongsToPractice;
    use HasUlids;

    public $timestamps = true;

    protected $guarded = [];

    public function inCore(): Allowance
    {
        return new Allowance($this->id, $this->rung, $this->against, $this->reason, Day::parse($this->allowed_on));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['against' => 'array', 'reason' => 'encrypted', 'sequence' => 'integer'];
    }
}
