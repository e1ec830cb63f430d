<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* What screening made of submissions, those that passed too, without anything of what they said. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('assessed_submissions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('point_edition_id')->constrained();
            $table->dateTime('assessed_at', 6)->index();
            $table->unsignedTinyInteger('risk');
            $table->string('band', 16);
            $table->string('signals');
        });
    }
};
