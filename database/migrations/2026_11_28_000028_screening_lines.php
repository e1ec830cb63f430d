<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* From when on which lines held, who drew them, and why; the newest are in force. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('screening_lines', function (Blueprint $table): void {
            $table->id();
            $table->unsignedTinyInteger('puzzle');
            $table->unsignedTinyInteger('hold');
            $table->unsignedTinyInteger('refuse');
            $table->decimal('lost', 10, 2);
            $table->decimal('bot', 10, 2);
            $table->string('reason', 500);
            $table->foreignId('user_id')->constrained();
            $table->dateTime('drawn_at', 6);
        });
    }
};
