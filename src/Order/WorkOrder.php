<?php

/**
 * Hands a dog's plan and today's arrival to the rules of order and minutes; used by the card, the table and what
 * records a visit.
 */

declare(strict_types=1);

namespace KeenThistle\Order;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Arrival\Arrival;
use KeenThistle\Arrival\CombInput;
use KeenThistle\Book\Dog;
use KeenThistle\Core\Handling\Tool;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Matting\Mat;
use KeenThistle\Core\Matting\MattingRule;
use KeenThistle\Core\Order\Job;
use KeenThistle\Core\Order\OrderRule;
use KeenThistle\Core\Order\SchoolTable;
use KeenThistle\Core\Order\WorkList;
use KeenThistle\Core\Timing\Minutes;
use KeenThistle\Core\Timing\MinutesRule;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Core\Timing\Work;
use KeenThistle\Handling\HandlingRecord;
use KeenThistle\Recipe\ZoneRecipe;

final readonly class WorkOrder
{
    public function __construct(private EntityManagerInterface $manager)
    {
    }

    /**
     * @param array<string, ZoneRecipe> $plan by zone
     * @param bool $schooled false: by the table's defaults instead of what the salon has picked
     *
     * @throws InvalidInput where a school contradicts a must
     */
    public function of(Dog $dog, array $plan, ?Arrival $arrival, bool $schooled = true): WorkList
    {
        $dryer = $this->manager
            ->getRepository(HandlingRecord::class)
            ->findOneBy(['dog' => $dog, 'tool' => Tool::Dryer]);
        $work = [];
        foreach ($plan as $zone => $recipe) {
            if (null !== $recipe->method) {
                $work[$zone] = [$recipe->method, $recipe->forRules()->tool->words()];
            }
        }
        $job = Job::today(
            plan: $work,
            coat: $dog->coat,
            mats: self::mats($arrival),
            comingOff: 'even_out' === $arrival?->choice,
            dryer: $dryer?->tolerance,
            handling: $dog->handling,
            phases: $this->minutes($dog, $plan, $arrival)->phases ?? [],
        );

        return (new OrderRule())->order(
            $job,
            SchoolTable::schools($schooled ? $dog->schools + $dog->salon->schools : []),
        );
    }

    /**
     * What the rule says without what it has learned; null where nobody weighed the dog.
     *
     * @param array<string, ZoneRecipe> $plan by zone
     */
    public function minutes(Dog $dog, array $plan, ?Arrival $arrival, Service $service = Service::Full): ?Minutes
    {
        if (null === $dog->kg) {
            return null;
        }
        $methods = array_filter(
            array_map(static fn (ZoneRecipe $r): ?Method => Method::Leave === $r->method ? null : $r->method, $plan),
        );
        $matting = (new MattingRule($dog->kg, $dog->handling, $dog->coat, $dog->handStripped))->reckon(
            self::mats($arrival),
        )->minutes;

        return (new MinutesRule())->estimate(
            new Work(
                $dog->kg,
                $dog->coat,
                $dog->handling,
                $service,
                $matting,
                zones: [] === $methods ? null : $methods,
            ),
        );
    }

    /** @return list<Mat> */
    private static function mats(?Arrival $arrival): array
    {
        return null === $arrival ? [] : CombInput::mats($arrival->comb);
    }
}
