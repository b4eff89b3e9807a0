<?php

declare(strict_types=1);

namespace App\Actions;

use App\Library\PracticeLibrary;
use App\Models\Practice;
use App\Models\PracticeLadder;
use App\Models\User;
use App\Records\OwnWriting;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Keeps a practice's own ladder or its own version of a shipped one, or lets go of it. */
final readonly class KeepLadder
{
    /** So often a writing is tried again that ran into another one. */
    private const ATTEMPTS = 5;

    public function __construct(private PracticeLibrary $library) {}

    /** The own version that is kept, one that was let go of among them. */
    public static function row(string $ladder): ?PracticeLadder
    {
        return PracticeLadder::query()->where('slug', $ladder)->first();
    }

    /**
     * @param array<array-key, mixed> $document
     * @param int                     $version  of the own version that was read; 0 when there was none
     *
     * @throws LadderRefused when it has faults, when a rung in use is missing, or when someone else saved meanwhile
     */
    public function keep(string $ladder, array $document, int $version, User $by): void
    {
        [$problems] = $this->library->check($document);
        if ($problems !== []) {
            throw LadderRefused::because($problems);
        }
        if (($document['slug'] ?? null) !== $ladder) {
            throw LadderRefused::because(['The slug of a ladder is never changed.']);
        }
        DB::transaction(function () use ($ladder, $document, $version, $by): void {
            // The practice's row is written first: two who keep a ladder come one after the other, and see each other.
            Practice::query()->whereKey($by->practice_id)->increment('library_version');
            $this->refuseMissing($ladder, $document);
            $row = self::row($ladder);
            $columns = ['document' => $document, 'user_id' => $by->id, 'removed_at' => null];
            if ($row === null && $version === 0) {
                PracticeLadder::query()->create(['id' => strtolower((string) Str::ulid()), 'slug' => $ladder, 'version' => 1, ...$columns]);
            } elseif ($row !== null && ($row->removed_at === null ? $row->version : 0) === $version) {
                $row->update([...$columns, 'version' => $row->version + 1]);
            } elseif ($row === null || $row->removed_at !== null || ! OwnWriting::is($row, $version, ['document' => $document])) {
                throw LadderRefused::changedMeanwhile();
            }
        }, self::ATTEMPTS);
        $by->practice->refresh();
        $this->library->forget();
    }

    /** The shipped ladder comes back, or an own one goes; nothing that rests on it may be left without a rung. */
    public function letGo(string $ladder, User $by): void
    {
        if (self::row($ladder) === null) {
            return;
        }
        DB::transaction(function () use ($ladder, $by): void {
            Practice::query()->whereKey($by->practice_id)->increment('library_version');
            $row = self::row($ladder);
            if ($row === null || $row->removed_at !== null) {
                return;
            }
            $this->refuseMissing($ladder, $this->library->shipped($ladder) ?? ['rungs' => []]);
            $row->update(['removed_at' => now()]);
        }, self::ATTEMPTS);
        $by->practice->refresh();
        $this->library->forget();
    }

    /** @param array<array-key, mixed> $document that would be in force */
    private function refuseMissing(string $ladder, array $document): void
    {
        $there = array_map(static fn(mixed $rung): string => is_array($rung) && is_string($rung['slug'] ?? null) ? "{$ladder}/{$rung['slug']}" : '', is_array($document['rungs'] ?? null) ? $document['rungs'] : []);
        $missing = array_diff($this->library->inUse($ladder), $there);
        if ($missing !== []) {
            throw LadderRefused::because(array_map(static fn(string $rung): string => "“{$rung}” is in use by placings, sessions or logs: hide it instead of taking it out.", array_values($missing)));
        }
    }
}
