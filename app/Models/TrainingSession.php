<?php

declare(strict_types=1);

namespace App\Models;

use EvenRungs\Session\WrittenBlock;
use EvenRungs\Session\WrittenItem;
use EvenRungs\Session\WrittenSession;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * A written session.
 *
 * @property string                                                                                                                       $id
 * @property string                                                                                                                       $person_id
 * @property string                                                                                                                       $title
 * @property list<array{kind: string, items: list<array{id: string, rung: string, dose: string}>, gapSeconds: list<int>, roundRestSeconds: int}> $blocks
 * @property array<string, mixed>                                                                                                         $rung_snapshots
 * @property string                                                                                                                       $library_version
 * @property int                                                                                                                          $version
 * @property int|null                                                                                                                     $minutes
 * @property string|null $program_monday Monday of the week of the program it was written from
 * @property string|null $program_slot   its place in that week
 * @property int|null    $total_seconds as written when last saved
 * @property int|null    $picks         so many of its exercises the person picks; null for all
 * @property string|null $origin        where it comes from, in words
 * @property string|null $squad_id      the squad whose session it is
 * @property \Illuminate\Support\Carbon|null $created_at
 * @property \Illuminate\Support\Carbon|null $updated_at
 * @property \Illuminate\Support\Carbon|null $deleted_at
 */
final class TrainingSession extends Model
{
    use BelongsToPractice;
    use HasUlids;
    use SoftDeletes;

    public $timestamps = true;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['blocks' => 'array', 'rung_snapshots' => 'array', 'version' => 'integer', 'minutes' => 'integer', 'picks' => 'integer'];
    }

    /** A session that was let go of can be brought back for so many days. */
    public const DAYS_KEPT = 30;

    public function inCore(): WrittenSession
    {
        return new WrittenSession($this->id, $this->title, $this->written(), $this->program_monday, $this->program_slot, $this->picks);
    }

    /** @return list<WrittenBlock> */
    private function written(): array
    {
        return array_map(WrittenBlock::read(...), $this->blocks);
    }

    /** @return array<string, WrittenItem> by id */
    public function exercises(): array
    {
        return array_column(array_merge([], ...array_map(static fn(WrittenBlock $block): array => $block->items, $this->written())), null, 'id');
    }
}
