<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Register\Language;
use Juramen\Register\LookDraft;
use Juramen\Register\Schema\DepartureValue;
use Juramen\Register\Schema\Item;
use Juramen\Register\Schema\Items;
use Juramen\Register\Schema\Marks;
use Juramen\Register\Schema\Member;
use Juramen\Register\Schema\Number;
use Juramen\Register\Schema\OneOf;
use Juramen\Register\Schema\Schema;
use Juramen\Register\Schema\Some;
use Juramen\Register\Schema\Text;
use Juramen\Register\Schema\TextForm;
use Juramen\Register\Schema\Writer;
use Juramen\Register\Schema\YesNo;

/** Which places a sheet has, and what may be written in each. */
final class SheetSchema
{
    /** What may be written of one. */
    public static function schema(): Schema
    {
        return new Schema(Writer::Editor, [
            new Member('point', 'the signup point', new Text(60, TextForm::Slug, needed: true), needed: true, writer: Writer::Nobody),
            new Member('controller', 'the controller', new Text(60, TextForm::Slug, needed: true), needed: true, writer: Writer::Nobody),
            new Member('name', 'the name', new Text(100, needed: true), needed: true),
            new Member('place', 'the place where it stands', new Text(200), needed: true, redraws: true),
            new Member('kind', 'the kind of form', new OneOf(array_column(FormKind::cases(), 'value')), redraws: true, needed: true),
            new Member('countries', 'countries', new Some(TextForm::Country), redraws: true),
            new Member('languages', 'languages', new Some(array_column(Language::cases(), 'value'), needed: true), redraws: true, needed: true),
            new Member('elsewhere', 'the address on another system', new Text(500, TextForm::Link), redraws: true),
            ...LookDraft::ofPoint(),
            new Member('for-children', 'whether it is aimed at children', new YesNo, redraws: true),
            new Member('opens', 'the first day', new Text(10, TextForm::Day)),
            new Member('closes', 'the last day', new Text(10, TextForm::Day)),
            ...self::texts('title', 'the title', 200),
            ...self::texts('purpose-line', 'the line under the title', 500),
            ...self::texts('button', 'the button\'s text', 100),
            new Member('notice', 'the links to the privacy notice', new Item, redraws: true, mayGo: true),
            // What is no link yet is written and found; nothing with it is published.
            new Member('notice/{language}', 'the link to the privacy notice', new Text(500)),
            new Member('fields', 'fields', new Items, redraws: true, needed: true),
            new Member('fields/{item}', 'the field {item}', new Item, redraws: true, mayGo: true),
            new Member('fields/{item}/id', 'the field\'s id', new Text(60, TextForm::Slug, needed: true), writer: Writer::Nobody),
            new Member('fields/{item}/kind', 'the kind of field', new OneOf(FieldKinds::ids()), redraws: true),
            new Member('fields/{item}/label', 'the labels of {item}', new Item),
            new Member('fields/{item}/label/{language}', 'the label of {item}', new Text(200)),
            new Member('fields/{item}/help', 'the help of {item}', new Item, mayGo: true),
            new Member('fields/{item}/help/{language}', 'the help of {item}', new Text(300)),
            new Member('fields/{item}/options', 'the answers of {item}', new Items, redraws: true),
            new Member('fields/{item}/options/{item}', 'an answer of {item}', new Item, redraws: true, mayGo: true),
            new Member('fields/{item}/options/{item}/id', 'the answer\'s id', new Text(60, TextForm::Slug, needed: true), writer: Writer::Nobody),
            new Member('fields/{item}/options/{item}/label', 'the words of an answer of {item}', new Item),
            new Member('fields/{item}/options/{item}/label/{language}', 'the words of an answer of {item}', new Text(200)),
            new Member('fields/{item}/required', 'whether {item} must be filled in', new YesNo),
            new Member('fields/{item}/reason', 'the reason of {item}', new Text(300)),
            new Member('fields/{item}/page', 'the page of {item}', new Text(60, TextForm::Slug), redraws: true),
            ...self::condition('fields/{item}'),
            new Member('fields/{item}/terms', 'the terms', new Item),
            new Member('fields/{item}/terms/name', 'the names of the terms', new Item),
            new Member('fields/{item}/terms/name/{language}', 'the name of the terms', new Text(200)),
            new Member('fields/{item}/terms/edition', 'the edition of the terms', new Text(60)),
            new Member('fields/{item}/terms/link', 'the links to the terms', new Item),
            new Member('fields/{item}/terms/link/{language}', 'the link to the terms', new Text(500)),
            new Member('fields/{item}/adds', 'whether new answers to {item} are added to earlier ones', new YesNo),
            new Member('fields/{item}/marks', 'the marks of {item}', new Marks, redraws: true),
            new Member('pages', 'pages', new Items, redraws: true),
            new Member('pages/{item}', 'the page {item}', new Item, redraws: true, mayGo: true),
            new Member('pages/{item}/id', 'the page\'s id', new Text(60, TextForm::Slug, needed: true), writer: Writer::Nobody),
            new Member('pages/{item}/title', 'the titles of {item}', new Item),
            new Member('pages/{item}/title/{language}', 'the title of {item}', new Text(100)),
            new Member('progress', 'whether visitors see how far they are', new YesNo, redraws: true),
            new Member('recipients', 'recipients', new Items, redraws: true),
            new Member('recipients/{item}', 'the recipient {item}', new Item, redraws: true, mayGo: true),
            new Member('recipients/{item}/id', 'the recipient\'s id', new Text(60, TextForm::Slug, needed: true), writer: Writer::Nobody),
            new Member('recipients/{item}/address', 'the address of {item}', new Text(254, TextForm::Address), redraws: true),
            new Member('recipients/{item}/whole', 'whether {item} gets the words', new YesNo, writer: Writer::Nobody),
            new Member('recipients/{item}/gets', 'what {item} gets', new OneOf(array_column(RecipientGets::cases(), 'value'))),
            new Member('recipients/{item}/languages', 'the languages of {item}', new Some(array_column(Language::cases(), 'value')), redraws: true),
            ...self::condition('recipients/{item}'),
            new Member('acknowledges', 'whether arrival is acknowledged', new YesNo),
            new Member('statements', 'statements', new Items, redraws: true, needed: true),
            new Member('statements/{item}', 'the statement {item}', new Item, redraws: true, mayGo: true),
            new Member('statements/{item}/id', 'the statement', new Text(60, TextForm::Slug, needed: true), writer: Writer::Nobody),
            new Member('statements/{item}/control', 'how {item} is answered', new OneOf(array_column(ControlKind::cases(), 'value')), redraws: true),
            new Member('statements/{item}/needed', 'whether {item} must be answered', new YesNo, redraws: true),
            new Member('statements/{item}/page', 'the page of {item}', new Text(60, TextForm::Slug), redraws: true),
            ...self::condition('statements/{item}'),
            new Member('after', 'what comes after it', new Item, mayGo: true),
            new Member('after/in-place', 'whether what stands after sending takes the place of the form', new YesNo),
            ...self::texts('after/sent', 'the words after sending', 1000, TextForm::Paragraphs),
            ...self::texts('after/confirmed', 'the words after confirming', 1000, TextForm::Paragraphs),
            ...self::texts('after/next', 'the next step', 100),
            ...self::texts('after/next-to', 'where the next step leads', 500, TextForm::Link),
            ...self::texts('after/sent-to', 'where whoever sent it is led', 500, TextForm::Link),
            ...self::texts('after/confirmed-to', 'where whoever confirmed is led', 500, TextForm::Link),
            new Member(SecondWords::PLACE, 'the second version', new Item, mayGo: true),
            ...self::texts('second/title', 'the title of the second version', 200),
            ...self::texts('second/purpose-line', 'the line under the title of the second version', 500),
            ...self::texts('second/button', 'the button\'s text in the second version', 100),
            new Member('gift', 'the gift', new Item, redraws: true, mayGo: true),
            ...self::texts('gift/name', 'what the gift is called', 120),
            new Member('gift/file', 'the file', new Text(300, TextForm::File), writer: Writer::Nobody),
            new Member('gift/days', 'the days for which its link works', new Number(1, 365), redraws: true),
            new Member('gift/spot', 'whether it is handed over on the spot', new YesNo, redraws: true),
            new Member('departures', 'the departures', new Item),
            new Member('departures/{rule}', 'the departure from', new DepartureValue, redraws: true, mayGo: true),
        ]);
    }

    /** @return list<Member> */
    private static function condition(string $item): array
    {
        return [
            new Member("$item/when", 'when {item} is shown', new Item, redraws: true, mayGo: true),
            new Member("$item/when/field", 'the field on which {item} hangs', new Text(60, TextForm::Slug), redraws: true),
            new Member("$item/when/answers", 'the answers that call for {item}', new Some(TextForm::Slug), redraws: true),
        ];
    }

    /** @return list<Member> */
    private static function texts(string $place, string $what, int $longest, TextForm $form = TextForm::Line): array
    {
        return [new Member($place, $what, new Item), new Member("$place/{language}", $what, new Text($longest, $form))];
    }
}
