<?php

declare(strict_types=1);

namespace App\Pages\Wording;

use App\Pages\Controls\Tab;

/** The paragraph for a controller's notice in one language, and what the notice, where we hold it, lacks. */
final readonly class NoticeView
{
    /**
     * @param  list<Tab>  $languages  to choose from
     * @param  list<string>  $sentences  to be copied into the notice
     * @param  list<string>  $unsaid  what could not be said, because the registers do not say it
     * @param  string|null  $noLink  that no notice is linked in this language; null where one is
     * @param  bool  $held  whether its text is held here
     * @param  list<string>  $lacks
     */
    public function __construct(
        public string $controller,
        public array $languages,
        public string $register,
        public string $language,
        public string $endonym,
        public array $sentences,
        public array $unsaid,
        public ?string $noLink,
        public bool $held,
        public array $lacks,
    ) {}
}
