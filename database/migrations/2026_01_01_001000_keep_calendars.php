<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How a person's plan goes into a calendar, and the private address it can be subscribed at: only its hash is kept. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('calendars', function (Blueprint $table): void {
            $table->char('id', 26)->charset('ascii')->collation('ascii_bin')->primary();
            $table->char('practice_id', 26)->charset('ascii')->collation('ascii_bin');
            $table->foreign('practice_id')->references('id')->on('practices');
            $table->char('person_id', 26)->charset('ascii')->collation('ascii_bin')->unique();
            $table->foreign('person_id')->references('id')->on('people');
            $table->json('times')->comment('minutes after midnight at which the parts of a day begin');
            $table->unsignedSmallInteger('alarm_minutes')->nullable();
            $table->char('token_hash', 64)->charset('ascii')->collation('ascii_bin')->nullable()->unique();
            $table->date('address_made_on')->nullable();
            $table->dateTime('read_at')->nullable();
            $table->char('user_id', 26)->charset('ascii')->collation('ascii_bin');
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('calendars');
    }
};
