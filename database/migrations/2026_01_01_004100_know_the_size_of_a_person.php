<?php

declare(strict_types=1);

use App\Library\PracticeLibrary;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Height and weight, where a person tells them; and figures of own ladders as bodies in space instead of flat ones. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('people', static function (Blueprint $table): void {
            $table->text('stature')->nullable()->comment('encrypted: cm');
            $table->text('mass')->nullable()->comment('encrypted: kg');
        });
        foreach (DB::table('practice_ladders')->select(['id', 'document'])->cursor() as $row) {
            $document = json_decode(is_string($row->document) ? $row->document : '', true);
            if (is_array($document)) {
                DB::table('practice_ladders')->where('id', $row->id)->update(['document' => json_encode(PracticeLibrary::inSpace($document), JSON_THROW_ON_ERROR)]);
            }
        }
    }

    public function down(): void
    {
        Schema::table('people', static fn(Blueprint $table) => $table->dropColumn(['stature', 'mass']));
    }
};
