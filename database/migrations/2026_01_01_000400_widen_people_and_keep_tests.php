<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The whole of the intake, and what was tested. Kit belongs to the places a person trains at. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('people', function (Blueprint $table): void {
            $table->unsignedSmallInteger('birth_year')->nullable();
            $table->enum('sex', ['female', 'male'])->nullable()->comment('the published group to compare holds with');
            $table->enum('hand', ['left', 'right', 'both'])->nullable();
            $table->enum('injured_side', ['left', 'right', 'both'])->nullable();
            $table->json('shares')->nullable()->comment('own target shares by demand; null for those of the aim');
            $table->json('places')->nullable()->comment('each a name and the kit there; the first is where planning looks unless place says otherwise');
            $table->unsignedTinyInteger('place')->default(0);
            $table->json('week')->nullable()->comment('other training: what, heavy, day, part of day');
            $table->text('notes')->nullable()->comment('encrypted');
            $table->date('consented_on')->nullable();
            $table->dateTime('archived_at')->nullable();
        });
        foreach (DB::table('people')->get(['id', 'kit']) as $person) {
            DB::table('people')->where('id', $person->id)->update(['places' => json_encode([['name' => 'here', 'kit' => json_decode((string) $person->kit, true)]])]);
        }
        Schema::table('people', fn(Blueprint $table) => $table->dropColumn('kit'));

        Schema::create('holds', function (Blueprint $table): void {
            $this->tested($table);
            $table->string('kind', 30);
            $table->enum('side', ['left', 'right', 'both']);
            $table->unsignedSmallInteger('seconds');
            $table->enum('end', ['form-lost', 'stopped', 'pain', 'cap']);
            $table->text('note')->nullable()->comment('encrypted');
            $table->index(['person_id', 'sequence']);
        });
        Schema::create('climbs', function (Blueprint $table): void {
            $this->tested($table);
            $table->string('ladder', 60);
            $table->enum('side', ['left', 'right', 'both']);
            $table->json('trials')->comment('rung, questions answered with no, pain');
            $table->string('working_rung', 130)->nullable();
            $table->string('gate_question', 30)->nullable();
            $table->string('sentence', 500);
            $table->string('library_version', 16);
            $table->index(['person_id', 'sequence']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('climbs');
        Schema::dropIfExists('holds');
        Schema::table('people', fn(Blueprint $table) => $table->json('kit')->nullable());
        foreach (DB::table('people')->get(['id', 'places', 'place']) as $person) {
            $places = (array) json_decode((string) $person->places, true);
            $place = $places[$person->place] ?? $places[0] ?? [];
            DB::table('people')->where('id', $person->id)->update(['kit' => json_encode(is_array($place) ? ($place['kit'] ?? []) : [])]);
        }
        Schema::table('people', function (Blueprint $table): void {
            $table->dropColumn(['birth_year', 'sex', 'hand', 'injured_side', 'shares', 'places', 'place', 'week', 'notes', 'consented_on', 'archived_at']);
        });
    }

    private function tested(Blueprint $table): void
    {
        $table->char('id', 26)->charset('ascii')->collation('ascii_bin')->primary();
        $table->char('practice_id', 26)->charset('ascii')->collation('ascii_bin');
        $table->foreign('practice_id')->references('id')->on('practices');
        $table->char('person_id', 26)->charset('ascii')->collation('ascii_bin');
        $table->foreign('person_id')->references('id')->on('people');
        $table->date('tested_on')->comment('local date of the practice');
        $table->string('time_zone', 60);
        $table->char('user_id', 26)->charset('ascii')->collation('ascii_bin')->nullable();
        $table->foreign('user_id')->references('id')->on('users');
        $table->unsignedBigInteger('sequence')->comment('microseconds, UTC');
        $table->dateTime('undone_at')->nullable();
    }
};
