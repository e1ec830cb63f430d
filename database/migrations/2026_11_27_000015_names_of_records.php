<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* What a statement is called in the office, where it was renamed. Its id stays: entries and editions name it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('records', function (Blueprint $table): void {
            $table->string('name', 100)->nullable();
            $table->dateTime('named_at', 6)->nullable();
        });
    }
};
