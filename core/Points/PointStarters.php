<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Register\Texts;

/** The kinds of signup points that one begins with, with reasons and words of our own; each is judged by the same requirements as any other. */
final class PointStarters
{
    /** @return non-empty-list<PointStarter> */
    public static function all(): array
    {
        return [
            new PointStarter(
                'newsletter', 'Newsletter', 'One box, one purpose; confirmed by mail.', FormKind::Newsletter, [
                    new StarterField('first-name', false, 'our mails greet the person'),
                    new StarterField('email', true, 'what was agreed to goes there'),
                ],
                Texts::from([
                    'en' => 'News by email',
                    'de' => 'Neues per E-Mail',
                    'fr' => 'Nos nouvelles par e-mail',
                    'sv' => 'Nyheter via e-post',
                    'da' => 'Nyt på e-mail',
                ]),
                Texts::from([
                    'en' => 'Tick what you would like; you can stop at any time.',
                    'de' => 'Haken Sie an, was Sie möchten; Sie können jederzeit aufhören.',
                    'fr' => 'Cochez ce que vous souhaitez ; vous pouvez arrêter à tout moment.',
                    'sv' => 'Kryssa i det du vill ha; du kan sluta när som helst.',
                    'da' => 'Sæt kryds ved det, du vil have; du kan stoppe når som helst.',
                ]),
                Texts::from([
                    'en' => 'Sign me up',
                    'de' => 'Anmelden',
                    'fr' => 'M’inscrire',
                    'sv' => 'Anmäl mig',
                    'da' => 'Tilmeld mig',
                ]),
            ),
            new PointStarter(
                'contact', 'Contact form with an optional newsletter',
                'The message arrives whatever is ticked; a box beside it asks for the newsletter.', FormKind::Contact, [
                    new StarterField('name', false, 'the answer greets the person'),
                    new StarterField('email', true, 'the answer goes there'),
                    new StarterField('message', true, 'it is what the person wants'),
                ],
                Texts::from([
                    'en' => 'Write to us',
                    'de' => 'Schreiben Sie uns',
                    'fr' => 'Écrivez-nous',
                    'sv' => 'Skriv till oss',
                    'da' => 'Skriv til os',
                ]),
                Texts::from([
                    'en' => 'We answer by email.',
                    'de' => 'Wir antworten per E-Mail.',
                    'fr' => 'Nous répondons par e-mail.',
                    'sv' => 'Vi svarar via e-post.',
                    'da' => 'Vi svarer på e-mail.',
                ]),
                Texts::from([
                    'en' => 'Send',
                    'de' => 'Senden',
                    'fr' => 'Envoyer',
                    'sv' => 'Skicka',
                    'da' => 'Send',
                ]), tells: true,
            ),
            new PointStarter(
                'prize-draw', 'Prize draw', 'Every entry counts, ticked or not. Name the terms and the closing day before publishing.', FormKind::PrizeDraw, [
                    new StarterField('name', true, 'the winner is told by name'),
                    new StarterField('email', true, 'the winner is told there'),
                    new StarterField('terms', true, 'a draw has terms'),
                ],
                Texts::from([
                    'en' => 'Enter the draw',
                    'de' => 'Nehmen Sie an der Verlosung teil',
                    'fr' => 'Participez au tirage',
                    'sv' => 'Var med i utlottningen',
                    'da' => 'Deltag i lodtrækningen',
                ]),
                Texts::from([
                    'en' => 'One entry each. Your entry counts whether or not you tick the box.',
                    'de' => 'Eine Teilnahme je Person. Sie zählt, ob Sie das Kästchen anhaken oder nicht.',
                    'fr' => 'Une participation par personne. Elle compte, que vous cochiez la case ou non.',
                    'sv' => 'Ett bidrag per person. Det räknas vare sig du kryssar i rutan eller inte.',
                    'da' => 'Ét bidrag per person. Det tæller, uanset om du sætter kryds.',
                ]),
                Texts::from([
                    'en' => 'Enter',
                    'de' => 'Teilnehmen',
                    'fr' => 'Participer',
                    'sv' => 'Delta',
                    'da' => 'Deltag',
                ]), tells: true,
            ),
            new PointStarter(
                'download', 'Gated download', 'The file is sent whatever is ticked; it is never the price of a consent.', FormKind::Download, [
                    new StarterField('email', true, 'the file goes there'),
                ],
                Texts::from([
                    'en' => 'Get it by email',
                    'de' => 'Per E-Mail erhalten',
                    'fr' => 'Recevez-le par e-mail',
                    'sv' => 'Få det via e-post',
                    'da' => 'Få det på e-mail',
                ]),
                Texts::from([
                    'en' => 'We send it to your address. You get it whether or not you tick the box.',
                    'de' => 'Wir schicken es an Ihre Adresse. Sie bekommen es, ob Sie das Kästchen anhaken oder nicht.',
                    'fr' => 'Nous l’envoyons à votre adresse. Vous le recevez, que vous cochiez la case ou non.',
                    'sv' => 'Vi skickar det till din adress. Du får det vare sig du kryssar i rutan eller inte.',
                    'da' => 'Vi sender det til din adresse. Du får det, uanset om du sætter kryds.',
                ]),
                Texts::from([
                    'en' => 'Send it to me',
                    'de' => 'Zuschicken',
                    'fr' => 'Me l’envoyer',
                    'sv' => 'Skicka det',
                    'da' => 'Send det til mig',
                ]), tells: true,
            ),
            new PointStarter(
                'account', 'Account registration', 'Terms are accepted by a control of their own, apart from any consent.', FormKind::Account, [
                    new StarterField('first-name', true, 'it stands in the account'),
                    new StarterField('last-name', true, 'it stands in the account'),
                    new StarterField('email', true, 'the account is opened with it'),
                    new StarterField('terms', true, 'the account is a contract'),
                ],
                Texts::from([
                    'en' => 'Open an account',
                    'de' => 'Konto eröffnen',
                    'fr' => 'Ouvrez un compte',
                    'sv' => 'Öppna ett konto',
                    'da' => 'Opret en konto',
                ]),
                Texts::from([
                    'en' => 'Your account opens whether or not you tick the box about news.',
                    'de' => 'Ihr Konto wird eröffnet, ob Sie Neuigkeiten anhaken oder nicht.',
                    'fr' => 'Votre compte est ouvert, que vous cochiez la case des nouvelles ou non.',
                    'sv' => 'Ditt konto öppnas vare sig du kryssar i nyheter eller inte.',
                    'da' => 'Din konto oprettes, uanset om du sætter kryds ved nyheder.',
                ]),
                Texts::from([
                    'en' => 'Open my account',
                    'de' => 'Konto eröffnen',
                    'fr' => 'Ouvrir mon compte',
                    'sv' => 'Öppna mitt konto',
                    'da' => 'Opret min konto',
                ]), tells: true,
            ),
            new PointStarter(
                'kiosk', 'Kiosk tablet', 'Short, for a tablet that many hands use; nothing stays on it for the next person.', FormKind::Newsletter, [
                    new StarterField('email', true, 'what was agreed to goes there'),
                ],
                Texts::from([
                    'en' => 'Stay in touch',
                    'de' => 'In Verbindung bleiben',
                    'fr' => 'Restons en contact',
                    'sv' => 'Håll kontakten',
                    'da' => 'Hold kontakten',
                ]),
                Texts::from([
                    'en' => 'Type your address and tick what you would like. You confirm it by email.',
                    'de' => 'Tippen Sie Ihre Adresse ein und haken Sie an, was Sie möchten. Sie bestätigen es per E-Mail.',
                    'fr' => 'Tapez votre adresse et cochez ce que vous souhaitez. Vous confirmez par e-mail.',
                    'sv' => 'Skriv din adress och kryssa i det du vill ha. Du bekräftar via e-post.',
                    'da' => 'Skriv din adresse, og sæt kryds ved det, du vil have. Du bekræfter på e-mail.',
                ]),
                Texts::from([
                    'en' => 'Send',
                    'de' => 'Senden',
                    'fr' => 'Envoyer',
                    'sv' => 'Skicka',
                    'da' => 'Send',
                ]),
            ),
            new PointStarter(
                'children', 'Children\'s club',
                'A parent agrees below the age of the country. It waits until a parent can be asked, and is not published before.', FormKind::Newsletter, [
                    new StarterField('first-name', false, 'our mails greet the child'),
                    new StarterField('age', true, 'a parent agrees below the age of the country'),
                    new StarterField('country', false, 'the age at which a child agrees alone is set by its country'),
                    new StarterField('email', true, 'the parent confirms there'),
                ],
                Texts::from([
                    'en' => 'Join the club',
                    'de' => 'Komm in den Club',
                    'fr' => 'Rejoins le club',
                    'sv' => 'Gå med i klubben',
                    'da' => 'Kom med i klubben',
                ]),
                Texts::from([
                    'en' => 'Ask a parent first: the mail goes to them.',
                    'de' => 'Frag zuerst deine Eltern: Die E-Mail geht an sie.',
                    'fr' => 'Demande d’abord à tes parents : l’e-mail leur est adressé.',
                    'sv' => 'Fråga en förälder först: mejlet går till dem.',
                    'da' => 'Spørg først dine forældre: mailen går til dem.',
                ]),
                Texts::from([
                    'en' => 'Ask my parents',
                    'de' => 'Meine Eltern fragen',
                    'fr' => 'Demander à mes parents',
                    'sv' => 'Fråga mina föräldrar',
                    'da' => 'Spørg mine forældre',
                ]), forChildren: true,
            ),
        ];
    }

    public static function find(string $id): ?PointStarter
    {
        foreach (self::all() as $starter) {
            if ($starter->id === $id) {
                return $starter;
            }
        }

        return null;
    }
}
