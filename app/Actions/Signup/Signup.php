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
use Juramen\Wording\Statement;

/** A valid submission of a form: what was said yes to, which may be nothing where the form serves something else, and what was given. */
final readonly class Signup
{
    /**
     * @param  array<string, string>  $values  field name to value, trimmed; empty ones left out; the address apart
     * @param  list<string>  $statements  ids of those answered with yes
     * @param  Id|null  $nonce  of the visit mark to spend; null where a held submission is released, whose mark is spent
     * @param  string  $placement  where the person came upon the form, as its stamp says
     * @param  string|null  $network  already truncated
     * @param  bool  $delivered  whether what was wanted besides is kept already
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
        public bool $delivered = false,
    ) {}

    /** A digest of what was sent, to tell a second press from a second thought. */
    public function content(string $key): Digest
    {
        $all = [$this->edition->digest()->hex(), $this->language->value, $this->email->text, $this->values, $this->statements];

        return Digest::fromBytes(hash_hmac('sha256', (string) json_encode($all), $key, true));
    }

    /** @return list<Statement> of the edition, those answered with yes */
    public function agreed(): array
    {
        return array_values(array_filter($this->edition->sheet->statements, fn (Statement $s): bool => in_array($s->id, $this->statements, true)));
    }
}
