<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Canon\Document;
use Juramen\Canon\DraftRefusal;
use Juramen\Canon\Place;
use Juramen\Canon\Refused;
use Juramen\Canon\Slug;
use Juramen\Points\Fields\CountryField;
use Juramen\Register\Channel;
use Juramen\Register\Country;
use Juramen\Register\Departure;
use Juramen\Register\Language;
use Juramen\Register\LookDraft;
use Juramen\Register\Schema\Schema;
use Juramen\Register\Texts;

/** A signup point's sheet as written: fields and statements each with a stable id. The registers make it whole (see Registers::complete). */
final readonly class SheetDraft
{
    /**
     * @param  Slug  $point  the signup point that it is of
     * @param  string  $name  for the office: "Footer newsletter"
     * @param  string  $place  where it stands, in words
     * @param  list<Country>  $countries  where visitors come from; empty where unknown
     * @param  list<Language>  $languages  the first is shown to visitors whose own is not offered
     * @param  Texts  $purposeLine  what will be sent, in a line under the title
     * @param  list<Field>  $fields  in the order asked
     * @param  list<Control>  $controls  of the statements agreed to, in the order shown
     * @param  list<Departure>  $departures  from the house rules, each with its reason
     * @param  Texts|null  $notice  links to the privacy notice, where others than the controller's are used
     * @param  list<FormPage>  $pages  into which it breaks, in their order; none where it is one page
     * @param  list<Recipient>  $recipients  of what people want besides
     * @param  bool  $acknowledges  whether whoever sent it is told by mail that it arrived
     * @param  Opening  $opening  the days on which it takes anything
     * @param  string  $elsewhere  address of a form that lives on another system; empty where it is ours
     * @param  LookDraft  $look  what departs from the house look
     * @param  bool  $forChildren  whether it is aimed at children, so that a parent agrees
     * @param  Gift|null  $gift  that whoever agrees, or whoever sends it, gets
     * @param  After  $after  what people see once they have sent it, and confirmed
     * @param  SecondWords  $second  of which half of those who open it are shown
     * @param  bool  $progress  whether visitors see how many pages there are, and which they are on
     */
    private function __construct(
        public Slug $point,
        public string $name,
        public Slug $controller,
        public FormKind $kind,
        public string $place,
        public array $countries,
        public array $languages,
        public Texts $title,
        public Texts $purposeLine,
        public array $fields,
        public array $controls,
        public Texts $button,
        public array $departures,
        public ?Texts $notice,
        public array $pages,
        public bool $progress,
        public array $recipients,
        public bool $acknowledges,
        public Opening $opening,
        public string $elsewhere,
        public bool $forChildren,
        public LookDraft $look,
        private Document $lookAsWritten,
        public ?Gift $gift,
        public After $after,
        public SecondWords $second,
    ) {}

    /** Reads whatever was ever written; whether it may be written now, check() says. */
    public static function from(Document $document): self
    {
        $departures = array_map(
            static fn (string $rule): ?Departure => Departure::from($rule, $document->at(Place::of('departures', $rule))),
            $document->within(Place::of('departures'))
        );
        $notice = $document->at('notice');

        return new self(
            Slug::parse($document->text('point')), $document->text('name'), Slug::parse($document->text('controller')),
            FormKind::tryFrom($document->text('kind')) ?? FormKind::Other, $document->text('place'),
            array_map(Country::parse(...), $document->names('countries')),
            array_values(array_filter(array_map(Language::tryFrom(...), $document->names('languages')))),
            Texts::from($document->at('title')), Texts::from($document->at('purpose-line')), array_map(Field::from(...), $document->items('fields')),
            array_map(Control::from(...), $document->items('statements')),
            Texts::from($document->at('button')), array_values(array_filter($departures)), $notice === null ? null : Texts::from($notice),
            array_map(FormPage::from(...), $document->items('pages')), $document->flag('progress') !== false,
            array_map(Recipient::from(...), $document->items('recipients')), $document->flag('acknowledges') !== false,
            Opening::read($document->text('opens'), $document->text('closes')), $document->text('elsewhere'),
            $document->flag('for-children') === true, LookDraft::from($document->part('look')), $document->part('look'),
            Gift::from($document->part('gift')), After::from($document->part('after')), SecondWords::from($document->part(SecondWords::PLACE)),
        );
    }

    public static function schema(): Schema
    {
        return SheetSchema::schema();
    }

    /**
     * Refuses what fits each by itself, but not together.
     *
     * @throws Refused
     */
    public function check(): void
    {
        $email = array_filter($this->fields, static fn (Field $f): bool => $f->kind->meaning() === FieldMeaning::Email);
        if (count($email) !== 1 || ! array_values($email)[0]->required) {
            throw Refused::because(DraftRefusal::EmailField);
        }
        $this->opening->check();
        if (array_values($email)[0]->when !== null) {
            throw Refused::because(DraftRefusal::EmailAlways);
        }
    }

    /** Names of what departs from the house look, with what was chosen. */
    public function lookAsWritten(): Document
    {
        return $this->lookAsWritten;
    }

    /** How a statement is answered; null where it does not stand on the form. */
    public function control(Slug|string $statement): ?Control
    {
        foreach ($this->controls as $control) {
            if ($control->statement->text === (string) $statement) {
                return $control;
            }
        }

        return null;
    }

    /** The field that takes the address. */
    public function emailField(): Field
    {
        foreach ($this->fields as $field) {
            if ($field->kind->meaning() === FieldMeaning::Email) {
                return $field;
            }
        }
        throw Refused::because(DraftRefusal::EmailField);
    }

    /** The country that a person names; null where none is asked for, or none was understood. */
    public function declaredIn(Typed $typed): ?Country
    {
        foreach ($this->fields as $field) {
            if ($field->kind instanceof CountryField) {
                return Country::find(mb_strtoupper($field->kind->chosen($field, $typed)[0] ?? ''));
            }
        }

        return null;
    }

    /** An id for another field of a kind: the kind's own, or, where that is taken, with a number. */
    public function freeId(FieldKind $kind): Slug
    {
        $taken = array_map(static fn (Field $f): string => $f->id->text, $this->fields);
        for ($id = $kind->id(), $n = 2; in_array($id, $taken, true); $n++) {
            $id = $kind->id().'-'.$n;
        }

        return Slug::parse($id);
    }

    /** The name under which a field's answers are disclosed: its kind's, and of the second of a kind with a number. */
    public function disclosedAs(Field $field): string
    {
        $before = 0;
        foreach ($this->fields as $each) {
            if ($each->id->equals($field->id)) {
                break;
            }
            $before += $each->kind->id() === $field->kind->id() ? 1 : 0;
        }

        return $field->kind->id().($before === 0 ? '' : '-'.($before + 1));
    }

    /** What visitors read over the field whose answers are disclosed under a name; empty where there is none. */
    public function labelOf(string $disclosed, Language $language): string
    {
        return $this->disclosed($disclosed)?->label->orNothing($language) ?? '';
    }

    /** The field whose answers are disclosed under a name; null where it has none such. */
    public function disclosed(string $name): ?Field
    {
        return array_values(array_filter($this->fields, fn (Field $f): bool => $this->disclosedAs($f) === $name))[0] ?? null;
    }

    /** @return list<Field> those that take an address of the channel */
    public function fieldsReaching(Channel $channel): array
    {
        return array_values(array_filter($this->fields, static fn (Field $f): bool => $f->kind->reaches($channel)));
    }

    public function offers(Language $language): bool
    {
        return in_array($language, $this->languages, true);
    }

    /** A language to show it in: the one wanted, where it is offered. */
    public function languageFor(?Language $wanted): Language
    {
        return $wanted !== null && $this->offers($wanted) ? $wanted : $this->languages[0];
    }

    /** The same with a stand-in for every missing text of its own. */
    public function filled(): self
    {
        $document = $this->document();
        foreach ($this->readTexts() as $each) {
            $document = $document->with($each->place, $each->texts->filled('…', ...$this->languages)->toArray());
        }

        return self::from($document);
    }

    /** @return list<PlacedTexts> every text of its own that a visitor reads */
    public function readTexts(): array
    {
        return [
            new PlacedTexts(Place::of('title'), 'the title', $this->title),
            new PlacedTexts(Place::of('purpose-line'), 'the line under the title', $this->purposeLine),
            new PlacedTexts(Place::of('button'), 'the button\'s text', $this->button),
            ...($this->gift === null ? [] : [new PlacedTexts(Place::of('gift', 'name'), 'what the gift is called', $this->gift->name)]),
            ...array_merge(...array_map(self::textsOf(...), $this->fields)),
            ...array_map(static fn (FormPage $p): PlacedTexts => new PlacedTexts(
                Place::of('pages', $p->id, 'title'), "the title of the page {$p->id}", $p->title
            ), count($this->pages) < 2 ? [] : $this->pages),
        ];
    }

    /** @return list<PlacedTexts> of a field: its label, its help where it has any, and the answers it offers */
    private static function textsOf(Field $field): array
    {
        $place = Place::of('fields', $field->id);
        if ($field->kind->labelling() === Labelling::None) {
            return [];
        }

        return [
            ...($field->kind->meaning() === FieldMeaning::Terms ? [
                new PlacedTexts($place->in('terms')->in('name'), "what {$field->id} accepts", $field->terms->name),
            ] : []),
            new PlacedTexts($place->in('label'), "the label of the field {$field->id}", $field->label),
            ...($field->hasHelp() ? [new PlacedTexts($place->in('help'), "the help of the field {$field->id}", $field->help)] : []),
            ...array_map(static fn (FieldOption $o): PlacedTexts => new PlacedTexts(
                Place::of('fields', $field->id, 'options', $o->id, 'label'), "an answer to the field {$field->id}", $o->label
            ), $field->kind->offersOptions() ? $field->options : []),
        ];
    }

    /** As half of those who open it are shown; nothing is allotted any more then. */
    public function second(): self
    {
        return self::from($this->second->put($this->document())->without(Place::of(SecondWords::PLACE)));
    }

    /** Whether the two versions differ in a language. */
    public function differsIn(Language $language): bool
    {
        $first = $this->document();
        $differing = array_filter(SecondWords::PARTS, fn (string $part): bool => ! in_array(
            $this->second->of($part)->orNothing($language), ['', Texts::from($first->at($part))->orNothing($language)], true
        ));

        return $differing !== [];
    }

    /** As it is written today, whatever it was read from. */
    public function document(): Document
    {
        $departures = [];
        foreach ($this->departures as $departure) {
            $departures[$departure->rule->value] = $departure->toArray();
        }

        return Document::from([
            'point' => $this->point->text, 'name' => $this->name, 'controller' => $this->controller->text, 'kind' => $this->kind->value,
            'place' => $this->place,
            'countries' => array_map(strval(...), $this->countries), 'languages' => array_map(static fn (Language $l): string => $l->value, $this->languages),
            'title' => $this->title->toArray(), 'purpose-line' => $this->purposeLine->toArray(), 'button' => $this->button->toArray(),
            'fields' => array_map(static fn (Field $f): array => $f->document()->toArray(), $this->fields),
            'statements' => array_map(static fn (Control $c): array => $c->document()->toArray(), $this->controls),
            ...($departures === [] ? [] : ['departures' => $departures]),
            ...($this->notice === null ? [] : ['notice' => $this->notice->toArray()]),
            ...($this->pages === [] ? [] : ['pages' => array_map(static fn (FormPage $p): array => $p->document()->toArray(), $this->pages)]),
            ...($this->progress ? [] : ['progress' => false]),
            ...($this->recipients === [] ? [] : ['recipients' => array_map(static fn (Recipient $r): array => $r->document()->toArray(), $this->recipients)]),
            ...($this->acknowledges ? [] : ['acknowledges' => false]),
            ...($this->forChildren ? ['for-children' => true] : []),
            ...($this->lookAsWritten->toArray() === [] ? [] : ['look' => $this->lookAsWritten->toArray()]),
            ...($this->after->document()->members() === [] ? [] : ['after' => $this->after->document()->toArray()]),
            ...($this->gift === null ? [] : ['gift' => $this->gift->document()->toArray()]),
            ...($this->second->isEmpty() ? [] : [SecondWords::PLACE => $this->second->document()->toArray()]),
            ...($this->elsewhere === '' ? [] : ['elsewhere' => $this->elsewhere]),
            ...($this->opening->first === null ? [] : ['opens' => $this->opening->first->text]),
            ...($this->opening->last === null ? [] : ['closes' => $this->opening->last->text]),
        ]);
    }

    /** The same without words in languages that the form does not offer, which nobody sees. */
    public function shown(): Document
    {
        $only = fn (Texts $texts): array => $texts->only(...$this->languages)->toArray();
        $shown = [
            ...$this->document()->toArray(), 'title' => $only($this->title), 'purpose-line' => $only($this->purposeLine), 'button' => $only($this->button),
            'fields' => array_map(
                fn (Field $f): array => $f->withTexts(fn (Texts $t): Texts => $t->only(...$this->languages))->document()->toArray(), $this->fields
            ),
        ];
        if ($this->pages !== []) {
            $pages = array_map(fn (FormPage $p): FormPage => $p->withTitle($p->title->only(...$this->languages)), $this->pages);
            $shown['pages'] = array_map(static fn (FormPage $p): array => $p->document()->toArray(), $pages);
        }

        if (! $this->second->isEmpty()) {
            $shown[SecondWords::PLACE] = $this->second->only(...$this->languages)->document()->toArray();
        }

        return Document::from($this->notice === null ? $shown : ['notice' => $only($this->notice)] + $shown);
    }
}
