<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use Juramen\Canon\Digest;
use Juramen\Canon\Id;
use Juramen\Canon\Instant;
use Juramen\Consent\How;
use Juramen\Points\PointEdition;
use Juramen\Register\EmailAddress;
use Juramen\Register\Language;

/** A valid submission of a form on which the person said yes. */
final readonly class Signup
{
    /**
     * @param  array<string, string>  $values  field name to value, trimmed; empty ones left out; the address apart
     * @param  non-empty-list<string>  $statements  ids of those answered with yes
     * @param  Id|null  $nonce  of the visit mark to spend; null where a held submission is released, whose mark is spent
     * @param  string  $placement  where the person came upon the form, as its stamp says
     * @param  string|null  $network  already truncated
     */
    public function __construct(
        public PointEdition $edition,
        public Language $language,
        public EmailAddress $email,
        public array $values,
        public array $statements,
        public How $how,
        public string $placement,
        public Instant $occurred,
        public ?Id $nonce,
        public ?string $network,
    ) {}

    /** A digest of what was sent, to tell a second press from a second thought. */
    public function content(string $key): Digest
    {
        $all = [$this->edition->digest()->hex(), $this->language->value, $this->email->text, $this->values, $this->statements];

        return Digest::fromBytes(hash_hmac('sha256', (string) json_encode($all), $key, true));
    }
}
