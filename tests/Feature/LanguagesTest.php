<?php

declare(strict_types=1);

use App\Models\Point;
use App\Models\User;
use Illuminate\Support\Arr;
use Juramen\Register\Language;
use Tests\Support\Visitor;

uses(Visitor::class);

test('every word that visitors read exists in every language, with the same placeholders', function (): void {
    $of = static fn (Language $language, string $file): array => Arr::dot(require base_path("resources/lang/{$language->value}/$file.php"));
    $names = static fn (string $text): array => (static function () use ($text): array {
        preg_match_all('/:[a-z]+/', $text, $m);
        $found = array_unique($m[0]);
        sort($found);

        return $found;
    })();
    foreach (['visitor', 'points'] as $file) {
        $english = $of(Language::English, $file);
        foreach (Language::cases() as $language) {
            $other = $of($language, $file);
            expect(array_keys($other))->toEqualCanonicalizing(array_keys($english));
            foreach ($english as $key => $text) {
                expect($names($other[$key]))->toBe($names($text), "$key in {$language->value}")->and(trim($other[$key]))->not->toBe('');
            }
        }
    }
});

test('a form in Swedish and Danish is shown, sent, confirmed and answered in its language', function (string $language, string $sent, string $confirmed, string $missing): void {
    $officer = User::query()->firstOrFail();
    $sheet = [
        'title' => 'Nyheter', 'purpose-line' => 'Nya turer.', 'button' => 'Skicka', 'fields/first-name/label' => 'Namn', 'fields/email/label' => 'E-post',
    ];
    $this->actingAs($officer);
    $record = Point::query()->firstOrFail()->record;
    $change = fn (string $place, mixed $value) => $this->post(
        '/points/footer-newsletter/change', ['place' => $place, 'value' => $value, 'base' => newestOf($record)]
    );
    foreach ($sheet as $place => $text) {
        $change("$place/$language", $text)->assertOk();
    }
    $change('languages', ['en', $language])->assertOk()->assertSee('No finding');
    publishNow('footer-newsletter', User::query()->where('name', 'Arne Holmqvist')->firstOrFail());
    auth()->logout();
    $this->get("/forms/footer-newsletter/$language")->assertOk()->assertSee('lang="'.$language.'"', false);
    $this->signUp('', language: $language)->assertStatus(422)->assertSee($missing);
    $this->get($this->signUp('oda@post.example', language: $language)->assertRedirect()->headers->get('Location'))->assertOk()->assertSee($sent);
    $this->mailsAreTaken();
    $this->post('/confirm', ['token' => $this->confirmToken()])->assertOk()->assertSee($confirmed);
})->with([['sv', 'Titta i din inkorg', 'Du är anmäld', 'Skriv din e-postadress.'], ['da', 'Se i din indbakke', 'Du er tilmeldt', 'Skriv din e-mailadresse.']]);
