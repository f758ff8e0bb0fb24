<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('runs', fn (Blueprint $table) => $table->unsignedBigInteger('bytes')->default(0));
        $folder = (string) config('nailrod.runs');
        foreach (DB::table('runs')->pluck('id') as $id) {
            $file = $folder.'/'.$id.'.csv';
            DB::table('runs')->where('id', $id)->update(['bytes' => is_file($file) ? (int) filesize($file) : 0]);
        }
    }

    public function down(): void
    {
        Schema::table('runs', fn (Blueprint $table) => $table->dropColumn('bytes'));
    }
};
