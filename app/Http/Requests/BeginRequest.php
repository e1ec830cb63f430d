<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\Registers\NewRecord;
use Illuminate\Foundation\Http\FormRequest;

/** What somebody says of a record that is to be begun. */
final class BeginRequest extends FormRequest
{
    public function record(): NewRecord
    {
        $text = fn (string $name): string => trim(mb_scrub($this->string($name)->toString(), 'UTF-8'));

        return new NewRecord($text('name'), $text('address'), $text('controller'), $text('purpose'), $text('starter'));
    }
}
