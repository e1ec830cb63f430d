<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use DOMElement;
use Juramen\Audit\Reading;
use Juramen\Audit\ReadingOf;
use Juramen\Audit\Selector;
use Juramen\Audit\Surroundings;
use Juramen\Points\FormKind;
use Juramen\Register\Audience;
use Juramen\Register\Language;
use Juramen\Wording\LanguageGuess;
use Juramen\Wording\Listener;

/** Reads every form of a page or fragment of HTML into a Reading. */
final class HtmlReader
{
    /** Forms of a page of each of which it is known what the others say: more are lists of things to buy or to find. */
    private const FEW = 8;

    /** At least five words. */
    private const SENTENCE = '~^\s*\p{L}[^\s@]*(?:\s+[^\s@]+){4,}\s*$~u';

    /**
     * @param  string  $bytes  in any encoding that browsers know
     * @param  string  $address  where the page stands, if known
     * @param  Language|null  $language  that the page is in, where it does not say so itself
     * @return list<Reading> in the order of the page
     *
     * @throws UnreadableHtml
     */
    public static function read(string $bytes, string $address = '', ?Language $language = null): array
    {
        $page = Page::read($bytes);

        return (new self($page, $address, $language))->forms((new FormFinder($page))->all());
    }

    /**
     * @param  list<FoundForm>  $forms
     * @return list<Reading>
     */
    private function forms(array $forms): array
    {
        $said = count($forms) === 1 || count($forms) > self::FEW ? []
            : array_map(fn (FoundForm $form): string => $this->page->text($form->element)."\n".$this->beside($form), $forms);

        return array_map(
            fn (FoundForm $form, int $nth): Reading => $this->form($form, implode("\n", array_diff_key($said, [$nth => '']))), $forms, array_keys($forms)
        );
    }

    /** @var array<int, Surroundings> what stands around the forms within an element, by its object id */
    private array $around = [];

    /** The language of a page that says which one it is in. */
    private ?Language $spoken = null;

    private readonly Labels $labels;

    private readonly Choices $choices;

    private readonly LinkReader $links;

    private readonly Visibility $visibility;

    private readonly FactsReader $facts;

    private readonly string $words;

    private function __construct(private readonly Page $page, private readonly string $address, private readonly ?Language $given)
    {
        $this->labels = new Labels($page);
        $this->choices = new Choices($page);
        $this->visibility = new Visibility($page);
        $this->links = new LinkReader($page);
        $this->facts = new FactsReader($page, $this->visibility, $this->labels, $address, $this->tickByScripts());
        $this->words = $page->whole ? $page->title()."\n".$page->text($page->body()) : '';
    }

    /** Sentences within fields, which are read until something is typed there. */
    private function writtenIn(FoundForm $form): string
    {
        $fields = array_filter($form->controls, fn (DOMElement $control): bool => ! $this->visibility->isUnseen($control));
        $said = array_map(static fn (DOMElement $field): string => $field->getAttribute('placeholder'), $fields);

        return implode("\n", array_filter($said, static fn (string $words): bool => preg_match(self::SENTENCE, $words) === 1));
    }

    /** The words right beside a form, and those of its controls that stand elsewhere on the page and name it ("form=..."). */
    private function beside(FoundForm $form): string
    {
        $elsewhere = array_filter($form->controls, fn (DOMElement $control): bool => ! $this->page->holds($form->element, $control));

        return Lines::tidy(implode("\n", [(new Nearby($this->page))->words($form->element), ...array_map($this->labels->of(...), $elsewhere)]));
    }

    /** @return list<DOMElement> what a script of the page ticks at once, and is ticked when people see it */
    private function tickByScripts(): array
    {
        $scripts = array_filter($this->page->named(['script']), static fn (DOMElement $script): bool => ! $script->hasAttribute('src'));
        $ticks = ScriptedTicks::in(...array_map(static fn (DOMElement $script): string => $script->textContent, array_values($scripts)));
        $ticked = array_values(array_filter(
            $this->page->named([ControlType::FIELD]),
            static fn (DOMElement $box): bool => $box->getAttribute('type') === 'checkbox' && ! $box->hasAttribute('checked') && $ticks->tick($box)
        ));
        foreach ($ticked as $box) {
            $box->setAttribute('checked', 'checked');
        }

        return $ticked;
    }

    /** What a form says it is in, unless it says so with its whole page and that is plainly in another: "lang=en" stays in what a page is made from. */
    private function spoken(?Language $said): ?Language
    {
        $body = $this->page->body();
        if ($said === null || ! $this->page->whole || LanguageTag::of($body)->language() !== $said) {
            return $said;
        }

        return $this->spoken ??= LanguageGuess::ofSaid($this->page->text($body), $said);
    }

    /** @param  string  $ofOthers  what the other forms of the page say */
    private function form(FoundForm $form, string $ofOthers): Reading
    {
        $page = $this->page;
        $text = Lines::tidy($page->text($form->element)."\n".$this->writtenIn($form));
        $beside = $this->beside($form);
        $tag = LanguageTag::of($form->element);
        $said = $tag->language() ?? $this->given;
        $language = LanguageGuess::ofSaid($text, $this->spoken($said)) ?? LanguageGuess::of($page->text($page->body()));
        $listener = Listener::in($language);
        $guessed = $this->kind($form, $text, $beside, $listener, $said);

        $fields = (new FieldReader($page, $this->visibility, $this->labels, $this->choices, $listener))->read($form);
        $controls = (new ControlReader($page, $this->labels, $this->choices, $listener))->read($form, $guessed->kind);

        return Reading::make(
            ReadingOf::Page, new Selector($page->selector($form->element)), $guessed->kind, $guessed->reason, $language,
            $controls,
            $fields,
            $beside === '' ? $text : Lines::tidy($text."\n".$beside),
            $this->saidIn($page->whole ? $page->body() : self::surroundings($form->element))->seenFrom(
                $said, self::unread($tag, $text, $language), $ofOthers
            ),
            Audience::ofAddress($this->address)->orSpokenTo($tag->region())->orSeatedAt($this->words), page: $this->facts->read($form, $fields, $controls),
        );
    }

    /**
     * What a form is for. Where the one sentence on it is in another language, its heading and its button are in that which the page says it is in; an
     * address alone says nothing of that.
     */
    private function kind(FoundForm $form, string $text, string $beside, Listener $listener, ?Language $said): GuessedKind
    {
        $in = fn (Listener $listener): GuessedKind => (new KindGuess($listener))->of(
            $form, new FormFields($form, $this->labels, $listener), FormWords::of($form, $this->page, $this->labels, $listener, $text, $beside)
        );
        $guessed = $in($listener);
        if ($guessed->kind !== FormKind::Other || $said === null || $listener === Listener::in($said) || ! LanguageGuess::reads($text, $said)) {
            return $guessed;
        }
        $other = $in(Listener::in($said));

        return $other->kind === FormKind::Newsletter ? $guessed : $other;
    }

    /**
     * The tag of a language that is not read here, "und" where the page does not say which. English stands on pages that say they are in any
     * other language; what is near one of the others may be taken for it.
     */
    private static function unread(LanguageTag $tag, string $text, ?Language $language): string
    {
        if ($tag->unread() !== '') {
            return $language === Language::English ? '' : $tag->unread();
        }
        $reads = static fn (Language $one): bool => LanguageGuess::reads($text, $one);

        return $language !== null || array_filter(Language::cases(), $reads) !== [] ? '' : Surroundings::UNDETERMINED;
    }

    /** In a fragment, what stands beside the form was given with it. */
    private static function surroundings(DOMElement $form): DOMElement
    {
        for ($node = $form; $node->parentNode instanceof DOMElement && $node->nodeName !== 'body';) {
            $node = $node->parentNode;
        }

        return $node;
    }

    private function saidIn(DOMElement $within): Surroundings
    {
        return $this->around[spl_object_id($within)] ??= Surroundings::of($this->page->whole, $this->words, $this->links->within($within));
    }
}
