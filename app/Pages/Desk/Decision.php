<?php

declare(strict_types=1);

namespace App\Pages\Desk;

/** Something that needs a person, in a sentence with one action. */
final readonly class Decision
{
    /**
     * @param  int  $urgency  0 today, 1 by a date, 2 waiting
     * @param  string  $when  such as "Today" or "27 Nov"
     * @param  string  $about  the words in bold with which the sentence begins
     */
    public function __construct(
        public int $urgency, public string $when, public string $about, public string $says, public string $more, public string $do, public string $link,
        public string $sort = ''
    ) {}
}
