<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What was on paper when it was last printed, so that what has changed since can be counted. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('prints', function (Blueprint $table): void {
            $table->id();
            $table->string('set_id')->index();
            $table->string('what', 120);
            $table->json('says');
            $table->timestamps();
            $table->unique(['set_id', 'what']);
        });
    }

    public function down(): void
    {
        Schema::drop('prints');
    }
};
