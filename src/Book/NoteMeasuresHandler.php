<?php

/** Notes what was measured; two people measuring different things both keep theirs. */

declare(strict_types=1);

namespace KeenThistle\Book;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Balance\BalanceRule;
use KeenThistle\Log\Entry;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

/** @implements Handler<NoteMeasures> */
final readonly class NoteMeasuresHandler implements Handler
{
    public function __construct(private Scope $scope, private EntityManagerInterface $manager)
    {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $dog = $this->scope->get($actor, Dog::class, $command->dog, $this->manager, 'dog');
        $this->manager->refresh($dog, LockMode::PESSIMISTIC_WRITE);
        $given = $command->measures->given();
        $before = $dog->measures;
        $seen = $dog->seen;
        $dog->measures = array_merge($before, $given);
        $dog->seen = array_merge($seen, $command->measures->tapped());
        $words = [];
        if ($dog->measures !== $before) {
            $names = array_map(
                static fn (string $n): string => strtr($n, ['_mm' => '', '_' => ' ']),
                array_keys($given),
            );
            $words[] = 'measured: '.implode(', ', $names);
        }
        foreach ($dog->seen as $point => $side) {
            if ($side !== ($seen[$point] ?? null)) {
                $words[] = BalanceRule::words($point).': '.BalanceRule::words($point, $side);
            }
        }

        return [] === $words
            ? new Outcome()
            : new Outcome(entries: [new Entry($dog, 'dog', (string) $dog->id, implode('; ', $words))]);
    }
}
