<?php

declare(strict_types=1);

use Juramen\Audit\Html\FormElsewhere;
use Juramen\Audit\Html\HtmlReader;

/* A page in whose source no form stands is not without one because of that. */

test('a page that scripts draw is told from one that has no form', function (string $html): void {
    expect(HtmlReader::read($html))->toBe([])->and(FormElsewhere::of($html))->drawn->toBeTrue()->says->toContain('save it as the browser shows it');
})->with([
    'an empty part and a script' => '<!doctype html><title>Join</title><body><div id="root"></div><script src="/app.js"></script>',
    'one of its own modules' => '<!doctype html><title>Join</title><body><main id="app"></main><script type="module">import "/app.js"</script>',
    'a page that says that it needs scripts' => '<!doctype html><title>Join</title><body><p>'.str_repeat('Rowing boats and more. ', 20)
        .'</p><div id="app"></div><noscript>Please switch JavaScript on.</noscript><script src="/app.js"></script>',
    'a template in a script' => '<body><h1>Join</h1><script type="text/template"><form><input type="email"></form></script>',
    'a script that writes it' => '<body><h1>Join</h1><script>document.write("<form><input name=email></form>")</script>',
    'a script that makes it' => '<body><h1>Join</h1><script>box = document.createElement("input"); box.type = "checkbox"</script>',
]);

test('of frames it is said which they are', function (): void {
    $html = '<body><h1>Join</h1><iframe src="https://forms.example/join"></iframe><iframe srcdoc="&lt;input&gt;"></iframe><iframe></iframe>';
    expect(FormElsewhere::of($html))->drawn->toBeFalse()->says->toContain('https://forms.example/join, the words of its srcdoc.');
});

test('a page of words has no form, whatever scripts it has', function (string $html): void {
    expect(FormElsewhere::of($html))->toBeNull();
})->with([
    'words' => '<p>Hello</p>',
    'words and a script that counts' => '<body><h1>Opening hours</h1><p>From nine to five.</p><script>count()</script>',
    'an empty part beside many words' => '<body><p>'.str_repeat('Rowing boats and more. ', 20).'</p><div id="map"></div><script src="/map.js"></script>',
    'data for programs' => '<body><div id="x"></div><p>Hello</p><script type="application/ld+json">{"name": "Tidewick"}</script>',
]);
