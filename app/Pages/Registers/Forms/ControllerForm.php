<?php

declare(strict_types=1);

namespace App\Pages\Registers\Forms;

use App\Models\SenderAddress;
use App\Pages\Controls\Choice;
use App\Pages\Controls\Line;
use App\Pages\Controls\LookForm;
use App\Pages\Controls\Option;
use App\Support\Moments;
use Juramen\Canon\Document;
use Juramen\Register\Colour;
use Juramen\Register\Controller;
use Juramen\Register\Country;
use Juramen\Register\Language;
use Juramen\Register\Look;
use Juramen\Register\LookDraft;
use Juramen\Register\SenderProof;

/** The controls of a controller. */
final readonly class ControllerForm
{
    /**
     * @param  list<Line>  $closings  with which mails end, one for each language
     * @param  list<NoticeLines>  $notices  one for each language
     */
    private function __construct(
        public Line $name,
        public Line $address,
        public Choice $country,
        public Line $contact,
        public Line $dpo,
        public Line $representative,
        public LookForm $look,
        public Line $sender,
        public Line $selector,
        public string $verified,
        public ?SenderProof $proof,
        public array $closings,
        public array $notices,
    ) {}

    public static function of(Controller $controller, ?SenderProof $proof): self
    {
        $sender = SenderAddress::query()->where('controller', $controller->id->text)->where('address', $controller->sender)->first();

        return new self(
            new Line('name', 'Name', $controller->name), new Line('postal-address', 'Postal address', $controller->postalAddress),
            self::countries('country', 'Country', $controller->country),
            new Line('contact', 'Contact', $controller->contact), new Line('dpo', 'Data protection officer', $controller->dpo, 'nobody named'),
            new Line('representative', 'Representative', $controller->representative, 'nobody named'),
            LookForm::of(
                Look::of(Colour::parse($controller->accent), $controller->look, LookDraft::from(Document::from([]))), 'accent', false,
                hasSign: $controller->look->sign !== null
            ),
            new Line('sender', 'Sender of mails', $controller->sender),
            new Line('dkim-selector', 'Name of the key that signs', $controller->dkimSelector, 'not said', needed: false),
            match (true) {
                $sender?->verified_at !== null => 'Whoever reads it said so on '.Moments::exact($sender->verified_at).'.',
                $sender !== null => 'A mail went there on '.Moments::exact($sender->asked_at).'; nobody has pressed its button yet.',
                default => 'Nobody has said yet that they read it.',
            },
            $proof,
            array_map(static fn (Language $l): Line => new Line(
                "closing/{$l->value}", "Closing of mails, {$l->endonym()}", $controller->closing->orNothing($l), "nothing, in {$l->endonym()}", needed: false
            ), Language::cases()),
            array_map(static fn (Language $l): NoticeLines => new NoticeLines(
                $l->value, $l->endonym(), new Line("notice/{$l->value}", "Link to the notice, {$l->endonym()}", $controller->notice->orNothing($l), 'no link'),
                "notice-text/{$l->value}", $controller->noticeText->orNothing($l),
            ), Language::cases()),
        );
    }

    public static function countries(string $place, string $label, ?Country $chosen): Choice
    {
        $options = [new Option('', 'not stated', $chosen === null)];
        foreach (Country::choices($chosen === null ? [] : [$chosen]) as $country) {
            $options[] = new Option($country->code, $country->name(), $chosen?->equals($country) === true);
        }

        return new Choice($place, $label, $options);
    }
}
