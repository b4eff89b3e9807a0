<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Pictures lie encrypted in storage/app/photos; here is whose they are. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('photos', function (Blueprint $table): void {
            $this->tested($table);
            $table->unsignedSmallInteger('width');
            $table->unsignedSmallInteger('height');
        });
        Schema::create('alignments', function (Blueprint $table): void {
            $this->tested($table);
            $table->enum('view', ['side', 'behind']);
            $table->char('photo_id', 26)->charset('ascii')->collation('ascii_bin')->nullable();
            $table->foreign('photo_id')->references('id')->on('photos');
            $table->json('marks')->comment('pixels of the picture, by name');
            $table->json('scale')->nullable()->comment('two marks and the centimetres between them');
            $table->text('note')->nullable()->comment('encrypted');
        });
        Schema::create('brace_checks', function (Blueprint $table): void {
            $this->tested($table);
            $table->json('samples')->comment('pairs of milliseconds and tenths of mmHg');
        });
    }

    public function down(): void
    {
        foreach (['brace_checks', 'alignments', 'photos'] as $table) {
            Schema::dropIfExists($table);
        }
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
        $table->index(['person_id', 'sequence']);
    }
};
