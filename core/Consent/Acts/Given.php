<?php

declare(strict_types=1);

namespace Juramen\Consent\Acts;

use Juramen\Canon\Digest;
use Juramen\Canon\Id;
use Juramen\Canon\Instant;
use Juramen\Consent\Act;
use Juramen\Consent\Answer;
use Juramen\Consent\EntryKind;
use Juramen\Consent\How;
use Juramen\Consent\Members;
use Juramen\Consent\Target;
use Juramen\Points\FormVersion;
use Juramen\Register\Language;

/** Somebody said yes to statements on a form. */
final readonly class Given extends Act
{
    /**
     * @param  string  $placement  where the person came upon the form: "page", or "copy" where somebody else had served it and we repeated it
     *                             as frozen before it was taken
     * @param  string  $screening  what screening decided: "pass", or "released" where a person let it go on
     * @param  Digest  $edition  of the point
     * @param  non-empty-list<Answer>  $answers
     * @param  non-empty-list<Target>  $targets
     * @param  bool  $confirmationNeeded  whether permission waits for confirmation
     * @param  list<Digest>  $personal  of the disclosures that hold its personal values
     * @param  bool  $mended  whether the form had been sent with another address, which the person mended on the page behind it
     * @param  FormVersion  $version  of the form's own words, of which chance allots one where there are two
     * @param  list<string>  $notShown  names of fields and controls of the edition that were not shown, since the answers did not call for them
     */
    public function __construct(
        Instant $occurred, How $how, public string $placement, public string $screening, public Id $journey, public string $point, public Digest $edition,
        public Language $language, public array $answers, public array $targets, public bool $confirmationNeeded, public array $personal,
        public array $notShown = [], public bool $mended = false, public FormVersion $version = FormVersion::First,
    ) {
        parent::__construct($occurred, $how);
    }

    public function kind(): EntryKind
    {
        return EntryKind::Given;
    }

    public function journey(): Id
    {
        return $this->journey;
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

    public function targets(): array
    {
        return $this->targets;
    }

    public function personal(): array
    {
        return $this->personal;
    }

    protected function members(): array
    {
        return [
            'journey' => $this->journey->hex(), 'point' => $this->point, 'edition' => $this->edition->hex(), 'language' => $this->language->value,
            'statements' => array_map(static fn (Answer $a): array => $a->toArray(), $this->answers),
            'targets' => array_map(static fn (Target $t): array => $t->toArray(), $this->targets),
            'confirmation-needed' => $this->confirmationNeeded, '_sd' => self::sorted($this->personal),
            'details' => [
                'placement' => $this->placement, 'screening' => $this->screening, ...($this->notShown === [] ? [] : ['not-shown' => $this->notShown]),
                ...($this->mended ? ['mended' => true] : []),
                ...($this->version === FormVersion::First ? [] : ['second-version' => true]),
            ],
        ];
    }

    protected static function of(Members $members, Instant $occurred, How $how): self
    {
        $details = $members->within('details');

        return new self(
            $occurred, $how, $details->text('placement'), $details->text('screening'), $members->id('journey'), $members->text('point'),
            $members->digest('edition'),
            $members->language('language'), $members->answers('statements'), $members->targets('targets'), $members->flag('confirmation-needed'),
            $members->digests('_sd'), $details->texts('not-shown'), $details->flagOr('mended', false),
            $details->flagOr('second-version', false) ? FormVersion::Second : FormVersion::First,
        );
    }
}
