<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * A trainer is invited by mail, and their access can be ended; accounts of before have joined. Links that set a password are
 * kept as hashes; what is to be sent waits in a queue, encrypted by what sends it.
 */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('users', static function (Blueprint $table): void {
            $table->timestamp('invited_at')->nullable()->comment('until they have joined');
            $table->timestamp('ended_at')->nullable()->comment('since when they have no access');
        });
        foreach (['password_reset_tokens', 'invitation_tokens'] as $name) {
            Schema::create($name, static function (Blueprint $table): void {
                $table->string('email', 190)->primary();
                $table->string('token');
                $table->timestamp('created_at')->nullable();
            });
        }
        Schema::create('jobs', static function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });
        Schema::create('failed_jobs', static function (Blueprint $table): void {
            $table->id();
            $table->string('uuid')->unique();
            $table->text('connection');
            $table->text('queue');
            $table->longText('payload');
            $table->longText('exception');
            $table->timestamp('failed_at')->useCurrent();
        });
    }

    public function down(): void
    {
        foreach (['failed_jobs', 'jobs', 'invitation_tokens', 'password_reset_tokens'] as $name) {
            Schema::dropIfExists($name);
        }
        Schema::table('users', static fn(Blueprint $table) => $table->dropColumn(['invited_at', 'ended_at']));
    }
};
