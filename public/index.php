<?php

declare(strict_types=1);

use App\Http\Flood\FloodGate;
use Illuminate\Http\Request;

require __DIR__.'/../vendor/autoload.php';

$request = Request::capture();
$tooMuch = FloodGate::of(require __DIR__.'/../bootstrap/home.php')->answer($request);
if ($tooMuch !== null) {
    $tooMuch->send();

    return;
}

(require_once __DIR__.'/../bootstrap/app.php')->handleRequest($request);
