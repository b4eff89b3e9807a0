<?php

declare(strict_types=1);

namespace App\Library;

use EvenRungs\Body\Demand;
use EvenRungs\Figure\Drawer;
use EvenRungs\Figure\FaultKind;
use EvenRungs\Figure\Figure;
use EvenRungs\Figure\KitFrames;
use EvenRungs\Figure\Plan;
use EvenRungs\Figure\Setting;
use EvenRungs\Figure\Solver;
use EvenRungs\Figure\Stood;
use EvenRungs\Statics\Hardness;
use EvenRungs\Statics\SmallClimb;
use Illuminate\Contracts\Cache\Repository;

/**
 * Figures and how hard they are: of the shipped rungs from a file beside the library, which `library:figures` writes;
 * of own rungs solved once and kept.
 *
 * @phpstan-type Points array{view: array{int, int}, side: 'left'|'right', frames: non-empty-list<list<int>>, kit: list<array{tone: 'kit'|'weight'|'rail', radii: list<int>, frames: non-empty-list<list<int>>}>, shadow: list<list<int>>, force: list<int>}
 * @phpstan-type Drawn array{figure: Points, hardness: array{highest: array{extension: int, flexion: int, side: int, turning: int}, mean: array{extension: int, flexion: int, side: int, turning: int}, shoulder: int, wrist: int, hip: int, unmeasured: 'lying'|'unsteady'|null}, amiss: list<string>, faults: array<string, Points>, changes?: array{extension: float|int, flexion: float|int, side: float|int, turning: float|int}}
 */
final class Figures implements Drawer
{
    /** Of an own rung, which is solved anew when nobody looked at it so long. */
    private const KEPT_DAYS = 90;

    private ?Solver $solver = null;

    /** Of the shipped figures: another one whenever a change of the bodies or of how they are set changes those. */
    private string $version = '';

    /** @var array<string, Drawn>|null by fingerprint of the plan */
    private ?array $shipped = null;

    public function __construct(private readonly string $file, private readonly string $cacheFile, private readonly Repository $cache) {}

    public function figure(Plan $plan): Figure
    {
        return self::drawing($this->drawn($plan)['figure']);
    }

    public function fault(Plan $plan, FaultKind $kind): Figure
    {
        $made = $plan->fingerprint();
        $points = $this->shipped()[$made]['faults'][$kind->value] ?? $this->kept("fault:{$made}:{$kind->value}", fn(): array => $this->faulty($plan, $kind));

        return self::drawing($points);
    }

    /** @return list<string> what cannot be about a plan, in sentences */
    public function amiss(Plan $plan): array
    {
        return $this->drawn($plan)['amiss'];
    }

    /** @return array{extension: float, flexion: float, side: float, turning: float}|null of a shipped rung: N·m more than in the neutral pose of its position */
    public function changes(Plan $plan): ?array
    {
        $changes = $this->shipped()[$plan->fingerprint()]['changes'] ?? null;

        return $changes === null ? null : ['extension' => (float) $changes['extension'], 'flexion' => (float) $changes['flexion'], 'side' => (float) $changes['side'], 'turning' => (float) $changes['turning']];
    }

    /**
     * @param float|null $mass    kg, where the person’s own is known
     * @param float|null $stature cm
     */
    public function hardness(Plan $plan, ?float $mass = null, ?float $stature = null): Hardness
    {
        if ($mass === null && $stature === null) {
            return self::hard($this->drawn($plan)['hardness']);
        }
        [$mass, $stature] = [$mass ?? Setting::MASS, $stature ?? Setting::STATURE];
        return self::hard($this->kept(sprintf('hardness:%s:%.1f:%.1f', $plan->fingerprint(), $mass, $stature), function () use ($plan, $mass, $stature): array {
            $hardness = Hardness::of($plan, $this->solver(), $mass, $stature);

            return ['highest' => $hardness->highest, 'mean' => $hardness->mean, 'shoulder' => $hardness->shoulder, 'wrist' => $hardness->wrist, 'hip' => $hardness->hip, 'unmeasured' => $hardness->unmeasured];
        }));
    }

    /**
     * How a rung is begun so that it asks for little more than one below (SmallClimb).
     *
     * @param int  $asked    N·m of the demand on that one
     * @param bool $isRanged it is done over a range
     *
     * @return array{load: float|null, along: list<array{float|int, int}>}
     */
    public function smallClimb(Plan $plan, Demand $demand, int $asked, bool $isRanged, ?float $mass, ?float $stature): array
    {
        [$mass, $stature] = [$mass ?? Setting::MASS, $stature ?? Setting::STATURE];

        return $this->kept(sprintf('climb:%s:%s:%d:%d:%.1f:%.1f', $plan->fingerprint(), $demand->value, $asked, (int) $isRanged, $mass, $stature), function () use ($plan, $demand, $asked, $isRanged, $mass, $stature): array {
            $climb = new SmallClimb($plan, $this->solver(), $demand, $mass, $stature);

            return ['load' => $climb->load($asked), 'along' => $isRanged ? $climb->along() : []];
        });
    }

    /**
     * Anew, without what is kept.
     *
     * @param list<FaultKind> $kinds of faults to draw as well
     *
     * @return Drawn
     */
    public function fresh(Plan $plan, array $kinds = []): array
    {
        $faults = [];
        foreach ($kinds as $kind) {
            $faults[$kind->value] = $this->faulty($plan, $kind);
        }
        $stands = $plan->stands($this->solver());
        $way = $plan->way($this->solver(), $stands);
        $drawn = json_decode((string) json_encode(['figure' => Figure::of($plan, $way), 'hardness' => Hardness::along($plan, $stands, $way), 'amiss' => array_values(array_unique(array_merge(...array_map(static fn(Stood $stood): array => $stood->amiss, $way)))), 'faults' => $faults]), true);

        /** @var Drawn $drawn */
        return $drawn;
    }

    /** @return Points */
    private function faulty(Plan $plan, FaultKind $kind): array
    {
        $points = json_decode((string) json_encode(Figure::of($plan, [$kind->in($plan, $this->solver())])), true);

        /** @var Points $points */
        return $points;
    }

    /** @param Points $figure */
    private static function drawing(array $figure): Figure
    {
        return new Figure($figure['view'], $figure['side'], $figure['frames'], array_map(static fn(array $kit): KitFrames => new KitFrames($kit['tone'], $kit['radii'], $kit['frames']), $figure['kit']), $figure['shadow'], $figure['force']);
    }

    /** @return Drawn */
    private function drawn(Plan $plan): array
    {
        $made = $plan->fingerprint();
        return $this->shipped()[$made] ?? $this->kept("figure:{$made}", fn(): array => $this->fresh($plan));
    }

    /**
     * @template T of array
     *
     * @param \Closure(): T $make
     *
     * @return T
     */
    private function kept(string $key, \Closure $make): array
    {
        $this->shipped();

        /** @var T */
        return $this->cache->remember("{$key}:{$this->version}", 86_400 * self::KEPT_DAYS, $make);
    }

    /** @param Drawn['hardness'] $hard */
    private static function hard(array $hard): Hardness
    {
        return new Hardness($hard['highest'], $hard['mean'], $hard['shoulder'], $hard['wrist'], $hard['hip'], $hard['unmeasured']);
    }

    private function solver(): Solver
    {
        return $this->solver ??= new Solver;
    }

    /** @return array<string, Drawn> */
    private function shipped(): array
    {
        if ($this->shipped === null) {
            $made = is_file($this->file) ? filemtime($this->file).' '.filesize($this->file) : '';
            $kept = is_file($this->cacheFile) ? require $this->cacheFile : null;
            if (! is_array($kept) || ($kept['made'] ?? null) !== $made || ! isset($kept['version'])) {
                $text = $made === '' ? '[]' : (string) file_get_contents($this->file);
                $kept = ['made' => $made, 'version' => substr(sha1($text), 0, 8), 'figures' => json_decode($text, true)];
                $temporary = $this->cacheFile.'.'.bin2hex(random_bytes(4));
                file_put_contents($temporary, '<?php return '.var_export($kept, true).';');
                rename($temporary, $this->cacheFile);
                if (function_exists('opcache_invalidate')) {
                    opcache_invalidate($this->cacheFile, true);
                }
            }
            /** @var array<string, Drawn> $figures */
            $figures = $kept['figures'];
            $this->shipped = $figures;
            $this->version = is_string($kept['version'] ?? null) ? $kept['version'] : '';
        }

        return $this->shipped;
    }
}
