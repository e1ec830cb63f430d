<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Points\FormKind;
use Juramen\Register\Language;
use Juramen\Register\LegalBasis;
use Juramen\Wording\Found;
use Juramen\Wording\Lexicon;
use Juramen\Wording\Topic;

/** What a form says and asks, however it came to us: what every requirement judges. */
final readonly class Reading
{
    /**
     * @param  string  $where  the form's own place
     * @param  string  $kindReason  why it is taken for a form of that kind
     * @param  Language|null  $language  that its words are in; null where it cannot be told
     * @param  Language|null  $pageLanguage  that the page says it is in
     * @param  bool  $wholePage  whether what stands around the form is known; else it may be said elsewhere
     * @param  list<Control>  $controls
     * @param  list<AskedField>  $fields
     * @param  Links  $links  on the form and, given the whole page, around it
     * @param  string  $text  all visible words of the form
     * @param  string  $around  all visible words of the page, with its title; empty for a fragment
     * @param  string  $address  where the page stands; may be empty
     * @param  SheetFacts|null  $sheet  null for foreign HTML
     */
    public function __construct(
        public string $where,
        public FormKind $kind,
        public string $kindReason,
        public ?Language $language,
        public ?Language $pageLanguage,
        public bool $wholePage,
        public array $controls,
        public array $fields,
        public Links $links,
        public string $text,
        public string $around = '',
        public string $address = '',
        public ?SheetFacts $sheet = null,
    ) {}

    /** @return list<Control> that ask for consent to something being sent or done */
    public function consents(): array
    {
        return array_values(array_filter($this->controls, static fn (Control $c): bool => $c->role === ControlRole::Consent));
    }

    /** Whether there is anything on this form that consent requirements could judge. */
    public function isAboutConsent(): bool
    {
        return $this->kind->asksForConsent() && ($this->consents() !== [] || $this->kind === FormKind::Newsletter);
    }

    /** What a control's purpose stands on, as the registers say; consent where they say nothing. */
    public function basisOf(string $where): LegalBasis
    {
        foreach ($this->sheet->statements ?? [] as $statement) {
            if ($statement->where === $where) {
                return $statement->basis;
            }
        }

        return LegalBasis::Consent;
    }

    /** Looks for words on a topic in the form's language, in every language where that is not known. */
    public function find(Topic $topic, string $text): ?Found
    {
        foreach ($this->lexicons() as $lexicon) {
            $found = $lexicon->find($topic, $text);
            if ($found !== null) {
                return $found;
            }
        }

        return null;
    }

    public function speaksOf(Topic $topic, string $text): bool
    {
        return $this->find($topic, $text) !== null;
    }

    /** @return non-empty-list<Lexicon> */
    public function lexicons(): array
    {
        return $this->language !== null ? [Lexicon::of($this->language)] : array_map(Lexicon::of(...), Language::cases());
    }

    /** Whether German law may govern it: said in the sheet, by the address, or by a page in German at an address nobody gave. */
    public function isForGermany(): bool
    {
        if ($this->sheet !== null) {
            return in_array('DE', $this->sheet->countries, true) || $this->sheet->countries === [];
        }
        $host = (string) parse_url($this->address, PHP_URL_HOST);

        return str_ends_with($host, '.de');
    }
}
