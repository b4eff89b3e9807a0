<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Library\Figures;
use App\Library\LibraryFiles;
use EvenRungs\Body\Position;
use EvenRungs\Figure\Plan;
use EvenRungs\Figure\Solver;
use EvenRungs\Statics\Declared;
use Illuminate\Console\Command;

/** Sets every body of the library on its supports, and says how hard each rung is on the low back. */
final class SolveFigures extends Command
{
    protected $signature = 'library:figures {--check : say what differs from the file instead of writing it}';

    protected $description = 'Writes library/figures.json: positions and moments of all rungs';

    public function handle(LibraryFiles $files, Figures $figures): int
    {
        [$plans, $kinds, $positions, $solver] = [[], [], [], new Solver];
        $neutral = self::neutral($files);
        foreach ($files->shelf()->library()->ladders() as $ladder) {
            foreach ($ladder->rungs as $rung) {
                $plan = $rung->plan();
                $plans[$plan->fingerprint()] = $plan;
                $positions[$plan->fingerprint()] = $rung->position;
                foreach ($rung->coaching()->faults as $fault) {
                    if ($fault->kind !== null) {
                        $kinds[$plan->fingerprint()][$fault->kind->value] = $fault->kind;
                    }
                }
            }
        }
        $lines = [];
        foreach ($plans as $made => $plan) {
            $changes = Declared::changes($plan, $neutral[$positions[$made]->value] ?? null, $solver);
            $lines[] = json_encode($made).':'.json_encode([...$figures->fresh($plan, array_values($kinds[$made] ?? [])), 'changes' => array_map(static fn(float $by): float => round($by, 1), $changes)]);
        }
        $text = "{\n".implode(",\n", $lines)."\n}\n";
        $file = self::file();
        if (! $this->option('check')) {
            file_put_contents($file, $text);
            $this->info(count($lines).' figures are written.');

            return self::SUCCESS;
        }
        $isSame = is_file($file) && file_get_contents($file) === $text;
        $isSame ? $this->info('library/figures.json is what the bodies of the library come to.') : $this->error('library/figures.json is not what the bodies of the library come to: php artisan library:figures writes it anew.');

        return $isSame ? self::SUCCESS : self::FAILURE;
    }

    /** @return array<string, Plan|null> by position */
    private static function neutral(LibraryFiles $files): array
    {
        $neutral = [];
        foreach (Position::cases() as $position) {
            $figure = Declared::neutral($position);
            $neutral[$position->value] = $figure === null ? null : Plan::of($figure, $files->shelf()->poses);
        }

        return $neutral;
    }

    public static function file(): string
    {
        return base_path('library/figures.json');
    }
}
