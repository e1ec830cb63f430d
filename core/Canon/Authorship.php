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
            $by[$revision->number] = $revision;
        }
        $newest = $revisions[count($revisions) - 1];
        $base = $by[$since] ?? null;
        $differs = Document::differing($base->document ?? [], $newest->document);
        $authors = [];
        for ($state = $by[$newest->state]; $state->number !== $base?->state; $state = $by[$state->from]) {
            $wrote = Document::differing($by[$state->from]->document ?? [], $state->document);
            if (array_intersect($wrote, $differs) !== []) {
                $authors[$state->author] = true;
            }
            if ($state->from === 0) {
                // The way back misses the base: whoever went behind it by undoing decided what differs, too.
                foreach ($base === null || $differs === [] ? [] : $revisions as $revision) {
                    $authors += $revision->number > $since && $revision->state !== $revision->number ? [$revision->author => true] : [];
                }
                break;
            }
        }

        return array_keys($authors);
    }
}
