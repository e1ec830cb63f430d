<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Canon\Document;
use Juramen\Canon\Place;
use Juramen\Canon\Slug;
use Juramen\Register\Channel;
use Juramen\Register\Colour;
use Juramen\Register\Controller;
use Juramen\Register\HouseRules;
use Juramen\Register\Language;
use Juramen\Register\Look;
use Juramen\Register\PointRules;
use Juramen\Wording\MailWording;
use Juramen\Wording\Statement;

/** A signup point's sheet made whole by the registers: statements with their words, rules as they apply. It may still lack texts; a form needs them all. */
final readonly class Sheet
{
    /**
     * @param  list<Statement>  $statements  in the order shown; each answered by a tick box that starts empty
     * @param  list<MailWording>  $mails  how its controller words its mails; what is missing stands in our own words
     * @param  HouseRules|null  $house  which says to which hosts it may lead people; null of what is published already
     */
    public function __construct(
        public SheetDraft $draft, public array $statements, public PointRules $rules, public array $mails = [], private ?HouseRules $house = null
    ) {}

    public function statement(string|Slug $id): ?Statement
    {
        foreach ($this->statements as $statement) {
            if ($statement->id->text === (string) $id) {
                return $statement;
            }
        }

        return null;
    }

    /** @return list<MissingText> */
    public function missing(): array
    {
        $texts = [
            ...$this->draft->readTexts(),
            ...array_map(
                static fn (Statement $s): PlacedTexts => new PlacedTexts(Place::of('statements', $s->id, 'texts'), "the statement {$s->id}", $s->texts),
                $this->statements
            ),
        ];
        $missing = [];
        foreach ($texts as $each) {
            foreach ($this->draft->languages as $language) {
                if (! $each->texts->has($language)) {
                    $missing[] = new MissingText($each->place->in($language->value), $each->what, $language);
                }
            }
        }

        return $missing;
    }

    public function lacks(Language $language): bool
    {
        return array_filter($this->missing(), static fn (MissingText $m): bool => $m->language === $language) !== [];
    }

    /** As half of those who open it are shown it. */
    public function second(): self
    {
        return new self($this->draft->second(), $this->statements, $this->rules, $this->mails, $this->house);
    }

    public function layout(): Layout
    {
        return Layout::of($this);
    }

    /** @return list<ToDo> */
    public function toDo(): array
    {
        $draft = $this->draft;
        $terms = array_filter($draft->fields, static fn (Field $f): bool => $f->kind->meaning() === FieldMeaning::Terms);
        $unnamed = array_filter($terms, static fn (Field $f): bool => $f->terms->edition === '');

        return array_map(static fn (string $says): ToDo => new ToDo($says), array_values(array_filter([
            ...$this->giftToDo(), ...$this->afterToDo(),
            $draft->place === '' ? 'Say where it stands.' : '',
            $draft->elsewhere !== '' ? 'It lives on another system, so it is read and judged here, and published there.' : '',
            $draft->forChildren ? 'A parent has to agree, and there is no way yet to ask one: publishing waits for it.' : '',
            $draft->kind === FormKind::PrizeDraw && $draft->opening->last === null ? 'A draw has a closing day: say on which day it closes.' : '',
            $draft->kind === FormKind::PrizeDraw && $terms === [] ? 'A draw has terms: ask for a field “Terms to accept” and name them.' : '',
            $unnamed !== [] ? 'Name the edition of the terms, so that it can be told later which were accepted.' : '',
        ])));
    }

    /** @return list<string> addresses to which nobody may be led */
    private function afterToDo(): array
    {
        return array_values(array_filter(array_map($this->leadsAstray(...), $this->draft->after->addresses(...$this->draft->languages))));
    }

    /** Why nobody may be led to an address; empty where people may, or where nothing is written. */
    public function leadsAstray(string $to): string
    {
        if ($to === '' || $this->house?->allows($to) !== false) {
            return '';
        }
        $allowed = implode(', ', $this->house->hosts()) ?: 'none yet';

        return "“{$to}” leads people to where the house lets no form lead them: its rules name the hosts ($allowed), over https.";
    }

    /** @return list<string> what keeps a gift from being given as it should */
    private function giftToDo(): array
    {
        $gift = $this->draft->gift;
        if ($gift === null) {
            return [];
        }
        // One statement that names it is enough: a gift is given once.
        $silent = array_filter($this->rules->giftWithout ? [] : $this->draft->languages, fn (Language $l): bool => array_filter(
            $this->statements, static fn (Statement $s): bool => $gift->isNamedIn($s->words($l), $l)
        ) === []);

        return [
            $gift->file === null && ! $gift->spot ? 'Choose the file that is given, or say that it is handed over on the spot.' : '',
            $this->rules->giftWithout && ! $this->draft->kind->servesSomethingElse()
                ? 'The gift is given also to whoever agrees to nothing, and this form can only be sent with a yes: make it a form for a download.' : '',
            $this->rules->giftWithout && ! $this->draft->acknowledges && $gift->hasLink() && $this->draft->kind->servesSomethingElse()
                ? 'Whoever agrees to nothing gets the gift by the mail that it arrived: let arrival be acknowledged.' : '',
            $silent === [] ? '' : 'The gift is given for agreeing alone, so the words that are agreed to have to say so: name it in '
                .implode(', ', array_map(static fn (Language $l): string => $l->endonym(), $silent)).'.',
        ];
    }

    /** How its form looks. */
    public function look(Controller $controller): Look
    {
        return Look::of(Colour::parse($controller->accent), $controller->look, $this->draft->look);
    }

    /** @return list<Slug> recipients of whom nobody has written the address yet */
    public function unaddressed(): array
    {
        $without = array_filter($this->draft->recipients, static fn (Recipient $r): bool => $r->address === '');

        return $this->draft->kind->servesSomethingElse() ? array_values(array_map(static fn (Recipient $r): Slug => $r->id, $without)) : [];
    }

    /** @return list<DeadLink> links to terms that lead nowhere, in languages offered */
    public function deadLinks(): array
    {
        $dead = [];
        foreach ($this->draft->fields as $field) {
            foreach ($field->kind->meaning() === FieldMeaning::Terms ? $this->draft->languages : [] as $language) {
                if (! $field->terms->leadsSomewhere($language)) {
                    $dead[] = new DeadLink($field->id, $language, $field->terms->link->orNothing($language));
                }
            }
        }

        return $dead;
    }

    /** @return list<Unreachable> */
    public function unreachable(): array
    {
        $unreachable = [];
        foreach ($this->statements as $statement) {
            $channels = array_values(array_filter($statement->channels, fn (Channel $c): bool => $this->draft->fieldsReaching($c) === []));
            if ($channels !== []) {
                $unreachable[] = new Unreachable($statement->id, $channels);
            }
        }

        return $unreachable;
    }

    /** Whether anything on the form reaches people by their number, which waits until that number is confirmed. */
    public function asksByNumber(): bool
    {
        return array_filter($this->statements, static fn (Statement $s): bool => $s->asksByNumber()) !== [];
    }

    /** The same with a stand-in for every missing text, so that an unfinished form can be looked at. */
    public function filled(): self
    {
        $languages = $this->draft->languages;

        return new self(
            $this->draft->filled(), array_map(static fn (Statement $s): Statement => $s->withTexts($s->texts->filled('…', ...$languages)), $this->statements),
            $this->rules, $this->mails, $this->house
        );
    }

    /** Everything that stands on it, each in its place: what was written, with what the registers made of it. */
    public function document(): Document
    {
        return Document::from([
            ...$this->draft->document()->toArray(),
            'statements' => array_map(static fn (Statement $s): array => $s->document()->toArray(), $this->statements),
            'rules' => $this->rules->document()->toArray(),
        ]);
    }

    /**
     * What is published of it: languages that the form does not offer change nothing on it, nor does another edition of a
     * statement with the same words.
     */
    public function shown(): Document
    {
        $languages = $this->draft->languages;

        return Document::from([
            'sheet' => $this->draft->shown()->toArray(),
            'statements' => array_map(
                static fn (Statement $s): array => $s->withTexts($s->texts->only(...$languages))->document()->only('id', 'purpose', 'channels', 'texts')
                    ->toArray(),
                $this->statements
            ),
            'rules' => $this->rules->document()->toArray(),
            ...$this->mailsShown(),
        ]);
    }

    /** @return array<string, list<array<array-key, mixed>>> nothing where all mails stand in our own words */
    private function mailsShown(): array
    {
        $shown = array_filter(
            array_map(fn (MailWording $m): Document => $m->only(...$this->draft->languages), $this->mails),
            static fn (Document $d): bool => $d->part('parts')->members() !== []
        );

        return $shown === [] ? [] : ['mails' => array_values(array_map(static fn (Document $d): array => $d->toArray(), $shown))];
    }
}
