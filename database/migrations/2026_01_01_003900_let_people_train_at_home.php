<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * A link opens a person's own page, on the devices that were let in by it; of link and device only hashes are kept. What was
 * told from there is marked.
 */
return new class extends Migration {
    public function up(): void
    {
        $id = static fn(Blueprint $table, string $name) => $table->char($name, 26)->charset('ascii')->collation('ascii_bin');
        Schema::create('home_links', static function (Blueprint $table) use ($id): void {
            $id($table, 'id')->primary();
            $id($table, 'practice_id');
            $table->foreign('practice_id')->references('id')->on('practices');
            $id($table, 'person_id');
            $table->foreign('person_id')->references('id')->on('people');
            $id($table, 'user_id')->comment('who made it');
            $table->foreign('user_id')->references('id')->on('users');
            $table->char('token', 64)->charset('ascii')->collation('ascii_bin')->unique()->comment('hash');
            $table->timestamp('expires_at');
            $table->timestamp('revoked_at')->nullable();
            $table->timestamps();
            $table->index(['person_id', 'revoked_at']);
        });
        Schema::create('home_devices', static function (Blueprint $table) use ($id): void {
            $id($table, 'id')->primary();
            $id($table, 'practice_id');
            $id($table, 'person_id')->index();
            $id($table, 'home_link_id');
            $table->foreign('home_link_id')->references('id')->on('home_links')->cascadeOnDelete();
            $table->char('token', 64)->charset('ascii')->collation('ascii_bin')->unique()->comment('hash');
            $table->text('code')->nullable()->comment('encrypted: what the trainer sees and the person types, until it is let in');
            $table->unsignedTinyInteger('tries')->default(0);
            $table->timestamp('admitted_at')->nullable();
            $table->timestamp('seen_at')->nullable();
            $table->timestamps();
        });
        foreach (['trainings', 'session_logs'] as $name) {
            Schema::table($name, static fn(Blueprint $table) => $table->boolean('at_home')->default(false));
        }
    }

    public function down(): void
    {
        foreach (['trainings', 'session_logs'] as $name) {
            Schema::table($name, static fn(Blueprint $table) => $table->dropColumn('at_home'));
        }
        Schema::dropIfExists('home_devices');
        Schema::dropIfExists('home_links');
    }
};
