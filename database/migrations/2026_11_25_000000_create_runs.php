<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('runs', function (Blueprint $table): void {
            $table->string('id', 40)->primary();
            $table->string('name', 60);
            $table->unsignedInteger('rows');
            $table->unsignedBigInteger('length');
            $table->boolean('kept');
            $table->timestamps();
        });
        Schema::table('live_sessions', function (Blueprint $table): void {
            $table->string('run_id', 40)->nullable();
            $table->unsignedBigInteger('run_from')->default(0);
        });
    }

    public function down(): void
    {
        Schema::table('live_sessions', fn (Blueprint $table) => $table->dropColumn(['run_id', 'run_from']));
        Schema::dropIfExists('runs');
    }
};
