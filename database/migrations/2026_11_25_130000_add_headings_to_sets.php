<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('sets', function (Blueprint $table): void {
            $table->string('name')->default('');
            $table->string('parent')->nullable();
        });
        DB::update(
            "update sets set name = (select json_extract(document, '$.name') from revisions where revisions.id = "
                ."sets.head_id), parent = (select json_extract(document, '$.parent') from revisions where "
                .'revisions.id = sets.head_id) where head_id is not null',
        );
    }

    public function down(): void
    {
        Schema::table('sets', fn (Blueprint $table) => $table->dropColumn(['name', 'parent']));
    }
};
