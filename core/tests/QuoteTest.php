<?php

/** The phone quote: a span that grows with what is told and not known, never upside down. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use Eris\TestTrait;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Timing\Charges;
use KeenThistle\Core\Timing\MattingTold;
use KeenThistle\Core\Timing\MinutesRule;
use KeenThistle\Core\Timing\Quote;
use KeenThistle\Core\Timing\QuoteRule;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Core\Timing\Work;
use PHPUnit\Framework\TestCase;

final class QuoteTest extends TestCase
{
    use TestTrait;

    private static function quote(
        float $kg,
        int $weeks = 8,
        MattingTold $told = MattingTold::None,
        Service $kind = Service::Full,
    ): Quote {
        return (new QuoteRule())->of($kg, CoatType::Curly, $weeks, $told, $kind, new Charges(100.0));
    }

    public function testTheLeastIsACalmDogAndTheMostWhatFourOfFiveKeep(): void
    {
        $calm = (new MinutesRule())->estimate(new Work(10.0, CoatType::Curly));
        $quote = self::quote(10.0);
        self::assertSame(5 * (int) floor($calm->likely / 5), $quote->from);
        self::assertGreaterThan($calm->slot, $quote->to);
        self::assertSame(['seen_first'], array_map(static fn ($c): string => $c->code, $quote->cautions));
        $felt = self::quote(10.0, told: MattingTold::Felt);
        self::assertSame(['seen_first', 'felt'], array_map(static fn ($c): string => $c->code, $felt->cautions));
        // Nails take what nails take, however matted the coat is.
        self::assertSame(
            self::quote(10.0, kind: Service::Nails)->to,
            self::quote(10.0, told: MattingTold::Many, kind: Service::Nails)->to,
        );
    }

    public function testTheSpanIsNeverUpsideDownAndGrowsWithWhatIsTold(): void
    {
        $this->forAll(
            Generators::choose(2, 60),
            Generators::choose(0, 100),
            Generators::elements(...MattingTold::cases()),
            Generators::elements(...Service::cases()),
        )->then(static function (int $kg, int $weeks, MattingTold $told, Service $kind): void {
            $q = self::quote($kg, $weeks, $told, $kind);
            self::assertGreaterThan(0, $q->from);
            self::assertLessThanOrEqual($q->to, $q->from);
            self::assertLessThanOrEqual($q->toMinor, $q->fromMinor);
            self::assertGreaterThanOrEqual($q->to, self::quote($kg, $weeks + 4, $told, $kind)->to);
            self::assertGreaterThanOrEqual(self::quote($kg, $weeks, MattingTold::None, $kind)->to, $q->to);
            self::assertGreaterThanOrEqual($q->from, self::quote($kg + 5, $weeks, $told, $kind)->from);
        });
    }
}
