<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* From which day on whoever submitted house rules wants them to hold. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('proposals', fn (Blueprint $table) => $table->date('effective')->nullable());
    }
};
