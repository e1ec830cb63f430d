@props(['of'])
{{ App\Pages\Registers\PlaceNames::of($of) }}