<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* The list of sign-ups is read in its order, the newest first, and not sorted each time. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('journeys', fn (Blueprint $table) => $table->index(['asked_at', 'id']));
    }
};
