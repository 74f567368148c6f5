<?php

/** Says what a dog has come for, and what on top: minutes, price and the order of an open groom follow. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Log\Entry;
use KeenThistle\Staff\Actor;
use Symfony\Contracts\EventDispatcher\EventDispatcherInterface;

/** @implements Handler<ChangeKind> */
final readonly class ChangeKindHandler implements Handler
{
    public function __construct(private ArrivalRows $rows, private EventDispatcherInterface $events)
    {
    }

    /** @throws InvalidInput for an extra that the price list of the day does not have */
    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $arrival = $this->rows->arrival($actor, $command->arrival);
        $extras = self::extras($arrival, $command->extras);
        if ($arrival->kind === $command->kind && $arrival->extras === $extras) {
            return new Outcome();
        }
        $arrival->kind = $command->kind;
        $arrival->extras = $extras;
        $this->events->dispatch(new ArrivalChanged($arrival, $actor));
        $words = 'came for: '.implode(', ', [$command->kind->words(), ...array_column($extras, 'name')]);

        return new Outcome(entries: [new Entry($arrival->dog, 'arrival', (string) $arrival->id, $words)]);
    }

    /**
     * What was asked for before keeps its price of then.
     *
     * @param list<string>|null $names
     *
     * @return list<array{name: string, minor: int, minutes: int}>
     */
    private static function extras(Arrival $arrival, ?array $names): array
    {
        if (null === $names) {
            return $arrival->extras;
        }
        $there =
            array_column($arrival->extras, null, 'name') +
            array_column($arrival->salon->pricesOn($arrival->day)->extras, null, 'name');
        $out = [];
        foreach (array_values(array_unique($names)) as $i => $name) {
            $out[] = $there[$name] ?? throw InvalidInput::at("extras[$i]", 'is not in the price list of that day');
        }

        return $out;
    }
}
