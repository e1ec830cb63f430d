<?php

declare(strict_types=1);

/* Prints prepared sign-ups, a body on each line, with fresh marks from a while ago and addresses that nobody had before. */

use App\Actions\Signup\FormMarks;
use App\Support\PublishedForms;
use Illuminate\Support\Carbon;
use Juramen\Points\FieldValue;
use Juramen\Register\Language;

$root = dirname(__DIR__, 3);
require "$root/vendor/autoload.php";
(require "$root/bootstrap/app.php")->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
Carbon::setTestNow(now()->subMinute());
[$edition, $marks] = [app(PublishedForms::class)->current('footer-newsletter'), app(FormMarks::class)];
for ($i = 0; $i < (int) $argv[1]; $i++) {
    $fields = ['email' => 'bench.'.random_int(1, PHP_INT_MAX).'@post.example', 'yes-voyage-news' => 'yes'];
    array_map(static function (FieldValue $mark) use (&$fields): void {
        $fields[$mark->name] = $mark->value;
    }, $marks->issue($edition, Language::English));
    echo http_build_query($fields), "\n";
}
