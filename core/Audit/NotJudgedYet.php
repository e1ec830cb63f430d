<?php

declare(strict_types=1);

namespace Juramen\Audit;

/** A duty that belongs to the catalogue and is not judged, nor in any result: what would have to be on record for it is not. */
final readonly class NotJudgedYet
{
    /** @param  string  $lacks  why nothing can be said of it */
    private function __construct(public string $id, public string $title, public Source $source, public string $lacks) {}

    /** @return list<self> */
    public static function all(): array
    {
        $law = SourceKind::Law;

        return array_map(static fn (array $each): self => new self($each[0], $each[1], new Source($each[2], $each[3]), $each[4]), [
            [
                'withdrawal-one-click', 'Each mail has a way out in one press.', 'RFC 8058; good practice', SourceKind::Ours,
                'Mails are not kept once they are sent.',
            ],
            [
                'erasure-passed-on', 'Erasure and correction reach whoever has the details.', 'GDPR Art. 19, 28(3)', $law,
                'What destinations were asked to erase is not recorded apart from withdrawals.',
            ],
            [
                'withdrawn-stay-out', 'Whoever withdrew or was erased stays out of imports and renewals.', 'GDPR Art. 7(3), 21(3)', $law,
                'Nothing is imported or renewed here yet.',
            ],
            [
                'renewal-lawful', 'Only people still permitted are asked again.', 'ePD Art. 13(1); CASL s. 1(3)', $law,
                'Nothing is renewed here yet.',
            ],
            [
                'origin-told', 'Whose address came from elsewhere is told from where.', 'GDPR Art. 14', $law,
                'Nothing is imported here yet.',
            ],
            [
                'parent-verified', 'A parent\'s agreement is checked, and renewed at the age.', 'GDPR Art. 8(2); ICO', $law,
                'Whether a parent agreed is not recorded as an entry of its own.',
            ],
            [
                'ca-implied-expires', 'Canada: implied consent ends.', 'CASL s. 10', $law,
                'Permissions here come from consent that was asked for; none is implied.',
            ],
        ]);
    }
}
