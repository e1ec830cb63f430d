<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visitor;

use App\Actions\Ledger\LedgerTables;
use App\Support\KeyStore;
use Illuminate\Http\Response;
use Juramen\Log\VerifyingKey;

/** The newest checkpoint and the public keys, for whoever wants to hold us to them. */
final class LedgerController
{
    public function checkpoint(LedgerTables $ledger): Response
    {
        return $this->text($ledger->newestCheckpoint() ?? abort(404));
    }

    public function keys(KeyStore $keys): Response
    {
        return $this->text(implode('', array_map(static fn (VerifyingKey $key): string => $key->text()."\n", $keys->keyRing()->keys())));
    }

    private function text(string $text): Response
    {
        return response($text, 200, ['Content-Type' => 'text/plain; charset=utf-8']);
    }
}
