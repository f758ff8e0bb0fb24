<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    /** The rig lives in a process of its own; recordings that were under way in a tab are kept. */
    public function up(): void
    {
        foreach (DB::table('runs')->where('kept', false)->where('removed', false)->get(['id', 'created_at']) as $run) {
            DB::table('runs')->where('id', $run->id)->update(
                ['kept' => true, 'name' => 'Unfinished, '.substr((string) $run->created_at, 0, 16)],
            );
        }
        Schema::dropIfExists('live_sessions');
    }

    public function down(): void {}
};
