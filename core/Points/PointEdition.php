<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Canon\CanonicalJson;
use Juramen\Canon\Digest;
use Juramen\Canon\Instant;
use Juramen\Register\Controller;
use Juramen\Register\Language;
use Juramen\Wording\Markup;
use Juramen\Wording\Statement;

/**
 * An immutable, numbered, published state of a signup point: its content, rules and statements and the SHA-256 of
 * the bytes shown in each language. It is itself named by the SHA-256 of its canonical JSON.
 */
final readonly class PointEdition
{
    /**
     * @param  int  $number  from 1, counted within the point
     * @param  non-empty-list<FrozenLanguage>  $languages
     */
    public function __construct(
        public Sheet $sheet,
        public int $number,
        public Instant $published,
        public Controller $controller,
        public array $languages,
    ) {}

    /** Canonical JSON; hashed and stored exactly so. */
    public function bytes(): string
    {
        return CanonicalJson::encode([
            'kind' => 'signup-point',
            'number' => $this->number,
            'published' => $this->published->text(),
            'sheet' => $this->sheet->document,
            'controller' => $this->controller->toArray(),
            'statements' => array_map(static fn (Statement $s): array => ['id' => $s->id, 'edition' => $s->edition()->hex()], $this->sheet->statements),
            'languages' => array_map(static fn (FrozenLanguage $f): array => [
                'language' => $f->language->value,
                'html' => $f->html->hex(),
                'css' => $f->css->hex(),
                'slots' => array_map(static fn (Slot $s): array => [$s->name, $s->offset], $f->slots),
                'mails' => $f->mails,
            ], $this->languages),
        ]);
    }

    public function digest(): Digest
    {
        return Digest::of($this->bytes());
    }

    /** @throws InvalidSheet where the bytes are not an edition */
    public static function parse(string $bytes): self
    {
        $data = CanonicalJson::decode($bytes);
        if (($data['kind'] ?? null) !== 'signup-point') {
            throw new InvalidSheet('These bytes are not the edition of a signup point.');
        }

        $languages = array_map(self::frozen(...), array_values($data['languages']));

        return new self(
            Sheet::read($data['sheet']),
            $data['number'],
            Instant::parse($data['published']),
            Controller::from($data['controller']),
            $languages === [] ? throw new InvalidSheet('This edition has no language.') : $languages,
        );
    }

    /** @param  array<string, mixed>  $data a member of "languages" */
    private static function frozen(array $data): FrozenLanguage
    {
        return new FrozenLanguage(
            Language::from($data['language']),
            Digest::fromHex($data['html']),
            Digest::fromHex($data['css']),
            array_map(static fn (array $slot): Slot => new Slot($slot[0], $slot[1]), array_values($data['slots'])),
            $data['mails'],
        );
    }

    /** Whether the sheet and its controller, published now, would be what this edition is. */
    public function shows(Sheet $sheet, Controller $controller): bool
    {
        return self::impression($this->sheet, $this->controller) == self::impression($sheet, $controller);
    }

    /**
     * What visitors get of a sheet and its controller.
     *
     * @return array{sheet: array<string, mixed>, controller: array<string, mixed>}
     */
    public static function impression(Sheet $sheet, Controller $controller): array
    {
        return ['sheet' => self::content($sheet->document), 'controller' => $controller->shown()];
    }

    /**
     * What of a document is published: languages that the form does not offer change nothing on it, nor does another
     * edition of a statement with the same words.
     *
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private static function content(array $document): array
    {
        foreach ($document['statements'] as $i => $statement) {
            $document['statements'][$i]['texts'] = array_intersect_key($statement['texts'], array_flip($document['languages']));
            unset($document['statements'][$i]['edition']);
        }

        return $document;
    }

    public function in(Language $language): FrozenLanguage
    {
        foreach ($this->languages as $frozen) {
            if ($frozen->language === $language) {
                return $frozen;
            }
        }
        throw new InvalidSheet("This edition was not published in {$language->endonym()}.");
    }

    /** @return array<string, string> statement id to its words in that language, as read */
    public function words(Language $language): array
    {
        $words = [];
        foreach ($this->sheet->statements as $statement) {
            $words[$statement->id] = Markup::words($statement->texts->in($language));
        }

        return $words;
    }
}
