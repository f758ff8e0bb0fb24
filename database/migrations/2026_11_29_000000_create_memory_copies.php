<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('memory_copies', function (Blueprint $table): void {
            $table->id();
            $table->string('device_id', 60)->index();
            $table->boolean('written');
            $table->string('sentence', 200);
            $table->text('content');
            $table->timestamp('created_at');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('memory_copies');
    }
};
