<?php

/** Notes who fetched a dog; somebody who is not on the list needs the owner's word. */

declare(strict_types=1);

namespace KeenThistle\Floor;

use KeenThistle\Arrival\ArrivalRows;
use KeenThistle\Book\Reach;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Log\Entry;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use Psr\Clock\ClockInterface;

/** @implements Handler<CollectDog> */
final readonly class CollectDogHandler implements Handler
{
    public function __construct(private ArrivalRows $rows, private Today $today, private ClockInterface $clock)
    {
    }

    /** @throws InvalidInput where nobody asked the owner about a stranger */
    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $arrival = $this->rows->arrival($actor, $command->arrival);
        $form = $command->form;
        if (null === $form) {
            if (null === $arrival->leftAt) {
                return new Outcome();
            }
            $arrival->leftAt = null;
            $arrival->leftWith = $arrival->leftWord = '';

            return new Outcome(entries: [
                new Entry($arrival->dog, 'arrival', (string) $arrival->id, 'is still here: taken back'),
            ]);
        }
        if (null !== $arrival->leftAt) {
            throw Refused::conflict("{$arrival->dog->name} went home with $arrival->leftWith already.");
        }
        if ($this->today->isAtTheTable($arrival)) {
            throw Refused::conflict("{$arrival->dog->name} is at the table: finish there first.");
        }
        $name = trim($form->with);
        $said = trim($form->owner_said);
        $known = array_map(static fn (array $c): string => mb_strtolower($c['name']), Reach::collectors($arrival->dog));
        if ('' === $said && !\in_array(mb_strtolower($name), $known, true)) {
            throw InvalidInput::at('owner_said', "is needed: $name is not on the list, so ask the owner first");
        }
        $arrival->leftAt = $this->clock->now();
        $arrival->leftWith = $name;
        $arrival->leftWord = $said;

        return new Outcome(entries: [
            new Entry(
                $arrival->dog,
                'arrival',
                (string) $arrival->id,
                "went home with $name".('' === $said ? '' : "; the owner said: $said"),
            ),
        ]);
    }
}
