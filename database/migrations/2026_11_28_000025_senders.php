<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* Which addresses that mails come from somebody of the house reads, and who said so, by a link that went there. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('sender_addresses', function (Blueprint $table): void {
            $table->id();
            $table->string('controller', 60);
            $table->string('address', 254);
            $table->foreignId('user_id')->constrained();
            $table->dateTime('asked_at', 6);
            $table->dateTime('verified_at', 6)->nullable();
            $table->unique(['controller', 'address']);
        });
        Schema::table('deliveries', fn (Blueprint $table) => $table->foreignId('sender_address_id')->nullable()->constrained());
    }
};
