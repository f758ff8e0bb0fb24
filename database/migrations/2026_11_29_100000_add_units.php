<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Which unit of a device is used, and which unit a copy is of: empty for the first one. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('memory_copies', fn (Blueprint $table) => $table->string('unit', 40)->default(''));
        Schema::table('devices', function (Blueprint $table): void {
            $table->string('unit', 40)->default('');
            $table->boolean('writes_itself')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table('memory_copies', fn (Blueprint $table) => $table->dropColumn('unit'));
        Schema::table('devices', fn (Blueprint $table) => $table->dropColumn(['unit', 'writes_itself']));
    }
};
