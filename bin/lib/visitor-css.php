<?php

declare(strict_types=1);

/* The styles of pages that belong to no edition, such as errors: plain, and in Juramen's own accent. */
require dirname(__DIR__, 2).'/vendor/autoload.php';

$none = Juramen\Register\LookDraft::from(Juramen\Canon\Document::from([]));
echo Juramen\Register\Look::of(Juramen\Register\Colour::parse('#0f4c5c'), $none, $none)->css().file_get_contents(dirname(__DIR__, 2).'/resources/css/form.css');
