<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Canon\CanonicalJson;
use Juramen\Canon\Document;
use Juramen\Register\Channel;
use Juramen\Register\Departure;
use Juramen\Register\InvalidRegister;
use Juramen\Register\Language;
use Juramen\Register\PointRules;
use Juramen\Register\Texts;
use Juramen\Wording\Statement;

/** A signup point's sheet made whole by the registers (see Registers::complete). It may still lack texts; a form needs them all. */
final readonly class Sheet
{
    /**
     * @param  array<string, mixed>  $document  as stored; the rest is read from it
     * @param  string  $name  for the office: "Footer newsletter"
     * @param  string  $place  where it stands, in words
     * @param  list<string>  $countries  ISO 3166-1 codes of where visitors come from; empty where unknown
     * @param  non-empty-list<Language>  $languages  the first is shown to visitors whose own is not offered
     * @param  Texts  $purposeLine  what will be sent, in a line under the title
     * @param  non-empty-list<Field>  $fields
     * @param  non-empty-list<Statement>  $statements  in the order shown; each answered by a tick box that starts empty
     * @param  list<Departure>  $departures  from the house rules, each with its reason
     * @param  Texts|null  $notice  links to the privacy notice, where others than the controller's are used
     */
    private function __construct(
        public array $document,
        public string $point,
        public string $name,
        public string $controller,
        public FormKind $kind,
        public string $place,
        public array $countries,
        public array $languages,
        public Texts $title,
        public Texts $purposeLine,
        public array $fields,
        public array $statements,
        public Texts $button,
        public PointRules $rules,
        public array $departures,
        public ?Texts $notice,
    ) {}

    /**
     * @param  array<string, mixed>  $document
     *
     * @throws InvalidSheet
     * @throws InvalidRegister where a text is no text, or too long
     */
    public static function read(array $document): self
    {
        CanonicalJson::encode($document);
        $point = $document['point'] ?? null;
        if (! is_string($point) || preg_match('/^[a-z0-9]+(-[a-z0-9]+)*$/D', $point) !== 1) {
            throw new InvalidSheet('The sheet does not name its signup point; a name has lower-case letters, digits and hyphens.');
        }
        $fields = [];
        foreach (self::list($document, 'fields') as $i => $field) {
            $fields[] = Field::from($field, $i + 1);
        }
        if (count(array_filter($fields, static fn (Field $f): bool => $f->kind === FieldKind::Email && $f->required)) !== 1
            || count(array_unique(array_map(static fn (Field $f): string => $f->name(), $fields))) !== count($fields)) {
            throw new InvalidSheet('A form asks for the email address, once and required, and for nothing twice.');
        }

        return new self(
            $document,
            $point,
            self::text($document, 'name', 100),
            self::text($document, 'controller', 100),
            FormKind::tryFrom(self::text($document, 'kind', 30)) ?? throw new InvalidSheet('The sheet does not say what kind of form it is; the kinds are '.implode(', ', array_column(FormKind::cases(), 'value')).'.'),
            self::text($document, 'place', 200),
            array_map(static fn (mixed $code): string => is_string($code) && preg_match('/^[A-Z]{2}$/D', $code) === 1 ? $code : throw new InvalidSheet('A country is named by its two-letter code.'), array_values((array) ($document['countries'] ?? []))),
            array_map(static fn (mixed $tag): Language => Language::tryFrom(is_string($tag) ? $tag : '') ?? throw new InvalidSheet('The sheet offers a language we do not know.'), self::list($document, 'languages')),
            Texts::draft($document['title'] ?? [], 'the title', 200),
            Texts::draft($document['purpose-line'] ?? [], 'the line under the title', 500),
            $fields,
            array_map(static fn (mixed $s): Statement => Statement::from(is_array($s) ? $s : []), self::list($document, 'statements')),
            Texts::draft($document['button'] ?? [], 'the button', 100),
            PointRules::from(is_array($document['rules'] ?? null) ? $document['rules'] : []),
            array_map(static fn (string|int $key, mixed $d): Departure => Departure::from((string) $key, $d), array_keys((array) ($document['departures'] ?? [])), array_values((array) ($document['departures'] ?? []))),
            isset($document['notice']) ? Texts::draft($document['notice'], 'the link to the privacy notice', 500) : null,
        );
    }

    public function offers(Language $language): bool
    {
        return in_array($language, $this->languages, true);
    }

    /** @return array<string, Language> place of every text that is missing in a language offered */
    public function missing(): array
    {
        $missing = [];
        foreach ($this->texts() as $place => $texts) {
            foreach ($this->languages as $language) {
                if (! $texts->has($language)) {
                    $missing["$place/{$language->value}"] = $language;
                }
            }
        }

        return $missing;
    }

    /** @return array<string, non-empty-list<Channel>> id of a statement to those of its channels that no field of the form reaches */
    public function unreachable(): array
    {
        $unreachable = [];
        foreach ($this->statements as $statement) {
            foreach ($statement->channels as $channel) {
                if (array_filter($this->fields, static fn (Field $f): bool => $f->kind->reaches($channel)) === []) {
                    $unreachable[$statement->id][] = $channel;
                }
            }
        }

        return $unreachable;
    }

    /** Whether anything on the form reaches people by their number, which waits until that number is confirmed. */
    public function asksByNumber(): bool
    {
        return array_filter($this->statements, static fn (Statement $s): bool => array_filter($s->channels, static fn (Channel $c): bool => $c->isByNumber()) !== []) !== [];
    }

    /** The same with a stand-in for every missing text, so that an unfinished form can be looked at. */
    public function filled(): self
    {
        $document = $this->document;
        foreach ($this->missing() as $place => $language) {
            $document = Document::with($document, $place, '…');
        }

        return self::read($document);
    }

    /** @return array<string, Texts> every text that a visitor reads, by its place */
    private function texts(): array
    {
        $texts = ['title' => $this->title, 'purpose-line' => $this->purposeLine, 'button' => $this->button];
        foreach ($this->fields as $i => $field) {
            $texts["fields/$i/label"] = $field->label;
        }
        foreach ($this->statements as $i => $statement) {
            $texts["statements/$i/texts"] = $statement->texts;
        }

        return $texts;
    }

    /** @param  array<string, mixed>  $document */
    private static function text(array $document, string $key, int $longest): string
    {
        $text = $document[$key] ?? null;
        if (! is_string($text) || trim($text) === '' || mb_strlen($text) > $longest) {
            throw new InvalidSheet("The sheet does not say its $key in at most $longest characters.");
        }

        return $text;
    }

    /**
     * @param  array<string, mixed>  $document
     * @return non-empty-list<mixed>
     */
    private static function list(array $document, string $key): array
    {
        $list = $document[$key] ?? null;

        return is_array($list) && array_is_list($list) && $list !== [] ? $list : throw new InvalidSheet("The sheet has no $key; give at least one.");
    }
}
