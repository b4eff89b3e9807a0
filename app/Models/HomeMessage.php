<?php

declare(strict_types=1);

namespace App\Models;

use EvenRungs\Home\MessageKind;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A message to a person, or about them to a trainer: each is said once in each way. What it says is written when it is sent.
 *
 * @property string       $id
 * @property string       $practice_id
 * @property string       $person_id
 * @property MessageKind  $kind
 * @property string       $about      which of its kind
 * @property 'mail'|'text' $way
 * @property string|null  $user_id    trainer it goes to; the person where null
 * @property Carbon       $due_at
 * @property Carbon|null  $sent_at
 * @property Carbon|null  $failed_at
 * @property Carbon|null  $settled_at a failure the trainer has seen
 */
final class HomeMessage extends Model
{
    use BelongsToPractice;
    use HasUlids;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => MessageKind::class, 'due_at' => 'datetime', 'sent_at' => 'datetime', 'failed_at' => 'datetime', 'settled_at' => 'datetime'];
    }
}
