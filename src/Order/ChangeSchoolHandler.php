<?php

/** Lets a card differ on one point; two people changing different points both keep theirs. */

declare(strict_types=1);

namespace KeenThistle\Order;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Order\SchoolTable;
use KeenThistle\Log\Entry;
use KeenThistle\Plan\Plans;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

/** @implements Handler<ChangeSchool> */
final readonly class ChangeSchoolHandler implements Handler
{
    public function __construct(
        private Scope $scope,
        private Plans $plans,
        private WorkOrder $order,
        private EntityManagerInterface $manager,
    ) {
    }

    /** @throws InvalidInput naming the must that this dog's order would break */
    public function __invoke(Command $command, Actor $actor): Outcome
    {
        [$point, $side] = [$command->school->point, $command->school->side];
        [$label, $rows] = SchoolTable::rows()[$point];
        $sides = array_map(strval(...), array_keys($rows));
        if (null !== $side && !\in_array($side, $sides, true)) {
            throw InvalidInput::notOneOf('side', $side, $sides, 'side');
        }
        $dog = $this->scope->get($actor, Dog::class, $command->dog, $this->manager, 'dog');
        $this->manager->refresh($dog, LockMode::PESSIMISTIC_WRITE);
        $before = $dog->schools;
        $dog->schools = array_filter([$point => $side] + $before, static fn (?string $s): bool => null !== $s);
        $this->order->of($dog, Plans::recipes($this->plans->of($actor, $dog)[1]), null);
        if ($before === $dog->schools) {
            return new Outcome();
        }
        $words = \sprintf(
            '%s: %s',
            mb_strtolower($label),
            null === $side ? 'as the house does it' : $rows[$side][0],
        );

        return new Outcome(entries: [new Entry($dog, 'dog', (string) $dog->id, $words)]);
    }
}
