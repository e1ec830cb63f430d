<?php

declare(strict_types=1);

namespace Juramen\Register\Schema;

use Juramen\Canon\Document;
use Juramen\Canon\DraftRefusal;
use Juramen\Canon\Place;
use Juramen\Canon\Refused;

/**
 * Which places a kind of record has, what may stand in each, who may write it, and whether a change redraws the page. It says what may be
 * written now; what was written before is read by the types themselves, whatever a schema has come to say since.
 */
final readonly class Schema
{
    /** @param  non-empty-list<Member>  $members */
    public function __construct(public Writer $writer, private array $members) {}

    /** @throws Refused where there is no such place */
    public function at(Place $place): Member
    {
        foreach ($this->members as $member) {
            if ($member->covers($place)) {
                return $member;
            }
        }
        throw Refused::because(DraftRefusal::UnknownPlace);
    }

    /**
     * The document with what a browser sent for one place.
     *
     * @throws Refused where the place cannot be changed, or lies in an item that is gone since the page was drawn
     */
    public function put(Document $document, Place $place, mixed $sent, Written $written): Document
    {
        $member = $this->writable($place);
        for ($item = $place, $list = $place->up(); $list !== null; $item = $list, $list = $list->up()) {
            if ($document->at($item) === null && $this->at($item)->type instanceof Item && $this->at($list)->type instanceof Items) {
                throw Refused::because(DraftRefusal::ItemGone);
            }
        }

        return $document->with($place, $member->type->read($sent, $place, $written));
    }

    /** @throws Refused where the place cannot be taken away */
    public function take(Document $document, Place $place): Document
    {
        return $this->writable($place)->mayGo ? $document->without($place) : throw Refused::because(DraftRefusal::UnknownPlace);
    }

    /**
     * Refuses a document that may not be written: a place that is none, a value that does not fit, or one that is missing.
     *
     * @throws Refused
     */
    public function check(Document $document): void
    {
        $checked = [];
        foreach ($document->leaves() as $leaf) {
            [$member, $place] = $this->over($leaf->place);
            if (! isset($checked[$place->text()])) {
                $checked[$place->text()] = true;
                $member->type->check($document->at($place), $place, $member->named($place));
            }
        }
        foreach ($this->members as $member) {
            $place = $member->needed ? $member->place() : null;
            if ($place !== null && ! isset($checked[$place->text()])) {
                $member->type->check($document->at($place), $place, $member->named($place));
            }
        }
    }

    private function writable(Place $place): Member
    {
        $member = $this->at($place);

        return $member->writer === Writer::Nobody ? throw Refused::because(DraftRefusal::UnknownPlace) : $member;
    }

    /**
     * The member that a leaf belongs to: its own, or that of something whole in which it lies.
     *
     * @return array{Member, Place}
     */
    private function over(Place $leaf): array
    {
        for ($place = $leaf; $place !== null; $place = $place->up()) {
            foreach ($this->members as $member) {
                if ($member->covers($place) && ($place->equals($leaf) || $member->type instanceof Whole)) {
                    return [$member, $place];
                }
            }
        }
        throw Refused::because(DraftRefusal::UnknownPlace);
    }
}
