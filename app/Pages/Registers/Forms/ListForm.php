<?php

declare(strict_types=1);

namespace App\Pages\Registers\Forms;

use App\Pages\Controls\Choice;
use App\Pages\Controls\Line;
use App\Pages\Controls\Option;
use App\Pages\Controls\Several;
use App\Queries\Registers\SheetOnFile;
use Juramen\Canon\Slug;
use Juramen\Points\ListRule;
use Juramen\Points\Registers;
use Juramen\Points\Sentences;
use Juramen\Points\SheetDraft;
use Juramen\Register\Channel;
use Juramen\Register\ContactList;
use Juramen\Register\Language;
use Juramen\Register\Purpose;

/** The controls of a list. */
final readonly class ListForm
{
    /** @param  list<Line>  $publicNames */
    private function __construct(
        public string $controller, public Line $name, public Choice $purpose, public Choice $channel, public Several $statements, public Several $points,
        public Several $languages, public Choice $confirmed, public array $publicNames
    ) {}

    /** @param  list<SheetOnFile>  $sheets */
    public static function of(ContactList $list, Registers $registers, array $sheets): self
    {
        $rule = new ListRule($list, $registers, array_map(static fn (SheetOnFile $s): SheetDraft => $s->draft, $sheets));
        [$statements, $points, $languages, $purposes] = [[], [], [], []];
        foreach ($rule->fitting()->all() as $statement) {
            $statements[$statement->id->text] = $statement->title();
        }
        foreach ($sheets as $sheet) {
            if ($sheet->draft->controller->equals($list->controller)) {
                $points[$sheet->slug] = $sheet->draft->name;
            }
        }
        foreach (Language::cases() as $language) {
            $languages[$language->value] = $language->endonym();
        }
        foreach ($registers->purposes->filter(static fn (Purpose $p): bool => $p->controller->equals($list->controller))->all() as $purpose) {
            $purposes[$purpose->id->text] = $purpose->title();
        }
        $chosen = array_map(static fn (Language $l): string => $l->value, $list->languages);

        return new self(
            $registers->controller($list->controller)->name, new Line('name', 'Name, for the office', $list->name),
            new Choice('purpose', 'Purpose', Option::all($purposes, [$list->purpose->text])),
            new Choice('channel', 'Channel', Option::all(array_combine(
                array_column(Channel::cases(), 'value'), array_column(Channel::cases(), 'value')
            ), [$list->channel->value])),
            self::some('statements', 'Statements', $statements, $list->statements, 'any statement that asks for it'),
            self::some('points', 'Signup points', $points, $list->points, 'any point'),
            self::choose('languages', 'Languages', $languages, $chosen, 'any language'),
            Choice::yesNo('confirmed', 'Who is on it', $list->confirmed, 'once they have confirmed', 'also where nobody has to confirm'),
            array_map(static fn (Language $l): Line => new Line(
                "public-name/{$l->value}", $l->endonym(), $list->publicName->orNothing($l),
                $registers->purposes->get($list->purpose)?->names->orNothing($l) ?: 'no name',
                needed: false
            ), Language::cases()),
        );
    }

    /**
     * @param  array<string, string>  $texts
     * @param  list<Slug>  $chosen
     */
    private static function some(string $place, string $label, array $texts, array $chosen, string $any): Several
    {
        return self::choose($place, $label, $texts, array_map(static fn (Slug $s): string => $s->text, $chosen), $any);
    }

    /**
     * What was chosen and does not fit any more stays to be seen, and can be taken out.
     *
     * @param  array<string, string>  $texts
     * @param  list<string>  $chosen
     */
    private static function choose(string $place, string $label, array $texts, array $chosen, string $any): Several
    {
        foreach ($chosen as $each) {
            $texts[$each] ??= ucfirst(str_replace('-', ' ', $each));
        }
        $named = array_map(static fn (string $each): string => $texts[$each], $chosen);

        return new Several($place, $label, $named === [] ? $any : Sentences::listed($named), Option::all($texts, $chosen));
    }
}
