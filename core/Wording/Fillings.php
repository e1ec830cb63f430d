<?php

declare(strict_types=1);

namespace Juramen\Wording;

use Juramen\Register\Channel;
use Juramen\Register\Controller;
use Juramen\Register\Language;
use Juramen\Register\Processor;
use Juramen\Register\Purpose;
use Juramen\Register\Texts;

/** What the placeholders of a purpose's statements stand for, from the registers as they are. */
final readonly class Fillings
{
    /** @param  list<Processor>  $recipients  that get the details for their own use */
    public function __construct(private Controller $controller, private Purpose $purpose, private array $recipients) {}

    /** The statement with everything filled that can be; what cannot is left as an ellipsis. */
    public function fill(Statement $statement): Statement
    {
        return $statement->withTexts($statement->texts->map(function (string $text, Language $language) use ($statement): string {
            $values = [];
            foreach (Placeholder::namesIn($text) as $name) {
                $values['{'.$name.'}'] = $this->value($name, $language, $statement)[0] ?? '…';
            }

            return strtr($text, $values);
        }));
    }

    /** @return list<Unfilled> */
    public function missing(Statement $statement): array
    {
        $missing = [];
        foreach ($statement->texts->languages() as $language) {
            foreach (Placeholder::namesIn($statement->texts->in($language)) as $name) {
                [$value, $why] = $this->value($name, $language, $statement);
                if ($value === null) {
                    $missing[] = new Unfilled($name, $language, $why);
                }
            }
        }

        return $missing;
    }

    /** @return array{string|null, string} the value, or null and why there is none */
    private function value(string $name, Language $language, Statement $statement): array
    {
        $in = static fn (Texts $texts): ?string => $texts->has($language) ? $texts->in($language) : null;
        $tongue = $language->endonym();
        $names = array_map(static fn (Processor $p): string => Markup::escape($p->name), $this->recipients);

        return match (Placeholder::tryFrom($name)) {
            Placeholder::Controller => [Markup::escape($this->controller->name), ''],
            Placeholder::Contact => [
                trim($this->controller->contact) === '' ? null : Markup::escape($this->controller->contact),
                "{$this->controller->name} does not say where people reach it; say it in the controller's register.",
            ],
            Placeholder::Notice => [
                $in($this->controller->notice) === null ? null : '['.Phrases::notice($language).']('.$in($this->controller->notice).')',
                "{$this->controller->name} has no privacy notice in $tongue; give its link in the controller's register.",
            ],
            Placeholder::Withdrawal => [
                Phrases::withdrawal($language, $statement->channels[0] ?? Channel::Email, Markup::escape($this->controller->contact)), '',
            ],
            Placeholder::Rate => [
                $in($this->purpose->rates), "The purpose {$this->purpose->id} does not say in $tongue how often it comes; say it in the purpose's register.",
            ],
            Placeholder::Recipients => [
                $names === [] ? null : Phrases::listed($language, $names),
                "No recipient is on record for the purpose {$this->purpose->id}; enter who gets the details under processors and recipients.",
            ],
            null => [null, 'There is no such placeholder; those known are '.Placeholder::list().'.'],
        };
    }
}
