<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Codes by which phones are paired with panels, and when a token was seen last. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('pairings', function (Blueprint $table): void {
            $table->id();
            $table->string('device_id', 60);
            $table->string('code', 12);
            $table->unsignedInteger('until');
            $table->unsignedInteger('wrong')->default(0);
            $table->boolean('used')->default(false);
        });
        Schema::table('tokens', function (Blueprint $table): void {
            $table->unsignedInteger('seen')->default(0);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('pairings');
        Schema::table('tokens', fn (Blueprint $table) => $table->dropColumn('seen'));
    }
};
