<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('live_sessions', fn (Blueprint $table) => $table->string('page', 40)->default(''));
    }

    public function down(): void
    {
        Schema::table('live_sessions', fn (Blueprint $table) => $table->dropColumn('page'));
    }
};
