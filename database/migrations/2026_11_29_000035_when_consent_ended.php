<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* When a consent last ended, which a later sign-up that nobody confirmed does not move: what is kept as proof is kept from then. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('permissions', fn (Blueprint $table) => $table->dateTime('ended', 6)->nullable());
    }
};
