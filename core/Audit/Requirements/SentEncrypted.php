<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\FormRequirement;
use Juramen\Audit\Reading;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;

/** A page or a form that goes over http; on loopback nothing goes over a line. */
final class SentEncrypted extends FormRequirement
{
    public function id(): string
    {
        return 'sent-encrypted';
    }

    public function title(): string
    {
        return 'Page and form are sent encrypted.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 32', SourceKind::Law, 'which protection is enough for what');
    }

    public function judgesUnread(): bool
    {
        return true;
    }

    public function judge(Reading $reading): array
    {
        $page = $reading->page;
        if ($page === null || $page->inputs === []) {
            return $this->notApplicable($page === null ? 'How our own forms are sent, the operator sets.' : 'Nothing personal is sent.');
        }
        if (self::isOpen($page->action)) {
            return [$this->finding(
                Verdict::Breach, "What is typed is sent to \"$page->action\", unencrypted.", $reading->where, null,
                'Send the form to an address that begins with https.'
            )];
        }
        if (self::isOpen($page->address)) {
            return [$this->finding(
                Verdict::Breach, 'The page comes unencrypted, and whoever sits on the line can change where its form is sent.', $reading->where, null,
                'Serve the page under https, and lead http there.'
            )];
        }
        $known = array_filter([$page->action, $page->address], static fn (string $a): bool => str_starts_with(strtolower($a), 'https:'));

        return $known === [] ? $this->notApplicable('Where the page stands and where its form is sent is not known.') : $this->met('It goes over https.');
    }

    private static function isOpen(string $address): bool
    {
        return preg_match('~^http:~i', $address) === 1
            && preg_match('~^http://(?:localhost|127\.\d+\.\d+\.\d+|\[::1\])(?:[:/?#]|$)~i', $address) !== 1;
    }
}
