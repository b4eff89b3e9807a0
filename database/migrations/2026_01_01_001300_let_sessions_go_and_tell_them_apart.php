<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Sessions are let go of and brought back, and lists tell them apart by their length and where they come from. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('training_sessions', function (Blueprint $table): void {
            $table->softDeletes();
            $table->unsignedInteger('total_seconds')->nullable()->comment('as written when last saved; null from before lengths were kept');
            $table->string('origin', 160)->nullable()->comment('where it comes from, in words');
        });
    }

    public function down(): void
    {
        Schema::table('training_sessions', function (Blueprint $table): void {
            $table->dropColumn(['deleted_at', 'total_seconds', 'origin']);
        });
    }
};
