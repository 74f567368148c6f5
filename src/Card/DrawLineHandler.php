<?php

/** Draws a hard line on a card; two people drawing different ones both keep theirs. */

declare(strict_types=1);

namespace KeenThistle\Card;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Book\HardLines;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Log\Entry;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

/** @implements Handler<DrawLine> */
final readonly class DrawLineHandler implements Handler
{
    public function __construct(private Scope $scope, private EntityManagerInterface $manager)
    {
    }

    /** @throws InvalidInput where there is no such zone, or the two do not meet */
    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $line = $command->line;
        $zone = Zone::of($line->zone);
        $next = array_map(static fn (Zone $z): string => $z->id, $zone->neighbours());
        if (!\in_array($line->other, $next, true)) {
            throw InvalidInput::notOneOf('other', $line->other, $next, 'neighbour of '.$zone->label);
        }
        $dog = $this->scope->get($actor, Dog::class, $command->dog, $this->manager, 'dog');
        $this->manager->refresh($dog, LockMode::PESSIMISTIC_WRITE);
        if ($line->wanted === HardLines::has($dog, $line->zone, $line->other)) {
            return new Outcome();
        }
        $pair = HardLines::pair($line->zone, $line->other);
        $dog->hardLines = $line->wanted
            ? [...$dog->hardLines, $pair]
            : array_values(array_filter($dog->hardLines, static fn (array $p): bool => $p !== $pair));
        $words = \sprintf(
            '%s between %s and %s',
            $line->wanted ? 'hard line' : 'no hard line',
            $zone->label,
            Zone::of($line->other)->label,
        );

        return new Outcome(entries: [new Entry($dog, 'dog', (string) $dog->id, $words)]);
    }
}
