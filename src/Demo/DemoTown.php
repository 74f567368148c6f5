<?php

/** The rest of the demo town: forty-two dogs more in thirty-one homes, with eighteen months of visits. */

declare(strict_types=1);

namespace KeenThistle\Demo;

use KeenThistle\Book\Dog;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** @phpstan-import-type Story from DemoDogs */
final readonly class DemoTown
{
    private const WEEKS = 78;
    /** Days past the day it should have come, for some of them: nobody has rung yet. */
    private const OVERDUE = [4 => 12, 13 => 25, 22 => 40, 31 => 9];
    private const OWNERS = [
        'Alder Wensley', 'Bettany Rusk', 'Caspian Thole', 'Delphine Arkwright', 'Edric Moss', 'Fenella Birch',
        'Gideon Lathe', 'Hestia Cordwain', 'Ivo Shuttle', 'Jessamy Weft', 'Kester Dale', 'Linnet Fuller',
        'Merrick Sluice', 'Nerys Hopper', 'Orrin Teasel', 'Petra Bobbin', 'Quentin Raddle', 'Rowena Tenter',
        'Silas Leat', 'Thora Carding', 'Ulric Penstock', 'Verity Spindle', 'Wystan Heddle', 'Yarrow Millrace',
        'Zelda Towcrook', 'Ambrose Kiln', 'Briony Sheave', 'Corbin Ferriman',
        'Damaris Wherry', 'Eustace Reedmace', 'Flora Bargate',
    ];
    private const NAMES = [
        'Aubrietia', 'Bracken', 'Cinder', 'Dapple', 'Eddy', 'Fathom', 'Gorse', 'Hazard', 'Inkle', 'Jasper-Jo',
        'Kelp', 'Larch', 'Mallow', 'Nettle', 'Oakapple', 'Pippin', 'Quill', 'Rennet', 'Saffy', 'Thimble', 'Umber',
        'Vetch', 'Wattle', 'Yaffle', 'Zephyr', 'Amble', 'Brindle', 'Cowrie', 'Dibble', 'Elver', 'Flax', 'Gudgeon',
        'Hopper', 'Isinglass', 'Jib', 'Knapweed', 'Lovage', 'Mizzle', 'Nock', 'Ossie', 'Purl', 'Rowan',
    ];
    /** Whose coat and plan they have, and what they look like. */
    private const LIKE = [
        'Tansy' => ['Curly cross', 'Water dog cross'],
        'Perrin' => ['Wavy companion cross', 'Spaniel and water dog cross'],
        'Sorrel' => ['Feathered field cross', 'Long-eared flusher'],
        'Wick' => ['Wire terrier cross', 'Rough-coated ratter'],
        'Dimity' => ['Small silk-coated companion', 'Toy drop-coat'],
        'Cobnut' => ['Low cattle-dog cross', 'Short double cross'],
        'Whist' => ['Wavy cross', 'Little woolly cross'],
        'Holm' => ['Mountain cross', 'Northern sled cross'],
        'Gantry' => ['Smooth cross', 'Short-coated hound'],
    ];
    private const NOTES = [
        '',
        '',
        '',
        'Turns for the left ear only.',
        'Likes the table by the window.',
        'Licks the comb.',
    ];

    /** @return list<Story> */
    public static function all(): array
    {
        $random = new Randomizer(new Mt19937(20_261_128));
        $stories = array_column(DemoDogs::all(), null, 'name');
        $like = array_keys(self::LIKE);
        $out = [];
        foreach (self::NAMES as $i => $name) {
            $base = $stories[$like[$i % \count($like)]];
            $breeds = self::LIKE[$base['name']];
            $owner = $i % \count(self::OWNERS);
            $every = $base['every'] + $random->getInt(-1, 1);
            $story = $base;
            unset(
                $story['health'], $story['healthnote'], $story['collect'], $story['vet'], $story['wish'],
                $story['tender'], $story['stopped'], $story['halves'], $story['estimated'], $story['markings'],
            );
            $late = self::OVERDUE[$i] ?? null;
            $story['name'] = $name;
            $story['breed'] = $breeds[$i % 2];
            $phone = \sprintf('0555 0%02d %04d', 20 + $owner, 1000 + ((137 * $owner) % 9000));
            $story['owner'] = [self::OWNERS[$owner], $phone];
            $story['colour'] = Dog::COLOURS[$random->getInt(0, \count(Dog::COLOURS) - 1)];
            $story['kg'] = round($base['kg'] * (0.8 + $random->getInt(0, 45) / 100), 1);
            $story['born'] = $random->getInt(1, 12);
            $story['sex'] = ['female', 'male', 'female_neutered', 'male_neutered'][$random->getInt(0, 3)];
            $story['upkeep'] = ['rarely', 'weekly', 'weekly', 'alternate_days'][$random->getInt(0, 3)];
            $story['note'] = self::NOTES[$random->getInt(0, 5)];
            $story['visits'] = max(2, intdiv(self::WEEKS, $every));
            $story['every'] = $every;
            $story['speed'] = 0.92 + $random->getInt(0, 16) / 100;
            $story['load'] = round($base['load'] * (0.6 + $random->getInt(0, 80) / 100), 1);
            $story['place'] = [0, 0, 1, 0, 2][$i % 5];
            $story['since'] = null === $late ? $random->getInt(2, 7 * $every - 3) : 7 * $every + $late;
            $out[] = $story;
        }

        return $out;
    }
}
