<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* What was sent with the address of somebody known, encrypted, until they confirm it or its days are over: anybody can type an address. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('known_signups', function (Blueprint $table): void {
            $table->binary('id', 16, true)->primary();
            $table->foreignId('subscriber_id')->constrained();
            $table->foreignId('point_edition_id')->constrained();
            $table->string('language', 8);
            $table->binary('nonce', 16, true)->nullable()->index();
            $table->text('content');
            $table->dateTime('made_at', 6);
            $table->dateTime('ends_at', 6)->index();
        });
        Schema::table('deliveries', fn (Blueprint $table) => $table->binary('known_id', 16, true)->nullable());
    }
};
