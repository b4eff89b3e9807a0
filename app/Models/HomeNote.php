<?php

declare(strict_types=1);

namespace App\Models;

use EvenRungs\Calendar\Day;
use EvenRungs\Home\NoteKind;
use EvenRungs\Home\NotToday;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * What goes between a person at home and their practice, beside what was done.
 *
 * @property string      $id
 * @property string      $practice_id
 * @property string      $person_id
 * @property NoteKind    $kind
 * @property string|null $reason
 * @property string|null $text
 * @property string|null $training_session_id
 * @property string      $on_day
 * @property Carbon|null $settled_at
 * @property Carbon|null $seen_at of an answer: by the person
 * @property string      $user_id
 * @property string      $time_zone
 * @property int         $sequence
 * @property TrainingSession|null $session
 * @property User        $writer of an answer
 */
final class HomeNote extends Model
{
    use BelongsToPractice;
    use HasUlids;

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => NoteKind::class, 'text' => 'encrypted', 'settled_at' => 'datetime', 'seen_at' => 'datetime', 'sequence' => 'integer'];
    }

    /** @return BelongsTo<TrainingSession, $this> */
    public function session(): BelongsTo
    {
        return $this->belongsTo(TrainingSession::class, 'training_session_id')->withTrashed();
    }

    /** @return BelongsTo<User, $this> of an answer: who wrote it */
    public function writer(): BelongsTo
    {
        return $this->belongsTo(User::class, 'user_id');
    }

    public function inCore(): \EvenRungs\Home\HomeNote
    {
        return new \EvenRungs\Home\HomeNote($this->id, $this->kind, NotToday::tryFrom($this->reason ?? ''), $this->text ?? '', $this->training_session_id, $this->session->title ?? '', Day::parse($this->on_day));
    }
}
