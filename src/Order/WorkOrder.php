<?php

/**
 * Hands today's list to the rules of order and minutes; used by the card, the table and what records a visit.
 */

declare(strict_types=1);

namespace KeenThistle\Order;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Arrival\Arrival;
use KeenThistle\Arrival\TodayReader;
use KeenThistle\Book\Dog;
use KeenThistle\Core\Handling\Tool;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Order\Job;
use KeenThistle\Core\Order\OrderRule;
use KeenThistle\Core\Order\Schools;
use KeenThistle\Core\Order\Step;
use KeenThistle\Core\Order\WorkList;
use KeenThistle\Core\Timing\Minutes;
use KeenThistle\Core\Timing\MinutesRule;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Core\Timing\Work;
use KeenThistle\Core\Today\Today;
use KeenThistle\Handling\HandlingRecord;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Salon\PriceList;

final readonly class WorkOrder
{
    public function __construct(private EntityManagerInterface $manager)
    {
    }

    /**
     * @param array<string, ZoneRecipe> $plan by zone
     *
     * @throws InvalidInput where a school contradicts a must
     */
    public function of(Dog $dog, array $plan, ?Arrival $arrival): WorkList
    {
        $today = TodayReader::plain($dog, $plan, $arrival);

        return $this->ofToday($dog, $today, $arrival, $this->phases($dog, $today, $arrival));
    }

    /**
     * @param array<string, float> $phases minutes by phase
     * @param bool $schooled false: by the table's defaults instead of what the salon has picked
     * @param bool $tires seen at the table today
     *
     * @throws InvalidInput where a school contradicts a must
     */
    public function ofToday(
        Dog $dog,
        Today $today,
        ?Arrival $arrival,
        array $phases,
        bool $schooled = true,
        bool $tires = false,
    ): WorkList {
        $dryer = $this->manager
            ->getRepository(HandlingRecord::class)
            ->findOneBy(['dog' => $dog, 'tool' => Tool::Dryer]);
        $soil = $arrival->handsOn['rear_soil'] ?? null;

        return (new OrderRule())->order(
            Job::today(
                $today,
                $dog->coat,
                $dog->handling,
                $dryer?->tolerance,
                \is_string($soil) ? $soil : 'none',
                $phases,
                Job::restsOften($dog->stage, $dog->health),
                service: $arrival->kind ?? Service::Full,
                tiresNow: $tires,
                skip: true === $arrival?->washed ? [Step::Bath] : [],
            ),
            $schooled ? Schools::of($dog->schools, $dog->salon->schools) : new Schools(),
        );
    }

    /**
     * What the rule says without what it has learned; null where nobody weighed the dog.
     *
     * @param array<string, ZoneRecipe> $plan by zone
     * @param PriceList|null $prices null: nobody asks what it costs
     * @param bool $washed the day before; of a dog that is here its arrival says so
     */
    public function minutes(
        Dog $dog,
        array $plan,
        ?Arrival $arrival,
        Service $service = Service::Full,
        ?PriceList $prices = null,
        bool $washed = false,
    ): ?Minutes {
        $minutes = $this->estimate($dog, TodayReader::plain($dog, $plan, $arrival), $arrival, $service, $prices);

        return $washed && null === $arrival ? $minutes?->withoutWash() : $minutes;
    }

    /** @return array<string, float> */
    private function phases(Dog $dog, Today $today, ?Arrival $arrival): array
    {
        return $this->estimate($dog, $today, $arrival, $arrival->kind ?? Service::Full)->phases ?? [];
    }

    private function estimate(
        Dog $dog,
        Today $today,
        ?Arrival $arrival,
        Service $service,
        ?PriceList $prices = null,
    ): ?Minutes {
        $kg = null === $arrival ? $dog->kg : TodayReader::kg($arrival);
        if (null === $kg) {
            return null;
        }
        $methods = $today->methods();

        $minutes = (new MinutesRule())->estimate(
            new Work(
                $kg,
                $dog->coat,
                $dog->handling,
                $service,
                $today->mats->charged,
                zones: [] === $methods ? null : $methods,
                fees: $arrival?->fees() ?? [],
                charges: $prices?->charges(),
                combsOut: !$today->comesOff(),
                extraMinutes: $arrival?->extraMinutes() ?? 0.0,
            ),
        );

        return true === $arrival?->washed ? $minutes->withoutWash() : $minutes;
    }
}
