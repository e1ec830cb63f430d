<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* Of which languages whoever approved new words in others said that they still say the same. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('editions', fn (Blueprint $table) => $table->json('fit')->nullable());
    }
};
