<?php

declare(strict_types=1);

namespace App\Support;

use Juramen\Canon\Digest;
use Juramen\Canon\MacKey;
use Juramen\Canon\MacRing;
use Juramen\Log\KeyRing;
use Juramen\Log\SignedNote;
use Juramen\Log\SigningKey;
use Juramen\Log\VerifyingKey;
use RuntimeException;

/**
 * The secrets of this instance, in a folder outside the database: keys for marks and links, the pepper under which
 * addresses are looked up, the ledger's signing keys with their hand-overs, and its newest checkpoint.
 */
final class KeyStore
{
    public function __construct(private readonly string $folder, private readonly string $origin) {}

    /** Makes what does not exist yet; never touches what does. */
    public function prepare(): void
    {
        if (! is_dir($this->folder) && ! mkdir($this->folder, 0700, true) && ! is_dir($this->folder)) {
            throw new RuntimeException("The folder for keys, {$this->folder}, cannot be made.");
        }
        $this->writeOnce('marks.json', fn (): string => $this->json(['k1' => base64_encode(random_bytes(32))]));
        $this->writeOnce('pepper', fn (): string => base64_encode(random_bytes(32)));
        $this->writeOnce('ledger.json', function (): string {
            $seed = random_bytes(SODIUM_CRYPTO_SIGN_SEEDBYTES);

            return $this->json(['first' => (new SigningKey($this->origin, $seed))->public->text(), 'seed' => base64_encode($seed), 'hand-overs' => []]);
        });
    }

    public function macs(): MacRing
    {
        $keys = [];
        foreach ($this->readJson('marks.json') as $id => $secret) {
            array_unshift($keys, new MacKey((string) $id, is_string($secret) ? (string) base64_decode($secret, true) : ''));
        }

        return $keys === [] ? throw new RuntimeException('There is no key for marks and links.') : new MacRing(...$keys);
    }

    /** A keyed digest under which a contact point is found; without the pepper it says nothing. */
    public function lookup(string $controller, string $kind, string $normalised): Digest
    {
        $pepper = (string) base64_decode($this->read('pepper'), true);

        return Digest::fromBytes(hash_hmac('sha256', $controller."\0".$kind."\0".$normalised, $pepper, true));
    }

    public function signingKey(): SigningKey
    {
        return new SigningKey($this->origin, (string) base64_decode((string) $this->readJson('ledger.json')['seed'], true));
    }

    public function keyRing(): KeyRing
    {
        $file = $this->readJson('ledger.json');
        $ring = KeyRing::startingWith(VerifyingKey::parse((string) $file['first']));
        foreach (is_array($file['hand-overs']) ? $file['hand-overs'] : [] as $note) {
            $ring = $ring->rotate(SignedNote::parse((string) $note));
        }

        return $ring;
    }

    /** Takes a new signing key into use; the old seed is gone afterwards. */
    public function rotate(#[\SensitiveParameter] string $seed, SignedNote $handOver): void
    {
        $file = $this->readJson('ledger.json');
        $this->write(
            'ledger.json', $this->json([...$file, 'seed' => base64_encode($seed), 'hand-overs' => [...(array) $file['hand-overs'], $handOver->note()]])
        );
    }

    /** The newest checkpoint as kept beside the key; null before the first. */
    public function lastCheckpoint(): ?string
    {
        return is_file($this->folder.'/checkpoint') ? $this->read('checkpoint') : null;
    }

    public function keepCheckpoint(string $note): void
    {
        $this->write('checkpoint', $note);
    }

    /** Keeps the newest checkpoint under another name, and puts an older one, or none, in its place. */
    public function setCheckpointApart(string $name, ?string $instead): void
    {
        if (is_file($this->folder.'/checkpoint')) {
            rename($this->folder.'/checkpoint', $this->folder.'/'.$name);
        }
        if ($instead !== null) {
            $this->keepCheckpoint($instead);
        }
    }

    private function read(string $name): string
    {
        $text = @file_get_contents($this->folder.'/'.$name);

        return $text !== false ? $text : throw new RuntimeException(
            "The key file $name cannot be read in {$this->folder}; \"php artisan juramen:prepare\" makes what is missing."
        );
    }

    /** @return array<string, mixed> */
    private function readJson(string $name): array
    {
        return (array) json_decode($this->read($name), true, 8, JSON_THROW_ON_ERROR);
    }

    /** @param  array<string, mixed>  $data */
    private function json(array $data): string
    {
        return json_encode($data, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }

    /** @param  callable(): string  $make */
    private function writeOnce(string $name, callable $make): void
    {
        if (! is_file($this->folder.'/'.$name)) {
            $this->write($name, $make());
        }
    }

    /** Whole or not at all: written beside, made durable, then moved into place. */
    private function write(string $name, string $text): void
    {
        $path = $this->folder.'/'.$name;
        $beside = $path.'.'.bin2hex(random_bytes(4));
        $file = fopen($beside, 'xb') ?: throw new RuntimeException("The key file $name cannot be written in {$this->folder}.");
        chmod($beside, 0600);
        fwrite($file, $text);
        fsync($file);
        fclose($file);
        rename($beside, $path);
    }
}
