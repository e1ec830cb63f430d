@props(['of'])
<x-difference :of="$of->words" @class(['font-serif text-lg' => App\Pages\Registers\PlaceNames::isWording($of->place)]) />
