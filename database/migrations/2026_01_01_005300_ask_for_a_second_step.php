<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A second step of signing in, for whoever sets one up; nobody of before has one. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('users', static function (Blueprint $table): void {
            $table->text('second_secret')->nullable()->comment('encrypted; in force once it was confirmed');
            $table->timestamp('second_since')->nullable()->comment('when it was confirmed');
            $table->unsignedBigInteger('second_used')->nullable()->comment('step of time of the last code that was taken');
            $table->json('second_codes')->nullable()->comment('hashes of those for a lost device, each for once');
            $table->boolean('second_asked')->default(false)->comment('the practice asks everybody for one');
        });
    }

    public function down(): void
    {
        Schema::table('users', static fn(Blueprint $table) => $table->dropColumn(['second_secret', 'second_since', 'second_used', 'second_codes', 'second_asked']));
    }
};
