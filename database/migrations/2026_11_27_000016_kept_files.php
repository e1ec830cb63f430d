<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/* A letter or message with which somebody withdrew, encrypted, beside the entry that names its digest. It goes when the values go. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('kept_files', function (Blueprint $table): void {
            $table->id();
            $table->binary('subject', 16, true)->index();
            $table->binary('entry', 16, true)->unique();
            $table->string('name', 120);
            $table->string('type', 60);
        });
        DB::statement('ALTER TABLE kept_files ADD COLUMN bytes MEDIUMBLOB NOT NULL');
    }
};
