<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Register\Controller;
use Juramen\Register\Language;
use Juramen\Wording\Markup;
use Juramen\Wording\Statement;

/**
 * The one renderer of forms: a sheet in one language as a whole HTML page, without script, cookie or anything
 * from outside. Fields carry labels that stay, and nothing is answered beforehand.
 */
final readonly class FormRenderer
{
    /** The trap: people do not see it, and whoever fills it in did not look. */
    public const TRAP = 'homepage';

    /**
     * @param  Sheet  $sheet  with every text in every language it offers
     * @param  string  $action  where the form is sent; with "LANGUAGE" in place of the language
     * @param  string  $stylesheet  address of the frozen CSS
     */
    public function __construct(private Sheet $sheet, private Controller $controller, private string $action, private string $stylesheet) {}

    /** @return non-empty-list<FrozenForm> its pages, in the order shown */
    public function pages(Language $language, FormWords $words): array
    {
        return [$this->render($language, $words)];
    }

    /** The page on which it is sent. */
    public function render(Language $language, FormWords $words): FrozenForm
    {
        $page = new SlottedText;
        $title = self::escape($this->sheet->draft->title->in($language));
        $page->write("<!doctype html>\n<html lang=\"{$language->value}\">\n<head>\n<meta charset=\"utf-8\">\n"
            ."<meta name=\"viewport\" content=\"width=device-width, initial-scale=1\">\n<meta name=\"referrer\" content=\"same-origin\">\n"
            ."<title>$title</title>\n<link rel=\"stylesheet\" href=\"".self::escape($this->stylesheet)."\">\n</head>\n<body>\n<main>\n"
            .'<p class="who">'.self::escape($words->askedBy).' <b>'.self::escape($this->controller->name)."</b></p>\n"
            ."<h1>$title</h1>\n<p>".self::escape($this->sheet->draft->purposeLine->in($language))."</p>\n")
            ->slot('errors')
            ->write('<form method="post" action="'.self::escape($this->address($language))."\" novalidate>\n");
        foreach ($this->sheet->draft->fields as $field) {
            $this->field($page, $field, $language, $words);
        }
        foreach ($this->sheet->statements as $statement) {
            $this->tickBox($page, $statement, $language);
        }
        $page->write('<p class="small"><a id="notice" href="'.self::escape($this->notice($language)).'">'.self::escape($words->notice)."</a></p>\n"
            .'<div class="aside" aria-hidden="true"><label for="'.self::TRAP.'">'.self::escape($words->leaveEmpty).'</label>'
            .'<input id="'.self::TRAP.'" name="'.self::TRAP."\" tabindex=\"-1\" autocomplete=\"off\"></div>\n")
            ->slot('marks')
            ->write('<button>'.self::escape($this->sheet->draft->button->in($language))."</button>\n</form>\n");
        $this->languages($page, $language, $words);
        $page->write(
            '<footer>'.self::escape("{$this->controller->name}, {$this->controller->postalAddress}, {$this->controller->contact}")
                ."</footer>\n</main>\n</body>\n</html>\n"
        );

        return $page->freeze();
    }

    private function field(SlottedText $page, Field $field, Language $language, FormWords $words): void
    {
        $name = $field->name();
        $label = self::escape($field->label->in($language)).' <span>('.self::escape($field->required ? $words->required : $words->optional).')</span>';
        $group = $field->kind->isGroup();
        $page->write($group ? "<fieldset class=\"field\" id=\"$name\"" : "<div class=\"field\">\n<label for=\"$name\">$label</label>\n");
        if ($group && $field->hasHelp()) {
            $page->write(" aria-describedby=\"$name-notes\"");
        } elseif ($group) {
            $page->slot("described:$name");
        }
        $page->write($group ? ">\n<legend>$label</legend>\n" : '');
        if ($field->hasHelp()) {
            $page->write("<div id=\"$name-notes\"><p class=\"help\">".self::escape($field->help->in($language))."</p>\n")
                ->slot("error:$name")->write("</div>\n");
        } else {
            $page->slot("error:$name");
        }
        $field->kind->control($page, $field, $language, $words);
        $page->write($group ? "\n</fieldset>\n" : "\n</div>\n");
    }

    private function tickBox(SlottedText $page, Statement $statement, Language $language): void
    {
        $name = self::controlName($statement->id->text);
        $page->write("<div class=\"field\">\n")
            ->slot("error:$name")
            ->write("<div class=\"tick\"><input id=\"$name\" name=\"$name\" type=\"checkbox\" value=\"yes\"")
            ->slot("state:$name")
            ->write("><label for=\"$name\">".Markup::html($statement->texts->in($language))."</label></div>\n</div>\n");
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

    /** The name of a statement's control on the form. */
    public static function controlName(string $statement): string
    {
        return 'yes-'.$statement;
    }

    public static function escape(string $text): string
    {
        return htmlspecialchars($text, ENT_QUOTES | ENT_SUBSTITUTE | ENT_HTML5, 'UTF-8');
    }
}
