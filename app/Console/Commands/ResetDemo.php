<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Practice;
use App\Models\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Console\Command;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Lets go of the practices of the demo, and of nothing else, so that it can be loaded anew. */
final class ResetDemo extends Command
{
    protected $signature = 'demo:reset {--yes : do not ask}';

    protected $description = 'Deletes the demo practices with everything entered there; other practices stay';

    /** What knows its practice by another row only. */
    private const THROUGH = ['log_ladders' => ['session_log_id', 'session_logs']];

    public function handle(Filesystem $files): int
    {
        $demo = User::query()->whereIn('email', DemoSeeder::EMAILS)->distinct()->pluck('practice_id')->all();
        $others = Practice::query()->whereNotIn('id', $demo)->count();
        $stays = $others === 0 ? '' : ' '.($others === 1 ? 'One other practice stays as it is.' : "{$others} other practices stay as they are.");
        if ($demo !== [] && $this->option('yes') !== true && ! ($this->input->isInteractive() && stream_isatty(STDIN) && $this->confirm("What was entered in the demo practices is deleted.{$stays} Go on?"))) {
            $this->error('Nothing was deleted. Without a terminal, say --yes.');

            return self::FAILURE;
        }
        DB::transaction(function () use ($demo): void {
            DB::statement('SET FOREIGN_KEY_CHECKS = 0');
            foreach (self::THROUGH as $table => [$column, $parents]) {
                DB::table($table)->whereIn($column, DB::table($parents)->select('id')->whereIn('practice_id', $demo))->delete();
            }
            foreach (Schema::getTableListing(Schema::getCurrentSchemaName(), schemaQualified: false) as $table) {
                if (Schema::hasColumn($table, 'practice_id')) {
                    DB::table($table)->whereIn('practice_id', $demo)->delete();
                }
            }
            DB::table('practices')->whereIn('id', $demo)->delete();
            DB::statement('SET FOREIGN_KEY_CHECKS = 1');
        });
        foreach ($demo as $practice) {
            $files->deleteDirectory(storage_path("app/photos/{$practice}"));
        }

        return self::SUCCESS;
    }
}
