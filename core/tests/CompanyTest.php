<?php

/** Who must not meet whom: the same whoever is asked about, and never where there is time between them. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use Eris\TestTrait;
use KeenThistle\Core\Day\CompanyRule;
use KeenThistle\Core\Day\Guest;
use PHPUnit\Framework\TestCase;

final class CompanyTest extends TestCase
{
    use TestTrait;

    /** @param list<string> $apart */
    private static function guest(
        string $id,
        int $from,
        int $to,
        array $apart = [],
        bool $inHeat = false,
        bool $male = false,
        string $home = '',
        bool $quiet = false,
    ): Guest {
        return new Guest($id, ucfirst($id), $from, $to, $home, $apart, $inHeat, $male, $quiet);
    }

    public function testWhoMustNotMeetIsKeptApartAtTheDoorToo(): void
    {
        $rule = new CompanyRule();
        $tansy = self::guest('tansy', 540, 660, ['gantry']);
        self::assertSame('Gantry and Tansy must not meet', $rule->why($tansy, self::guest('gantry', 600, 700)));
        self::assertSame('Gantry and Tansy must not meet', $rule->why(self::guest('gantry', 669, 700), $tansy));
        self::assertSame('', $rule->why($tansy, self::guest('gantry', 670, 700)));
        self::assertSame('', $rule->why($tansy, self::guest('sorrel', 600, 700)));
        self::assertSame('', $rule->why($tansy, $tansy));
    }

    public function testADogInHeatIsNotThereWithAnEntireMaleOfAnotherHome(): void
    {
        $rule = new CompanyRule();
        $sorrel = self::guest('sorrel', 540, 660, inHeat: true, home: 'a');
        self::assertSame(
            'Sorrel is in season and Burr is an entire male: not at the same time',
            $rule->why(self::guest('burr', 600, 630, male: true, home: 'b'), $sorrel),
        );
        self::assertSame('', $rule->why($sorrel, self::guest('burr', 600, 630, male: true, home: 'a')));
        self::assertSame('', $rule->why($sorrel, self::guest('burr', 600, 630, home: 'b')));
        self::assertTrue(Guest::isInHeat(['skin', 'in_season']));
        self::assertFalse(Guest::isInHeat([]));
        self::assertTrue(Guest::isEntireMale('male'));
        self::assertFalse(Guest::isEntireMale('male_neutered'));
    }

    public function testWhoBearsNoiseBadlyComesAtAnotherHour(): void
    {
        $rule = new CompanyRule();
        $perrin = self::guest('perrin', 540, 660, quiet: true);
        self::assertSame(
            'Perrin bears noise badly, and that is the loud hour',
            $rule->whyNoise($perrin, [480, 600]),
        );
        self::assertSame('', $rule->whyNoise($perrin, [660, 720]));
        self::assertSame('', $rule->whyNoise($perrin, null));
        self::assertSame('', $rule->whyNoise(self::guest('burr', 540, 660), [480, 600]));
        self::assertSame([[480, 600]], $rule->shut($perrin, [], [480, 600]));
    }

    public function testWhatIsShutIsJustWhenTheyWouldMeet(): void
    {
        $times = Generators::choose(0, 1300);
        $length = Generators::choose(5, 140);
        $this->limitTo(200)
            ->forAll($times, $length, $times, $length, Generators::bool(), Generators::bool())
            ->then(static function (int $at, int $takes, int $from, int $long, bool $apart, bool $heat): void {
                $rule = new CompanyRule();
                $dog = self::guest('a', $at, $at + $takes, $apart ? ['b'] : [], $heat);
                $other = self::guest('b', $from, $from + $long, male: true);
                self::assertSame($rule->why($dog, $other), $rule->why($other, $dog));
                $meets = false;
                foreach ($rule->shut($dog, [$other], null) as [$begin, $end]) {
                    $meets = $meets || ($at < $end && $at + $takes > $begin);
                }
                self::assertSame($meets, '' !== $rule->why($dog, $other));
            });
    }
}
