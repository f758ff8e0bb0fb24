<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Sets of the demo can be put away; a rig that was begun has a list of its first steps. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('sets', function (Blueprint $table): void {
            $table->boolean('put_away')->default(false);
            $table->json('steps')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('sets', fn (Blueprint $table) => $table->dropColumn(['put_away', 'steps']));
    }
};
