<?php

/** The stand-ins for outside devices and services behave like what they stand for. */

declare(strict_types=1);

namespace KeenThistle\Tests\Unit;

use KeenThistle\Desk\SimulatedSender;
use KeenThistle\Device\SimulatedThermometer;
use PHPUnit\Framework\TestCase;

final class StandInsTest extends TestCase
{
    public function testABladeWarmsTheLongerItRunsAndFineOnesFurther(): void
    {
        $probe = new SimulatedThermometer();
        $before = 0.0;
        foreach ([0, 30, 60, 120, 240, 600, 3600] as $seconds) {
            $celsius = $probe->read('10', $seconds);
            self::assertGreaterThan($before, $celsius);
            self::assertGreaterThanOrEqual($celsius, $probe->read('40', $seconds));
            self::assertLessThanOrEqual($celsius, $probe->read('4F', $seconds));
            $before = $celsius;
        }
        self::assertLessThan(30.0, $probe->read('40', 5));
        self::assertGreaterThan(42.0, $probe->read('40', 400), 'hot enough to stop it');
        self::assertSame($probe->read('10', 77.0), $probe->read('10', 77.0));
    }

    public function testTheSenderTakesWhatHasAnAddress(): void
    {
        $sender = new SimulatedSender();
        self::assertTrue($sender->send('0555 014 0000', 'Brisk is ready.')->taken);
        $refused = $sender->send(' ', 'Brisk is ready.');
        self::assertFalse($refused->taken);
        self::assertStringContainsString('no number', $refused->words);
    }
}
