<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Register\Controller;
use Juramen\Register\Language;
use Juramen\Register\Texts;
use Juramen\Wording\Markup;

/**
 * The one renderer of forms: a sheet in one language as whole HTML pages, without script, cookie or anything
 * from outside. Fields carry labels that stay, and nothing is answered beforehand.
 */
final readonly class FormRenderer
{
    /** The trap: people do not see it, and whoever fills it in did not look. */
    public const TRAP = 'homepage';

    /** Which page was sent, of a form that has several, and where somebody wants to go. */
    public const PAGE = 'page';

    public const GO = 'go';

    private Layout $layout;

    /**
     * @param  Sheet  $sheet  with every text in every language it offers
     * @param  string  $action  where the form is sent; with "LANGUAGE" in place of the language
     * @param  string  $stylesheet  address of the frozen CSS
     */
    public function __construct(private Sheet $sheet, private Controller $controller, private string $action, private string $stylesheet)
    {
        $this->layout = $sheet->layout();
    }

    /** @return non-empty-list<FrozenForm> its pages, in the order shown */
    public function pages(Language $language, FormWords $words): array
    {
        return array_map(fn (LaidPage $page): FrozenForm => $this->page($page, $language, $words), $this->layout->pages);
    }

    private function page(LaidPage $laid, Language $language, FormWords $words): FrozenForm
    {
        $page = new SlottedText;
        $title = self::escape($this->sheet->draft->title->in($language));
        $within = $laid->page === null ? '' : self::escape($laid->page->title->in($language));
        $page->write("<!doctype html>\n<html lang=\"{$language->value}\">\n<head>\n<meta charset=\"utf-8\">\n"
            ."<meta name=\"viewport\" content=\"width=device-width, initial-scale=1\">\n<meta name=\"referrer\" content=\"same-origin\">\n"
            .'<title>'.($within === '' ? '' : "$within – ")."$title</title>\n<link rel=\"stylesheet\" href=\"".self::escape($this->stylesheet)
            ."\">\n</head>\n<body>\n<main>\n"
            .$this->sign().$this->picture($language).'<p class="who">'.self::escape($words->askedBy).' <b>'.self::escape($this->controller->name)."</b></p>\n"
            ."<h1>$title</h1>\n".($laid->number > 1 ? '' : '<p>'.self::escape($this->sheet->draft->purposeLine->in($language))."</p>\n"));
        if ($laid->page !== null) {
            $page->write($this->progress($laid, $words)."<h2>$within</h2>\n");
        }
        $page->slot('errors')->write('<form method="post" action="'.self::escape($this->address($language))."\" novalidate>\n");
        foreach ($laid->fields as $field) {
            if ($this->layout->boxesOf($field) === []) {
                $this->field($page, $field, $language, $words);
            }
        }
        foreach ($laid->controls as $control) {
            $this->control($page, $control, $language, $words);
        }
        $last = $laid === $this->layout->last();
        $page->write('<p class="small"><a id="notice" href="'.self::escape($this->notice($language)).'">'.self::escape($words->notice)."</a></p>\n");
        if ($last) {
            $page->write('<div class="aside" aria-hidden="true"><label for="'.self::TRAP.'">'.self::escape($words->leaveEmpty).'</label>'
                .'<input id="'.self::TRAP.'" name="'.self::TRAP."\" tabindex=\"-1\" autocomplete=\"off\"></div>\n");
        }
        $page->slot('marks')->write($this->buttons($laid, $last, $language, $words)."</form>\n");
        if ($laid->number === 1) {
            $this->languages($page, $language, $words);
        }
        $page->write(
            '<footer>'.self::escape("{$this->controller->name}, {$this->controller->postalAddress}, {$this->controller->contact}")
                ."</footer>\n</main>\n</body>\n</html>\n"
        );

        return $page->freeze();
    }

    /** The controller's sign; its name stands beside it in words. */
    private function sign(): string
    {
        $sign = $this->controller->look->sign;

        return $sign === null ? ''
            : "<img class=\"sign\" src=\"/frozen/{$sign->digest->hex()}.webp\" alt=\"\" width=\"$sign->width\" height=\"$sign->height\">\n";
    }

    /** The image above the form; nobody has to see it to understand the form. */
    private function picture(Language $language): string
    {
        $picture = $this->sheet->draft->look->picture;
        $shows = self::escape(Texts::from($this->sheet->draft->lookAsWritten()->at('alt'))->orNothing($language));

        return $picture === null ? ''
            : "<img class=\"picture\" src=\"/frozen/{$picture->digest->hex()}.webp\" alt=\"$shows\" width=\"$picture->width\" height=\"$picture->height\">\n";
    }

    /** How far somebody is, where visitors are told. */
    private function progress(LaidPage $laid, FormWords $words): string
    {
        if (! $this->sheet->draft->progress) {
            return '';
        }
        $says = strtr($words->step, [':number' => (string) $laid->number, ':count' => (string) count($this->layout->pages)]);

        return '<p class="step">'.self::escape($says)."</p>\n";
    }

    /** The button that goes on comes first, since Enter presses the first; styles put the way back before it. */
    private function buttons(LaidPage $laid, bool $last, Language $language, FormWords $words): string
    {
        $send = self::escape($last ? $this->sheet->draft->button->in($language) : $words->next);
        if ($laid->page === null) {
            return "<button>$send</button>\n";
        }
        $hidden = '<input type="hidden" name="'.self::PAGE."\" value=\"{$laid->number}\">\n";
        $on = '<button name="'.self::GO.'" value="'.($last ? 'send' : 'next')."\">$send</button>\n";
        $back = $laid->number === 1 ? '' : '<button class="lesser" name="'.self::GO.'" value="back">'.self::escape($words->back)."</button>\n";

        return $hidden.($back === '' ? $on : "<div class=\"ways\">\n$on$back</div>\n");
    }

    private function field(SlottedText $page, Field $field, Language $language, FormWords $words): void
    {
        $name = $field->name();
        $labelling = $field->kind->labelling();
        if ($labelling === Labelling::None) {
            $field->kind->control($page, $field, $language, $words);
            $page->write("\n");

            return;
        }
        $label = self::escape($field->label->in($language)).' <span>('.self::escape($field->required ? $words->required : $words->optional).')</span>';
        $group = $labelling === Labelling::Group;
        $page->write($group ? "<fieldset class=\"{$this->classes($field)}\" id=\"$name\"" : "<div class=\"{$this->classes($field)}\"");
        if ($group && $field->hasHelp()) {
            $page->write(" aria-describedby=\"$name-notes\"");
        } elseif ($group) {
            $page->slot("described:$name");
        }
        $this->mayBeLeftOut($page, $field)->write(">\n".match ($labelling) {
            Labelling::Group => "<legend>$label</legend>\n",
            Labelling::Above => "<label for=\"$name\">$label</label>\n",
            default => '',
        });
        if ($field->hasHelp()) {
            $page->write("<div id=\"$name-notes\"><p class=\"help\">".self::escape($field->help->in($language))."</p>\n")
                ->slot("error:$name")->write("</div>\n");
        } else {
            $page->slot("error:$name");
        }
        $field->kind->control($page, $field, $language, $words);
        $page->write($group ? "\n</fieldset>\n" : "\n</div>\n");
    }

    private function control(SlottedText $page, Control $control, Language $language, FormWords $words): void
    {
        $statement = $this->sheet->statement($control->statement);
        if ($statement === null) {
            return;
        }
        $said = Markup::html($statement->texts->in($language));
        $name = $control->name();
        if ($control->kind === ControlKind::Tick) {
            $page->write("<div class=\"{$this->classes($control)}\"");
            $this->mayBeLeftOut($page, $control)->write(">\n")->slot("error:$name");
            $this->box($page, "id=\"$name\" name=\"$name\" type=\"checkbox\" value=\"yes\"", $name, $said);
            $page->write("</div>\n");

            return;
        }
        $page->write("<fieldset class=\"{$this->classes($control)}\"".($control->kind === ControlKind::Channels ? " id=\"$name\"" : ''));
        $this->mayBeLeftOut($page, $control)->slot("described:$name")
            ->write(">\n<legend>$said".($control->isNeeded() ? ' <span>('.self::escape($words->required).')</span>' : '')."</legend>\n")->slot("error:$name");
        if ($control->kind === ControlKind::YesNo) {
            $needed = $control->isNeeded() ? ' required' : '';
            $page->write("<div class=\"pair\">\n");
            foreach ([[$name, 'yes', $words->yes], [$control->no(), 'no', $words->no]] as [$id, $value, $label]) {
                $this->box($page, "id=\"$id\" name=\"$name\" type=\"radio\" value=\"$value\"$needed", $id, self::escape($label));
            }
            $page->write("</div>\n");
        } else {
            foreach ($statement->channels as $channel) {
                $box = $control->box($channel);
                $this->box($page, "id=\"$box\" name=\"$box\" type=\"checkbox\" value=\"yes\"", $box, self::escape($words->by($channel)));
            }
            $within = $this->layout->fieldWithin($control);
            if ($within !== null) {
                $this->field($page, $within, $language, $words);
            }
        }
        $page->write("</fieldset>\n");
    }

    private function box(SlottedText $page, string $attributes, string $id, string $label): void
    {
        $page->write("<div class=\"tick\"><input $attributes")->slot("state:$id")->write("><label for=\"$id\">$label</label></div>\n");
    }

    private function classes(Field|Control $item): string
    {
        return 'field'.($this->layout->isConditional($item) ? " on-{$item->name()}" : '');
    }

    /** A slot for what an answer on an earlier page leaves out. */
    private function mayBeLeftOut(SlottedText $page, Field|Control $item): SlottedText
    {
        return $this->layout->isConditional($item) ? $page->slot("hides:{$item->name()}") : $page;
    }

    private function languages(SlottedText $page, Language $shown, FormWords $words): void
    {
        if (count($this->sheet->draft->languages) < 2) {
            return;
        }
        $page->write('<nav aria-label="'.self::escape($words->languages).'">');
        foreach ($this->sheet->draft->languages as $language) {
            $page->write($language === $shown
                ? "<span aria-current=\"true\">{$language->endonym()}</span>\n"
                : '<a href="'.self::escape($this->address($language))
                    ."\" lang=\"{$language->value}\" hreflang=\"{$language->value}\">{$language->endonym()}</a>\n");
        }
        $page->write("</nav>\n");
    }

    private function notice(Language $language): string
    {
        return ($this->sheet->draft->notice ?? $this->controller->notice)->orNothing($language);
    }

    private function address(Language $language): string
    {
        return str_replace('LANGUAGE', $language->value, $this->action);
    }

    public static function escape(string $text): string
    {
        return htmlspecialchars($text, ENT_QUOTES | ENT_SUBSTITUTE | ENT_HTML5, 'UTF-8');
    }
}
