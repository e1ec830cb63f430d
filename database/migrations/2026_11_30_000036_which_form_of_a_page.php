<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/* Which form of its page it is belongs to each reading: another form that is put before it makes it the second, and it stays the same form. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('foreign_readings', fn (Blueprint $table) => $table->unsignedSmallInteger('nth')->default(0));
        DB::statement('UPDATE foreign_readings r JOIN foreign_forms f ON f.id = r.foreign_form_id SET r.nth = f.nth');
        Schema::table('foreign_forms', fn (Blueprint $table) => $table->dropColumn('nth'));
    }
};
