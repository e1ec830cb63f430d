<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* A prize draw: its seed, encrypted until it is drawn, and what was settled when. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('draws', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('point_id')->unique()->constrained();
            $table->text('seed');
            $table->dateTime('begun_at', 6);
            $table->dateTime('closed_at', 6)->nullable();
            $table->mediumText('entries')->nullable();
            $table->binary('winner', 16, true)->nullable();
            $table->dateTime('drawn_at', 6)->nullable();
            $table->dateTime('accepted_at', 6)->nullable();
        });
    }
};
