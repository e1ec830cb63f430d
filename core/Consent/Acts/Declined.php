<?php

declare(strict_types=1);

namespace Juramen\Consent\Acts;

use Juramen\Canon\Digest;
use Juramen\Canon\Instant;
use Juramen\Consent\Act;
use Juramen\Consent\Answer;
use Juramen\Consent\EntryKind;
use Juramen\Consent\How;
use Juramen\Consent\Members;
use Juramen\Register\Language;

/** Somebody chose no at statements on a form. It ends nothing by itself, since anybody can type an address. */
final readonly class Declined extends Act
{
    /**
     * @param  string  $placement  as of Given
     * @param  Digest  $edition  of the point
     * @param  non-empty-list<Answer>  $answers  all of them no
     */
    public function __construct(
        Instant $occurred, How $how, public string $placement, public string $point, public Digest $edition, public Language $language, public array $answers
    ) {
        parent::__construct($occurred, $how);
    }

    public function kind(): EntryKind
    {
        return EntryKind::Refused;
    }

    public function point(): string
    {
        return $this->point;
    }

    public function edition(): Digest
    {
        return $this->edition;
    }

    public function answers(): array
    {
        return $this->answers;
    }

    protected function members(): array
    {
        return [
            'point' => $this->point, 'edition' => $this->edition->hex(), 'language' => $this->language->value,
            'statements' => array_map(static fn (Answer $a): array => $a->toArray(), $this->answers), 'details' => ['placement' => $this->placement],
        ];
    }

    protected static function of(Members $members, Instant $occurred, How $how): self
    {
        $details = $members->within('details');

        return new self(
            $occurred, $how, $details->text('placement'), $members->text('point'), $members->digest('edition'), $members->language('language'),
            $members->answers('statements', false),
        );
    }
}
