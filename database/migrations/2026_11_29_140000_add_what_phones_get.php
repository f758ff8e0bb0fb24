<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * By which address a phone was paired and how large its screen is, and which phone a code is for that is paired again.
 */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('tokens', function (Blueprint $table): void {
            $table->string('host', 120)->default('');
            $table->string('screen', 20)->default('');
        });
        Schema::table('pairings', function (Blueprint $table): void {
            $table->string('token_id', 40)->default('');
        });
    }

    public function down(): void
    {
        Schema::table('tokens', fn (Blueprint $table) => $table->dropColumn(['host', 'screen']));
        Schema::table('pairings', fn (Blueprint $table) => $table->dropColumn('token_id'));
    }
};
