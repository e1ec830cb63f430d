<?php

declare(strict_types=1);

namespace App\Pages\Points;

use App\Pages\Controls\Choice;
use App\Pages\Controls\Line;
use App\Pages\Controls\Option;
use App\Pages\Controls\Press;
use Juramen\Points\Gift;
use Juramen\Points\SheetDraft;
use Juramen\Register\Language;

/** The controls of what a form gives. */
final readonly class GiftForm
{
    /**
     * @param  list<Line>  $names  what people know it as, in each language
     * @param  string  $file  which one it is; empty where none is chosen
     * @param  string  $when  to whom it is given, and when
     */
    private function __construct(
        public ?Press $begin, public array $names, public string $file, public ?Choice $days, public ?Choice $spot, public string $when, public ?Press $remove
    ) {}

    /** @param  bool  $without  whether it is given also to whoever agrees to nothing */
    public static function of(SheetDraft $draft, bool $without): self
    {
        $gift = $draft->gift;
        if ($gift === null) {
            $begin = new Press('give', 'gift/days', 'Give something for it', 'Give something', 'set', (string) Gift::DAYS);

            return new self($begin, [], '', null, null, '', null);
        }
        $days = [];
        foreach (array_unique([7, 14, 30, 60, 90, 365, $gift->days]) as $each) {
            $days[$each] = "$each days";
        }
        ksort($days);

        return new self(
            null,
            array_map(static fn (Language $l): Line => new Line(
                "gift/name/{$l->value}", "What the gift is called, {$l->endonym()}", $gift->name->orNothing($l), "a name in {$l->endonym()}"
            ), $draft->languages),
            $gift->file === null ? '' : "{$gift->file->name}, {$gift->file->sizeSaid()}",
            new Choice('gift/days', 'Days for which the link works', Option::all($days, [(string) $gift->days])),
            Choice::yesNo('gift/spot', 'How it is given', $gift->spot, 'handed over on the spot, by whoever stands there', 'given by a link of their own'),
            $without ? 'Whoever confirms gets it on the page behind the button and in the welcome mail; whoever agrees to nothing, in the mail that it arrived.'
                : 'Whoever confirms gets it on the page behind the button and in the welcome mail, and nobody else does.',
            new Press('give-nothing', 'gift', 'Give nothing', 'Give nothing', 'remove')
        );
    }
}
