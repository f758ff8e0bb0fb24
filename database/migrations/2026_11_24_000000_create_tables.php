<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('devices', function (Blueprint $table): void {
            $table->string('id', 60)->primary();
            $table->unsignedInteger('position');
            $table->text('document');
            $table->timestamps();
        });
        Schema::create('catalogues', function (Blueprint $table): void {
            $table->string('id', 60)->primary();
            $table->text('document');
            $table->timestamps();
        });
        Schema::create('sets', function (Blueprint $table): void {
            $table->string('id', 60)->primary();
            $table->unsignedInteger('position');
            $table->unsignedBigInteger('head_id')->nullable();
            $table->json('redo');
            $table->string('program', 40)->nullable();
            $table->timestamps();
        });
        Schema::create('revisions', function (Blueprint $table): void {
            $table->id();
            $table->string('set_id', 60)->index();
            $table->foreign('set_id')->references('id')->on('sets');
            $table->unsignedBigInteger('made_from')->nullable();
            $table->foreign('made_from')->references('id')->on('revisions');
            $table->text('document');
            $table->string('author', 60);
            $table->string('sentence', 500);
            $table->timestamp('created_at');
        });
        Schema::create('live_sessions', function (Blueprint $table): void {
            $table->string('id', 40)->primary();
            $table->string('set_id', 60);
            $table->string('program', 40);
            $table->binary('state');
            $table->unsignedInteger('batch');
            $table->text('answer');
            $table->timestamps();
            $table->index('updated_at');
        });
    }

    public function down(): void
    {
        foreach (['live_sessions', 'revisions', 'sets', 'catalogues', 'devices'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
