<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Models\HeldContent;
use App\Models\PublishedEdition;
use Juramen\Canon\CanonicalJson;
use Juramen\Canon\Digest;
use Juramen\Canon\Id;
use Juramen\Canon\Instant;
use Juramen\Consent\How;
use Juramen\Points\FieldValue;
use Juramen\Points\FormVersion;
use Juramen\Points\PointEdition;
use Juramen\Points\Said;
use Juramen\Register\Channel;
use Juramen\Register\EmailAddress;
use Juramen\Register\Language;
use Juramen\Screening\SubmissionFacts;

/** A valid submission of a form: what was said yes to, which may be nothing where the form serves something else, and what was given. */
final readonly class Signup
{
    /**
     * @param  list<FieldValue>  $values  trimmed, under the names by which they are disclosed; empty ones left out; the address apart
     * @param  list<Said>  $said  to statements that were shown
     * @param  Id|null  $nonce  of the visit mark to spend; null where a held submission is released, whose mark is spent
     * @param  string  $placement  where the person came upon the form, as its stamp says
     * @param  string|null  $network  already truncated
     * @param  bool  $delivered  whether what was wanted besides is kept already
     * @param  SubmissionFacts|null  $facts  what screening judges; null where it is not asked
     * @param  list<string>  $recipients  ids of those to whom what was wanted besides goes
     * @param  bool  $mended  whether it was sent before, with another address
     * @param  FormVersion  $version  of the form that was shown
     * @param  string  $written  in free words, to be compared with what others wrote
     * @param  list<string>  $notShown  names of fields and controls that the answers did not call for
     */
    public function __construct(
        public PointEdition $edition,
        public Language $language,
        public EmailAddress $email,
        public array $values,
        public array $said,
        public How $how,
        public string $placement,
        public Instant $occurred,
        public ?Id $nonce,
        public ?string $network,
        public bool $delivered = false,
        public ?SubmissionFacts $facts = null,
        public array $notShown = [],
        public array $recipients = [],
        public bool $mended = false,
        public FormVersion $version = FormVersion::First,
        public string $written = '',
    ) {}

    /** @return list<Said> what was answered with yes */
    public function agreed(): array
    {
        return array_values(array_filter($this->said, static fn (Said $s): bool => $s->isYes()));
    }

    /** @return list<Said> what was answered with no */
    public function declined(): array
    {
        return array_values(array_filter($this->said, static fn (Said $s): bool => ! $s->isYes()));
    }

    /** A digest of what was sent, to tell a second press from a second thought. */
    public function content(string $key): Digest
    {
        $values = array_map(static fn (FieldValue $v): array => [$v->name, $v->value], $this->values);
        $all = [
            $this->edition->digest()->hex(), $this->language->value, $this->email->text, $values,
            array_map(static fn (Said $s): array => [$s->id()->text, array_map(static fn (Channel $c): string => $c->value, $s->channels)], $this->said),
        ];

        return Digest::fromBytes(hash_hmac('sha256', CanonicalJson::encode($all), $key, true));
    }

    /** What is kept of it until somebody has decided about its consents. */
    public function held(bool $delivered): HeldContent
    {
        return HeldContent::submission(
            $this->email->text, $this->values, $this->said, $this->placement, $this->network, $this->notShown, $delivered,
            $this->version
        );
    }

    /** Which version chance allotted, on our own page; null where there was one, or where it was sent from somebody else's page. */
    public function allotted(): ?FormVersion
    {
        return $this->placement === FormMarks::PAGE && $this->edition->in($this->language)->allots() ? $this->version : null;
    }

    /** Id of the row of its edition. */
    public function editionId(): int
    {
        return PublishedEdition::query()->where('digest', $this->edition->digest()->bytes)->firstOrFail('id')->id;
    }
}
