<?php

declare(strict_types=1);

use EvenRungs\Assessment\BraceCheck;
use EvenRungs\Assessment\BraceSample;
use EvenRungs\Assessment\InvalidBrace;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Whether a brace check held its minute stands beside it, so that planning need not read the cuff again. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('brace_checks', function (Blueprint $table): void {
            $table->boolean('held')->default(false);
        });
        foreach (DB::table('brace_checks')->get(['id', 'samples', 'seconds']) as $row) {
            DB::table('brace_checks')->where('id', $row->id)->update(['held' => $this->held((string) $row->samples, $row->seconds === null ? null : (int) $row->seconds)]);
        }
    }

    public function held(string $samples, ?int $seconds): bool
    {
        /** @var list<array{int, int}> $read */
        $read = (array) json_decode($samples, true);
        try {
            $check = $seconds === null ? BraceCheck::of(array_map(static fn(array $sample): BraceSample => new BraceSample($sample[0], $sample[1] / 10), $read)) : BraceCheck::timed($seconds);
        } catch (InvalidBrace) {
            return false;
        }

        return $check->held;
    }

    public function down(): void
    {
        Schema::table('brace_checks', function (Blueprint $table): void {
            $table->dropColumn('held');
        });
    }
};
