<?php

declare(strict_types=1);

namespace App\Actions\Ledger;

use App\Support\KeyStore;
use App\Support\Stored;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Id;
use Juramen\Consent\Acts\KeyRotated;
use Juramen\Log\KeyRing;
use Juramen\Log\SigningKey;
use Juramen\Log\VerifyingKey;

/** Takes a new signing key into use: the old one signs the hand-over, which is also an entry of the ledger. */
final class RotateKey
{
    public function __construct(private readonly Append $append, private readonly KeyStore $keys, private readonly SystemClock $clock) {}

    public function __invoke(): VerifyingKey
    {
        $seed = random_bytes(SODIUM_CRYPTO_SIGN_SEEDBYTES);
        $new = new SigningKey(config()->string('juramen.ledger_origin'), $seed);
        $note = KeyRing::handOver($this->keys->signingKey(), $new->public);
        DB::transaction(fn () => ($this->append)($this->subject(), new KeyRotated($this->clock->instant(), $note->note())), 3);
        $this->keys->rotate($seed, $note);

        return $new->public;
    }

    /** The ledger's own chain. */
    private function subject(): Id
    {
        $id = DB::table('subjects')->where('kind', 'ledger')->value('id');

        return $id === null ? $this->append->begin('ledger')->subject : Id::fromBytes(Stored::text($id));
    }
}
