<?php

/** What it takes to begin a salon: its name and settings, its first place, its first manager. */

declare(strict_types=1);

namespace KeenThistle\People;

use KeenThistle\Core\Coat\Season;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Input\Choice;
use KeenThistle\Input\Line;
use KeenThistle\Input\Says;
use KeenThistle\Input\Shaped;
use KeenThistle\Input\Text;
use KeenThistle\Salon\Languages;
use KeenThistle\Salon\Salon;

final readonly class Begin
{
    public const PLACES = ['room', 'van'];

    public function __construct(
        #[Line(2, 80), Says('name of the salon')] public string $salon,
        #[Shaped([self::class, 'zones']), Says('whose day it is')] public string $time_zone,
        #[Shaped([Currencies::class, 'shape'])] public string $currency,
        #[Line(2, 60), Says('first place, as the salon calls it')] public string $place,
        #[Line(2, 80), Says('name of the first manager')] public string $name,
        #[Line(2, 80), Says('what they sign in with')] public string $login,
        #[Text(1, Passwords::MOST), Says('their password')] public string $password,
        #[Text(1, 8), Says('their PIN')] public string $pin,
        #[Choice(self::PLACES, 'kind of place')] public string $place_kind = 'room',
        #[Choice(Season::class, 'hemisphere')] public Season $hemisphere = Season::North,
        #[Choice(Languages::ALL, 'language')] public string $language = 'en',
        #[Choice(Salon::UNITS, 'units')] public string $units = 'metric',
    ) {
    }

    public static function zones(): Shape
    {
        return Shape::choice(\DateTimeZone::listIdentifiers(), 'time zone');
    }
}
