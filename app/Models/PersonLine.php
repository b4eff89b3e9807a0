<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Crypt;

/**
 * What lists show of a person, made from their records by Records\PersonLines.
 *
 * @property string      $person_id
 * @property bool        $archived
 * @property string|null $archived_on
 * @property string      $name
 * @property string      $about
 * @property string      $aim
 * @property int         $urgency
 * @property bool        $stop
 * @property bool        $decide
 * @property bool        $due
 * @property bool        $uneven
 * @property int|null    $spread    tenths of height
 * @property string|null $weakest   demand
 * @property string|null $last_done date
 * @property string|null $next_on   date of the next session that is placed, two weeks ahead at most
 * @property array{status: 'stop'|'watch'|'ready'|'information', sentence: string, action: string, step: string} $said
 * @property string      $until
 * @property int         $records
 * @property string      $stamp
 */
final class PersonLine extends Model
{
    use BelongsToPractice;

    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'person_id';

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['said' => 'encrypted:array', 'archived' => 'boolean', 'stop' => 'boolean', 'decide' => 'boolean', 'due' => 'boolean', 'uneven' => 'boolean'];
    }

    /** @return array<array-key, mixed> */
    public static function decrypted(string $said): array
    {
        return (array) json_decode(Crypt::decryptString($said), true);
    }

    /** @param array<string, string> $said */
    public static function encrypted(array $said): string
    {
        return Crypt::encryptString(json_encode($said, JSON_THROW_ON_ERROR));
    }

    /** A line of a person whose records could not be read: it holds for no day. */
    public const UNREADABLE_UNTIL = '1900-01-01';

    public function isUnreadable(): bool
    {
        return $this->until === self::UNREADABLE_UNTIL;
    }

    /** @return list<'stop'|'decide'|'due'|'uneven'> */
    public function flags(): array
    {
        return array_keys(array_filter(['stop' => $this->stop, 'decide' => $this->decide, 'due' => $this->due, 'uneven' => $this->uneven]));
    }
}
