<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\Schema;

/** Nothing was ever written here, and nothing shall be: an error of a mail server names who was written to. What failed is told on the bench. */
return new class extends Migration {
    public function up(): void
    {
        Schema::dropIfExists('failed_jobs');
    }

    public function down(): void {}
};
