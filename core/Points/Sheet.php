<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Canon\CanonicalJson;
use Juramen\Register\Language;
use Juramen\Register\Texts;

/** The working copy of a signup point, read from its one document. */
final readonly class Sheet
{
    /**
     * @param  array<string, mixed>  $document  as stored; the rest is read from it
     * @param  non-empty-list<Language>  $languages  the first is shown to visitors whose own is not offered
     * @param  non-empty-list<Field>  $fields
     * @param  non-empty-list<string>  $statements  ids, in the order shown; each answered by a tick box that starts empty
     * @param  Texts  $purposeLine  what will be sent, in a line under the title
     */
    private function __construct(
        public array $document,
        public string $point,
        public string $controller,
        public array $languages,
        public Texts $title,
        public Texts $purposeLine,
        public array $fields,
        public array $statements,
        public Texts $button,
    ) {
    }

    /**
     * @param  array<string, mixed>  $document
     *
     * @throws InvalidSheet
     * @throws \Juramen\Register\InvalidRegister where a text is missing
     */
    public static function read(array $document): self
    {
        CanonicalJson::encode($document);
        $point = $document['point'] ?? null;
        if (! is_string($point) || preg_match('/^[a-z0-9]+(-[a-z0-9]+)*$/D', $point) !== 1) {
            throw new InvalidSheet('The sheet does not name its signup point; a name has lower-case letters, digits and hyphens.');
        }
        $languages = array_map(
            static fn (mixed $tag): Language => Language::tryFrom(is_string($tag) ? $tag : '') ?? throw new InvalidSheet('The sheet offers a language we do not know.'),
            self::list($document, 'languages'),
        );
        $fields = [];
        foreach (self::list($document, 'fields') as $i => $field) {
            $fields[] = Field::from($field, $i + 1);
        }
        if (count(array_filter($fields, static fn (Field $f): bool => $f->kind === FieldKind::Email && $f->required)) !== 1
            || count(array_unique(array_map(static fn (Field $f): string => $f->name(), $fields))) !== count($fields)) {
            throw new InvalidSheet('A form asks for the email address, once and required, and for nothing twice.');
        }
        $sheet = new self(
            $document,
            $point,
            is_string($document['controller'] ?? null) ? $document['controller'] : throw new InvalidSheet('The sheet does not name its controller.'),
            $languages,
            Texts::from($document['title'] ?? null, 'the title', 200),
            Texts::from($document['purpose-line'] ?? null, 'the line under the title', 500),
            $fields,
            array_map(static fn (mixed $id): string => is_string($id) ? $id : throw new InvalidSheet('A statement is named by its id.'), self::list($document, 'statements')),
            Texts::from($document['button'] ?? null, 'the button', 100),
        );
        foreach ($languages as $language) {
            foreach ([$sheet->title, $sheet->purposeLine, $sheet->button, ...array_map(static fn (Field $f): Texts => $f->label, $fields)] as $text) {
                $text->in($language);
            }
        }

        return $sheet;
    }

    public function offers(Language $language): bool
    {
        return in_array($language, $this->languages, true);
    }

    public function field(FieldKind $kind): ?Field
    {
        foreach ($this->fields as $field) {
            if ($field->kind === $kind) {
                return $field;
            }
        }

        return null;
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
