<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Actions\Signup\HoldSubmission;
use App\Actions\Signup\Signup;
use Carbon\CarbonImmutable;
use Closure;
use Juramen\Canon\Id;
use Juramen\Canon\Instant;
use Juramen\Consent\How;
use Juramen\Points\FieldValue;
use Juramen\Points\PointEdition;
use Juramen\Points\Said;
use Juramen\Register\EmailAddress;
use Juramen\Register\Language;
use Juramen\Screening\Nearby;
use Juramen\Screening\Screen;
use Juramen\Screening\SubmissionFacts;

/** What screening held in the last days: a wave of one program, another that writes, and two people whom it mistook. */
final readonly class Held
{
    private const WAVE = [
        'qzvkrt.82@castaway.example' => 'Qzvkrt Wmxpl', 'xwpltm.17@castaway.example' => 'Xwpltm Bqrzk', 'vbnqrw.55@castaway.example' => 'Vbnqrw Zxcvt',
        'kjhgtr.03@castaway.example' => 'Kjhgtr Pwqxz', 'mnbwxq.41@castaway.example' => 'Mnbwxq Trvkz', 'zxqwrt.96@castaway.example' => 'Zxqwrt Kplmv',
    ];

    private const WRITTEN = [
        'deals.north@bulk.example' => 'Cheap berths and casino nights, limited offer, click now and save 70 % on every voyage!',
        'deals.south@bulk.example' => 'Cheap berths and casino nights, limited offer, click here and save 80 % on every voyage!',
        'best.rates@bulk.example' => 'Cheap berths, casino nights, limited offer: click now and save 75 % on every single voyage!',
    ];

    /** @param  Closure(CarbonImmutable, Closure): mixed  $at  does something at a moment of the past */
    public function __construct(private HoldSubmission $hold, private Closure $at) {}

    public function load(CarbonImmutable $today, PointEdition $newsletter, PointEdition $contact): void
    {
        $when = $today->subDay()->setTime(4, 11);
        foreach (array_keys(self::WAVE) as $i => $email) {
            $this->one($when->addSeconds(19 * $i), $newsletter, $email, ['first-name' => self::WAVE[$email]], new SubmissionFacts(
                false, $i % 2, randomAddress: 0.9, randomName: 0.95, near: new Nearby(network: 18 + $i)
            ));
        }
        foreach (array_keys(self::WRITTEN) as $i => $email) {
            $this->one($today->subDays(2)->setTime(22, 40 + 3 * $i), $contact, $email, ['name' => 'Best Rates', 'message' => self::WRITTEN[$email]],
                new SubmissionFacts(false, 14, spamText: 0.95, links: 2));
        }
        foreach (['ysolde.quirke@inbox.example' => 'Ysolde', 'halvor.strand@post.example' => 'Halvor'] as $email => $name) {
            $this->one($today->subDays(2)->setTime(18, strlen($name)), $newsletter, $email, ['first-name' => $name], new SubmissionFacts(true, 12));
        }
    }

    /** @param  array<string, string>  $values */
    private function one(CarbonImmutable $when, PointEdition $edition, string $email, array $values, SubmissionFacts $facts): void
    {
        ($this->at)($when, fn () => ($this->hold)(new Signup(
            $edition, Language::from('en'), EmailAddress::parse($email),
            array_map(static fn (string $n, string $v): FieldValue => new FieldValue($n, $v), array_keys($values), $values),
            [Said::yes($edition->sheet->statements[0])], How::FormServed, 'page', Instant::of($when->toDateTimeImmutable()), Id::random(), '203.0.113.0/24',
            recipients: $edition->sheet->draft->kind->servesSomethingElse() ? ['desk'] : [],
        ), (new Screen)->assess($facts)));
    }
}
