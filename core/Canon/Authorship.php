<?php

declare(strict_types=1);

namespace Juramen\Canon;

/** Who wrote what of a document, told from its revisions: what was undone was not written by anybody. */
final class Authorship
{
    /**
     * Everybody who wrote any of what differs between a revision and the newest one.
     *
     * @param  non-empty-list<AuthoredRevision>  $revisions  in order, from the first on
     * @param  int  $since  number of the revision compared with; 0 where nothing came before and all is new
     * @return list<int> ids of authors
     */
    public static function ofDifference(array $revisions, int $since): array
    {
        $by = [];
        foreach ($revisions as $revision) {
            $by[$revision->step->number] = $revision;
        }
        $newest = $revisions[count($revisions) - 1];
        $base = $by[$since] ?? null;
        $differs = self::differing($base, $newest);
        $authors = [];
        for ($state = $by[$newest->step->state]; $state->step->number !== $base?->step->state; $state = $by[$state->step->from]) {
            if (array_intersect(self::differing($by[$state->step->from] ?? null, $state), $differs) !== []) {
                $authors[$state->author] = true;
            }
            if ($state->step->from === 0) {
                // The way back misses the base: whoever went behind it by undoing decided what differs, too.
                foreach ($base === null || $differs === [] ? [] : $revisions as $revision) {
                    $authors += $revision->step->number > $since && $revision->step->state !== $revision->step->number ? [$revision->author => true] : [];
                }
                break;
            }
        }

        return array_keys($authors);
    }

    /** @return list<string> places */
    private static function differing(?AuthoredRevision $old, AuthoredRevision $new): array
    {
        return array_map(static fn (Place $p): string => $p->text(), ($old->document ?? Document::from([]))->differing($new->document));
    }
}
