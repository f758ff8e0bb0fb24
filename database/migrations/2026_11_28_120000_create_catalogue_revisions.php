<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Lists of actions have revisions, as sets have: what was one document becomes the first of them. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('catalogue_revisions', function (Blueprint $table): void {
            $table->id();
            $table->string('catalogue_id', 60)->index();
            $table->foreign('catalogue_id')->references('id')->on('catalogues');
            $table->unsignedBigInteger('made_from')->nullable();
            $table->foreign('made_from')->references('id')->on('catalogue_revisions');
            $table->text('document');
            $table->string('sentence', 500);
            $table->json('sets');
            $table->timestamp('created_at');
        });
        Schema::table('catalogues', function (Blueprint $table): void {
            $table->unsignedBigInteger('head_id')->nullable();
            $table->json('redo')->default('[]');
        });
        DB::insert(
            'insert into catalogue_revisions (catalogue_id, document, sentence, sets, created_at) select id, '
                ."document, 'Was here.', '{}', coalesce(created_at, current_timestamp) from catalogues",
        );
        DB::update(
            'update catalogues set head_id = (select catalogue_revisions.id from catalogue_revisions where '
                .'catalogue_id = catalogues.id)',
        );
        Schema::table('catalogues', fn (Blueprint $table) => $table->dropColumn('document'));
    }

    public function down(): void
    {
        Schema::table('catalogues', fn (Blueprint $table) => $table->text('document')->default(''));
        DB::update(
            'update catalogues set document = (select document from catalogue_revisions where catalogue_revisions.id '
                .'= catalogues.head_id)',
        );
        Schema::table('catalogues', fn (Blueprint $table) => $table->dropColumn(['head_id', 'redo']));
        Schema::dropIfExists('catalogue_revisions');
    }
};
