<?php

/** The stand-ins for outside devices and services behave like what they stand for. */

declare(strict_types=1);

namespace KeenThistle\Tests\Unit;

use KeenThistle\Core\Kit\MeasureRule;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Device\SimulatedCalliper;
use KeenThistle\Device\SimulatedThermometer;
use KeenThistle\Outbox\Receipt;
use KeenThistle\Outbox\SenderDown;
use KeenThistle\Outbox\SimulatedSender;
use KeenThistle\Outbox\Within;
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

    public function testTheCalliperReadsNearWhatAToolLeavesAndNeverTwiceAlike(): void
    {
        $calliper = new SimulatedCalliper();
        foreach ([0.2, 1.5, 3.2, 17.0, 26.0] as $likely) {
            $readings = array_map(
                static fn (int $stroke): float => $calliper->read("tool $likely", $likely, $stroke),
                range(0, 4),
            );
            self::assertGreaterThan(1, \count(array_unique($readings, \SORT_REGULAR)));
            self::assertSame(
                $readings,
                array_map(
                    static fn (int $stroke): float => $calliper->read("tool $likely", $likely, $stroke),
                    range(0, 4),
                ),
                'the same question, the same answer',
            );
            $judged = (new MeasureRule())->judge(
                array_map(Length::ofMillimetres(...), $readings),
                Length::ofMillimetres($likely),
            );
            self::assertSame([], $judged->questions, "a good tool of $likely mm is not questioned");
        }
    }

    public function testTheSenderTakesWhatHasAnAddressAndKnowsAMessageAgain(): void
    {
        $folder = sys_get_temp_dir().'/kt-sent-'.bin2hex(random_bytes(4));
        $sender = new SimulatedSender($folder, 'takes');
        self::assertTrue($sender->send('one', '0555 014 0000', 'Brisk is ready.')->taken);
        self::assertTrue($sender->send('one', '0555 014 0000', 'Brisk is ready.')->taken, 'as the first time');
        $refused = $sender->send('two', ' ', 'Brisk is ready.');
        self::assertFalse($refused->taken);
        self::assertStringContainsString('no number', $refused->words);
        self::assertSame([$folder.'/one'], glob("$folder/*"), 'it arrived once, the other never');
        exec('rm -rf '.escapeshellarg($folder));
    }

    public function testASenderThatIsNotThereOrHangsIsLeftAndTriedAgain(): void
    {
        try {
            (new SimulatedSender('/nowhere', 'refuses'))->send('one', '0555', 'Ready.');
            self::fail('it refuses');
        } catch (SenderDown $e) {
            self::assertStringContainsString('not there just now', $e->getMessage());
        }
        $began = hrtime(true);
        try {
            Within::seconds(
                1,
                static fn (): Receipt => (new SimulatedSender('/nowhere', 'hangs'))->send('one', '1', 'x'),
            );
            self::fail('it hangs');
        } catch (SenderDown $e) {
            self::assertStringContainsString('did not answer within 1 seconds', $e->getMessage());
        }
        self::assertLessThan(30, (hrtime(true) - $began) / 1e9);
        self::assertSame(3, Within::seconds(1, static fn (): int => 3), 'and nothing rings later');
    }
}
