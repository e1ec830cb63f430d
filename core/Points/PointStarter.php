<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Register\Texts;

/** What a new signup point begins from: never an empty canvas, and never anything answered beforehand. */
final readonly class PointStarter
{
    /**
     * @param  string  $id  fixed
     * @param  string  $about  what it is for and what to mind, for the office
     * @param  list<StarterField>  $fields  in the order asked
     * @param  bool  $tells  whether somebody is told at once what was sent
     */
    public function __construct(
        public string $id, public string $name, public string $about, public FormKind $kind, public array $fields, public Texts $title,
        public Texts $purposeLine, public Texts $button, public bool $tells = false, public bool $forChildren = false
    ) {}
}
