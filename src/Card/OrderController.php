<?php

/** A dog's order of work: its plan, the salon's schools, what handling and today's arrival say. */

declare(strict_types=1);

namespace KeenThistle\Card;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Arrival\Arrival;
use KeenThistle\Arrival\CombInput;
use KeenThistle\Core\Handling\Handling;
use KeenThistle\Core\Handling\Tool;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Matting\Mat;
use KeenThistle\Core\Matting\MattingRule;
use KeenThistle\Core\Order\Job;
use KeenThistle\Core\Order\OrderRule;
use KeenThistle\Core\Order\SchoolTable;
use KeenThistle\Core\Timing\MinutesRule;
use KeenThistle\Core\Timing\Work;
use KeenThistle\Handling\HandlingRecord;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\Json;
use KeenThistle\Salon\Scope;
use KeenThistle\Staff\May;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class OrderController
{
    /** Phases of the estimate and the steps that they are spent on. */
    private const PHASES = ['check' => 'check', 'knots' => 'knots', 'close_work' => 'close_work', 'bath' => 'bath', 'dry' => 'dry', 'comb_out' => 'comb_out', 'finish' => 'finish', 'notes' => 'notes', 'nails_pads_ears' => 'nails'];

    public function __construct(private CardRows $rows, private Scope $scope, private EntityManagerInterface $manager, private ClockInterface $clock)
    {
    }

    #[Route('/api/dogs/{id}/order', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint('A dog\'s order of work today', gives: OrderView::class)]
    public function order(string $id): Response
    {
        $dog = $this->rows->dog($id);
        [, $plan] = $this->rows->plan($dog);
        $arrival = $this->manager->getRepository(Arrival::class)->findOneBy(['dog' => $dog, 'day' => $this->clock->now()->setTime(0, 0)]);
        $dryer = $this->manager->getRepository(HandlingRecord::class)->findOneBy(['dog' => $dog, 'tool' => Tool::Dryer]);
        $mats = null === $arrival ? [] : CombInput::mats($arrival->comb);
        $zones = $methods = [];
        $guards = false;
        foreach ($plan as $zone => $p) {
            $method = $p['recipe']->method;
            if (null !== $method && Method::Leave !== $method) {
                $methods[$zone] = $method;
                $zones[$zone] = $p['recipe']->forRules()->tool->words();
                $guards = $guards || Method::Guard === $method;
            }
        }
        $minutes = [];
        if (null !== $dog->kg) {
            $matting = (new MattingRule($dog->kg, $dog->handling, $dog->coat, $dog->handStripped))->reckon($mats)->minutes;
            foreach ((new MinutesRule())->estimate(new Work($dog->kg, $dog->coat, $dog->handling, matting: $matting, zones: [] === $methods ? null : $methods))->phases as $phase => $m) {
                if (isset(self::PHASES[$phase])) {
                    $minutes[self::PHASES[$phase]] = $m;
                }
            }
        }
        $job = new Job(
            $zones, $dog->coat, $guards, matted: [] !== array_filter($mats, static fn (Mat $m): bool => $m->severity > 1), comingOff: 'even_out' === $arrival?->choice, fearsDryer: null !== $dryer && $dryer->tolerance <= 1,
            shortPatience: \in_array($dog->handling, [Handling::Painful, Handling::Frightened], true), minutes: $minutes,
        );
        $list = (new OrderRule())->order($job, SchoolTable::schools($this->scope->salon()->schools))->toArray();

        return Json::response(new OrderView($list['steps'], $list['tool_changes'], $list['moved']));
    }
}
