<?php

/** House style and settings, as their form has them. */

declare(strict_types=1);

namespace KeenThistle\HouseStyle;

use KeenThistle\Core\Coat\Season;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Order\SchoolTable;
use KeenThistle\Core\Style\StyleTable;
use KeenThistle\Input\Choice;
use KeenThistle\Input\ListOf;
use KeenThistle\Input\Number;
use KeenThistle\Input\Says;
use KeenThistle\Input\Shaped;
use KeenThistle\Input\Whole;
use KeenThistle\Salon\Languages;
use KeenThistle\Salon\Salon;

final readonly class HouseForm
{
    /** @param list<StyleForm>|null $styles */
    public function __construct(
        #[Number(1, 100, 'load at which a coat should be back')] public float $mat_limit,
        public bool $asks_for_vaccination = true,
        #[Whole(0, 14), Says('days before a visit on which its owner is reminded; 0: nobody is')]
        public int $remind_days = 2,
        #[Number(1, 200, 'kg'), Says('heavier dogs take a lift table, or two people')]
        public float $lift_kg = 20.0,
        #[Choice(Season::class, 'hemisphere')] public Season $hemisphere = Season::North,
        #[Shaped([self::class, 'zones']), Says('whose day it is; null: as it is')] public ?string $time_zone = null,
        #[Says('another time zone is meant: what is booked keeps its hour on the wall')]
        public bool $zone_meant = false,
        #[Choice(Languages::ALL, 'language'), Says('null: as it is')] public ?string $language = null,
        #[Choice(Salon::UNITS, 'units'), Says('null: as they are')] public ?string $units = null,
        #[Whole(0, 120), Says('months the texts of messages are kept; 0: for ever; null: as it is')]
        public ?int $keep_messages_months = null,
        #[Whole(0, 30), Says('years until a home that nobody comes from is erased; 0: never; null: as it is')]
        public ?int $keep_gone_years = null,
        #[Shaped([SchoolTable::class, 'shape'])] public ?Fields $schools = null,
        #[ListOf(StyleForm::class, 0, 60), Says('the salon\'s own; null: as they are')] public ?array $styles = null,
    ) {
    }

    public static function zones(): Shape
    {
        return Shape::choice(\DateTimeZone::listIdentifiers(), 'time zone');
    }

    /**
     * @return list<array{kind: string, name: string, drawing: string}>|null
     *
     * @throws InvalidInput for a name that is there already
     */
    public function ownStyles(): ?array
    {
        if (null === $this->styles) {
            return null;
        }
        $out = [];
        $taken = array_fill_keys(array_map(mb_strtolower(...), array_column(StyleTable::all(), 'name')), true);
        foreach ($this->styles as $i => $s) {
            $name = trim($s->name);
            if (isset($taken[mb_strtolower($name)])) {
                throw InvalidInput::at("styles[$i].name", 'is there already');
            }
            $taken[mb_strtolower($name)] = true;
            $out[] = ['kind' => $s->kind, 'name' => $name, 'drawing' => $s->drawing];
        }

        return $out;
    }
}
