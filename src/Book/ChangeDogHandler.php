<?php

/** Changes a dog and its first owner; what stands on the home's other cards changes there too. */

declare(strict_types=1);

namespace KeenThistle\Book;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Handling\State;
use KeenThistle\Log\Entry;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Clock\ClockInterface;

/** @implements Handler<ChangeDog> */
final readonly class ChangeDogHandler implements Handler
{
    public function __construct(
        private Scope $scope,
        private DogIndex $index,
        private Homes $homes,
        private Apart $apart,
        private EntityManagerInterface $manager,
        private ClockInterface $clock,
    ) {
    }

    /** @throws Refused 412 with theirs where somebody else changed it meanwhile */
    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $dog = $this->scope->get($actor, Dog::class, $command->id, $this->manager, 'dog');
        if ($dog->version !== $command->version) {
            throw Refused::stale(
                'Somebody changed this dog meanwhile. Your entries are still here; look at theirs and save again.',
                ['theirs' => DogView::of($dog, true), 'version' => $dog->version],
            );
        }
        $this->apart->mustBeKnown($actor, $command->dog->apart, $dog);
        $before = self::forLog($dog);
        $command->dog->into($dog, $this->scope->today($actor));
        $owner = $command->dog->owner;
        $first = $dog->household->clients->first();
        if (null !== $owner && false !== $first) {
            $first->name = trim($owner->name);
            $first->phone = trim($owner->phone);
            $first->email = trim($owner->email);
        }
        if ($before['photo_consent'] !== $dog->photoConsent) {
            $this->manager->persist(Consent::toPhotos($dog, $this->scope->person($actor), $this->clock->now()));
        }
        $after = self::forLog($dog);
        $changed = array_keys(
            array_filter(
                $after,
                static fn (mixed $value, string $key): bool => $value !== $before[$key],
                \ARRAY_FILTER_USE_BOTH,
            ),
        );
        if ([] === $changed) {
            return new Outcome();
        }
        ++$dog->version;
        $this->manager->flush();
        $out = State::from($dog->state)->isBooked() ? 0 : $this->takeOut($dog, $actor);
        $this->index->refresh($dog);
        if (\in_array('people', $changed, true)) {
            $this->homes->changed($this->manager, $dog);
        }
        $words = implode(', ', array_map(static fn (string $key): string => str_replace('_', ' ', $key), $changed));

        $taken = 0 === $out ? '' : ($out > 1 ? "; $out bookings taken out" : '; one booking taken out');

        return new Outcome(
            entries: [
                new Entry(
                    $dog,
                    'dog',
                    (string) $dog->id,
                    "$dog->name: $words changed$taken",
                    array_intersect_key($before, array_flip($changed)),
                    array_intersect_key($after, array_flip($changed)),
                ),
            ],
        );
    }

    /** What is booked or wished ahead, of a dog for whom no dates are held. */
    private function takeOut(Dog $dog, Actor $actor): int
    {
        return (int) $this->manager->getConnection()->executeStatement(
            "UPDATE booking SET state = 'cancelled', slot = NULL, version = version + 1 WHERE dog_id = ? AND ".
                "state IN ('booked', 'wished') AND day >= ?",
            [$dog->id->toBinary(), $this->scope->today($actor)->format('Y-m-d')],
        );
    }

    /** @return array<string, mixed> */
    private static function forLog(Dog $dog): array
    {
        $fields = [];
        foreach (get_object_vars(DogView::of($dog, true)) as $name => $value) {
            if (!\in_array($name, ['id', 'version', 'household', 'household_name', 'stops', 'reach'], true)) {
                $fields[(string) $name] = $value;
            }
        }

        return $fields;
    }
}
