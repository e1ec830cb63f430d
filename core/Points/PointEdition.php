<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Canon\CanonicalJson;
use Juramen\Canon\Digest;
use Juramen\Canon\Document;
use Juramen\Canon\DraftRefusal;
use Juramen\Canon\Instant;
use Juramen\Canon\Refused;
use Juramen\Register\Controller;
use Juramen\Register\Language;
use Juramen\Register\PointRules;
use Juramen\Wording\MailWording;
use Juramen\Wording\Statement;

/**
 * An immutable, numbered, published state of a signup point: its content, rules and statements and the SHA-256 of the bytes shown in each
 * language. It is itself named by the SHA-256 of its canonical JSON. Formats are read for ever: 1 had no number, carried its sheet
 * whole and one page a language; 2 says its own, keeps what was written apart from what the registers made of it, and has pages.
 */
final readonly class PointEdition
{
    private const FORMAT = 2;

    /** @param  non-empty-list<FrozenLanguage>  $languages */
    private function __construct(
        public Sheet $sheet,
        public int $number,
        public Instant $published,
        public Controller $controller,
        public array $languages,
        public string $bytes,
        private Digest $digest,
    ) {}

    /**
     * @param  int  $number  from 1, counted within the point
     * @param  non-empty-list<FrozenLanguage>  $languages
     */
    public static function make(Sheet $sheet, int $number, Instant $published, Controller $controller, array $languages): self
    {
        $bytes = CanonicalJson::encode([
            'format' => self::FORMAT,
            'kind' => 'signup-point',
            'number' => $number,
            'published' => $published->text(),
            'sheet' => $sheet->draft->document()->toArray(),
            'rules' => $sheet->rules->document()->toArray(),
            'statements' => array_map(static fn (Statement $s): array => ['edition' => $s->edition()->hex(), ...$s->document()->toArray()], $sheet->statements),
            'controller' => $controller->document()->toArray(),
            ...($sheet->mails === [] ? [] : ['mails' => array_map(static fn (MailWording $m): array => $m->document()->toArray(), $sheet->mails)]),
            'languages' => array_map(static fn (FrozenLanguage $f): array => [
                'language' => $f->language->value,
                'css' => $f->css->hex(),
                'pages' => array_map(self::pageToArray(...), $f->pages),
                ...($f->second === [] ? [] : ['second' => array_map(self::pageToArray(...), $f->second)]),
                'mails' => self::mailsToArray($f->mails),
            ], $languages),
        ]);

        return new self($sheet, $number, $published, $controller, $languages, $bytes, Digest::of($bytes));
    }

    /** @throws Refused where the bytes are no edition of a format that we know */
    public static function parse(string $bytes): self
    {
        $data = Document::canonical($bytes);
        [$format, $number] = [$data->at('format') ?? 1, $data->number('number')];
        $languages = array_values(array_filter(array_map(self::language(...), $data->items('languages'))));
        if ($data->text('kind') !== 'signup-point' || $number === null || ! in_array($format, [1, self::FORMAT], true) || $languages === []) {
            throw Refused::because(DraftRefusal::NotAnEdition);
        }
        // In format 1 the sheet carried what the registers made of it.
        $whole = $format === 1 ? $data->part('sheet') : $data;
        $sheet = new Sheet(
            SheetDraft::from($data->part('sheet')), array_map(Statement::from(...), $whole->items('statements')), PointRules::from($whole->part('rules')),
            array_map(MailWording::from(...), $data->items('mails'))
        );

        return new self(
            $sheet, $number, Instant::parse($data->text('published')), Controller::from($data->part('controller')), $languages, $bytes, Digest::of($bytes)
        );
    }

    public function digest(): Digest
    {
        return $this->digest;
    }

    /** Whether the sheet and its controller, published now, would be what this edition is. */
    public function shows(Sheet $sheet, Controller $controller): bool
    {
        return self::impression($this->sheet, $this->controller)->equals(self::impression($sheet, $controller));
    }

    /** What visitors get of a sheet and its controller. */
    public static function impression(Sheet $sheet, Controller $controller): Document
    {
        return Document::from(['sheet' => $sheet->shown()->toArray(), 'controller' => $controller->shown(...$sheet->draft->languages)->toArray()]);
    }

    public function in(Language $language): FrozenLanguage
    {
        foreach ($this->languages as $frozen) {
            if ($frozen->language === $language) {
                return $frozen;
            }
        }
        throw Refused::because(DraftRefusal::NotPublishedIn, language: $language->endonym());
    }

    public function isIn(Language $language): bool
    {
        return array_filter($this->languages, static fn (FrozenLanguage $f): bool => $f->language === $language) !== [];
    }

    /** @return non-empty-list<Language> */
    public function offered(): array
    {
        return array_map(static fn (FrozenLanguage $f): Language => $f->language, $this->languages);
    }

    /** Null where it is a language that we know no more. */
    private static function language(Document $data): ?FrozenLanguage
    {
        $language = Language::tryFrom($data->text('language'));
        // Format 1 had one page.
        $pages = $data->items('pages') ?: [$data];

        return $language === null ? null : new FrozenLanguage(
            $language, Digest::fromHex($data->text('css')), array_map(self::page(...), $pages), self::mails($data->part('mails')),
            array_map(self::page(...), $data->items('second'))
        );
    }

    /** @return array{html: string, slots: list<array{string, int}>} */
    private static function pageToArray(FrozenPage $page): array
    {
        return ['html' => $page->html->hex(), 'slots' => array_map(static fn (Slot $s): array => [$s->name, $s->offset], $page->slots)];
    }

    private static function page(Document $data): FrozenPage
    {
        $slots = $data->at('slots');
        $read = [];
        foreach (is_array($slots) ? $slots : [] as $slot) {
            if (is_array($slot) && is_string($slot[0] ?? null) && is_int($slot[1] ?? null)) {
                $read[] = new Slot($slot[0], $slot[1]);
            }
        }

        return new FrozenPage(Digest::fromHex($data->text('html')), $read);
    }

    /** @return list<FrozenMail> */
    private static function mails(Document $data): array
    {
        return array_map(static function (string $kind) use ($data): FrozenMail {
            $texts = $data->part($kind);

            return new FrozenMail($kind, array_map(static fn (string $key): FrozenWords => new FrozenWords($key, $texts->text($key)), $texts->members()));
        }, $data->members());
    }

    /**
     * @param  list<FrozenMail>  $mails
     * @return array<string, array<string, string>>
     */
    private static function mailsToArray(array $mails): array
    {
        $data = [];
        foreach ($mails as $mail) {
            foreach ($mail->words as $words) {
                $data[$mail->kind][$words->key] = $words->text;
            }
        }

        return $data;
    }
}
