<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Ready things that the owner has put on the shelf, or brought. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('shelf', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 60);
            $table->longText('document');
            $table->boolean('removed')->default(false);
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::drop('shelf');
    }
};
