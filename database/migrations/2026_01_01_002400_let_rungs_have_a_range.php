<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * One exercise at several distances is one rung with a range. Placings, logged sets, set-ups, sessions and programs name
 * it with the range they stood for; a practice with a version of that ladder of its own keeps its rungs.
 */
return new class extends Migration {
    /** Rung it is now, and its range, by the rung it was. */
    private const NOW = [
        'rollout/wheel-30' => ['rollout/wheel-30', '30cm'],
        'rollout/wheel-45' => ['rollout/wheel-30', '45cm'],
        'rollout/wheel-60' => ['rollout/wheel-30', '60cm'],
        'rollout/wheel-full' => ['rollout/wheel-30', '90cm'],
        'dead-bug/opposite-short' => ['dead-bug/opposite-short', 'third'],
        'dead-bug/opposite-full' => ['dead-bug/opposite-short', 'whole'],
    ];

    public function up(): void
    {
        Schema::table('placements', function (Blueprint $table): void {
            $table->string('range', 8)->nullable()->after('rung')->comment('as a dose line writes it, on rungs that have one');
        });
        $this->move();
    }

    public function move(): void
    {
        $own = DB::table('practice_ladders')->whereIn('slug', ['rollout', 'dead-bug'])->get(['practice_id', 'slug'])->groupBy('slug');
        foreach (self::NOW as $was => [$rung, $range]) {
            $kept = ($own[strstr($was, '/', true)] ?? collect())->pluck('practice_id')->all();
            DB::table('placements')->where('rung', $was)->whereNotIn('practice_id', $kept)->update(['rung' => $rung, 'range' => $range]);
            if ($rung !== $was && $kept === []) {
                // Where the person has a set-up for the rung it is now, that one stays.
                DB::update('UPDATE IGNORE set_ups SET rung = ? WHERE rung = ?', [$rung, $was]);
            }
            DB::table('set_logs')->where('rung', $was)->whereNotIn('practice_id', $kept)->update(['rung' => $rung, 'dose' => DB::raw("CONCAT(dose, ' {$range}')")]);
        }
        foreach ([['training_sessions', 'blocks'], ['programs', 'weeks'], ['programs', 'wish']] as [$table, $column]) {
            DB::table($table)->where(static function ($rows) use ($column): void {
                foreach (array_keys(self::NOW) as $was) {
                    // A slash may stand escaped in what is kept.
                    $rows->orWhere($column, 'like', '%'.substr((string) strstr($was, '/'), 1).'%');
                }
            })->orderBy('id')->each(function (object $row) use ($table, $column, $own): void {
                $ladders = array_filter(['rollout', 'dead-bug'], static fn(string $ladder): bool => ! ($own[$ladder] ?? collect())->contains('practice_id', $row->practice_id));
                DB::table($table)->where('id', $row->id)->update([$column => json_encode($this->renamed(json_decode((string) $row->{$column}, true), $ladders), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)]);
            });
        }
    }

    /**
     * Whatever names a rung beside a dose, at any depth.
     *
     * @param list<string>|array<string> $ladders whose rungs are one now
     */
    public function renamed(mixed $data, array $ladders): mixed
    {
        if (! is_array($data)) {
            return $data;
        }
        $was = is_string($data['rung'] ?? null) ? $data['rung'] : '';
        if (isset(self::NOW[$was]) && in_array(strstr($was, '/', true), $ladders, true)) {
            [$data['rung'], $range] = self::NOW[$was];
            if (is_string($data['dose'] ?? null)) {
                $data['dose'] .= " {$range}";
            }
        }

        return array_map(fn(mixed $part): mixed => $this->renamed($part, $ladders), $data);
    }

    /** The rows keep their range in words that an earlier version cannot read: only the column goes. */
    public function down(): void
    {
        Schema::table('placements', function (Blueprint $table): void {
            $table->dropColumn('range');
        });
    }
};
