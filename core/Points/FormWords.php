<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Register\Channel;

/** The few words of a form that come from Juramen and not from the sheet, in one language. */
final readonly class FormWords
{
    /**
     * @param  string  $required  such as "required", behind a label
     * @param  string  $optional  such as "optional"
     * @param  string  $notice  text of the link to the privacy notice
     * @param  string  $askedBy  such as "Asked by", before the controller's name
     * @param  string  $leaveEmpty  label of the trap field, heard by whoever comes upon it
     * @param  string  $languages  names the list of languages
     * @param  string  $choose  stands in a list of answers of which none is chosen
     * @param  string  $day  of a date; so are month and year
     * @param  string  $street  of an address; so are postcode and town
     * @param  string  $yes  of an answer; so is no
     * @param  string  $next  leads to the next page, back to the one before
     * @param  string  $step  such as "Page :number of :count"
     * @param  list<Offered>  $by  channels, as in "by email"
     */
    public function __construct(
        public string $required,
        public string $optional,
        public string $notice,
        public string $askedBy,
        public string $leaveEmpty,
        public string $languages,
        public string $choose,
        public string $day,
        public string $month,
        public string $year,
        public string $street,
        public string $postcode,
        public string $town,
        public string $yes,
        public string $no,
        public string $next,
        public string $back,
        public string $step,
        public array $by,
    ) {}

    public function by(Channel $channel): string
    {
        foreach ($this->by as $each) {
            if ($each->value === $channel->value) {
                return $each->label;
            }
        }

        return $channel->value;
    }
}
