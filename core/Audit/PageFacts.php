<?php

declare(strict_types=1);

namespace Juramen\Audit;

/** What only a page of others tells: how it is sent, what it loads, what nobody sees of it. Forms of ours are drawn by us and have none of it. */
final readonly class PageFacts
{
    /**
     * @param  string  $address  of the page; empty where it is not known
     * @param  string  $action  where the form is sent, made whole by the page's address where that is known; empty where it does not say
     * @param  string  $method  "get" or "post" as it is said; empty where nothing is said
     * @param  bool  $byScript  whether a script of its own takes the sending
     * @param  list<PageInput>  $inputs
     * @param  list<HiddenInput>  $hidden
     * @param  list<OutsideCall>  $calls
     * @param  bool  $hasTrap  whether it has a field that people do not see and programs fill in
     * @param  Selector|null  $picture  a puzzle that only the sighted can solve
     * @param  Selector|null  $stores  what stores or reads on the device as the page opens
     * @param  list<FineWords>  $fine  words that are pale or small
     * @param  list<Selector>  $order  of what is filled in, as it stands on the page
     * @param  Selector|null  $clock  that runs down while somebody decides
     * @param  Selector|null  $popUp  a pop-up around the form that nothing closes
     * @param  list<PageButton>  $buttons  and links, in the form and right beside it
     * @param  list<OtherInput>  $others  that are neither fields nor controls of consent
     * @param  list<Selector>  $ticked  boxes that a script of the page ticks at once
     * @param  Selector|null  $sendsTyped  what sends away what is typed before the form is sent
     */
    public function __construct(
        public string $address, public string $action, public string $method, public bool $byScript, public array $inputs, public array $hidden,
        public array $calls, public bool $hasTrap, public ?Selector $picture, public ?Selector $stores, public array $fine,
        public array $order = [], public ?Selector $clock = null, public ?Selector $popUp = null, public array $buttons = [],
        public array $others = [], public array $ticked = [], public ?Selector $sendsTyped = null
    ) {}
}
