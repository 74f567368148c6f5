<?php

/** Takes the next hundred rows of a sheet into the book, all of them or none. */

declare(strict_types=1);

namespace KeenThistle\TakeIn;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\DogForm;
use KeenThistle\Book\TakeDogIn;
use KeenThistle\Book\TakeDogInHandler;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Command\Progress;
use KeenThistle\Input\Form;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Uid\Uuid;

/** @implements Handler<TakeRowsIn> */
final readonly class TakeRowsInHandler implements Handler
{
    private const AT_ONCE = 100;
    /** Each flush looks at all that is managed: what is kept is let go of now and then. */
    private const MANAGED = 10;

    public function __construct(
        private Imports $imports,
        private TakeDogInHandler $takeIn,
        private Scope $scope,
        private EntityManagerInterface $manager,
    ) {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $rows = $this->imports->rows($actor, $command->import, $command->from, self::AT_ONCE);
        $shape = Form::shape(DogForm::class);
        $entries = $homes = [];
        foreach ($rows as $n => [$row, $dog]) {
            if (0 === $n % self::MANAGED) {
                $this->manager->clear();
            }
            $owner = $dog->owner instanceof \stdClass ? (array) $dog->owner : [];
            $key = mb_strtolower(self::text($owner['name'] ?? '')."\n".self::text($owner['phone'] ?? ''));
            $homes[$key] ??= $this->home($actor, $owner);
            if (null !== $homes[$key]) {
                $dog->household = $homes[$key];
            }
            $done = ($this->takeIn)(new TakeDogIn(Form::make(DogForm::class, $shape->fields($dog))), $actor);
            $entries = [...$entries, ...$done->entries];
            $id = Uuid::fromString(self::text($done->kept['dog'] ?? ''));
            $homes[$key] ??= $this->home($actor, $owner);
            $this->imports->made($command->import, $row, $id);
        }
        $more = self::AT_ONCE === \count($rows);
        $this->imports->now($command->import, $more ? 'begun' : 'done', \count($rows));
        $next = $more ? new TakeRowsIn($command->import, $command->from + self::AT_ONCE) : null;

        return new Outcome(entries: $entries, progress: new Progress(\count($rows), $next));
    }

    /**
     * A home of the book that has this person: two dogs of one owner stand in one.
     *
     * @param array<array-key, mixed> $owner
     */
    private function home(Actor $actor, array $owner): ?string
    {
        $rows = $this->scope->rows(
            $actor,
            'SELECT household_id FROM client WHERE salon_id = :salon AND phone = :phone AND name = :name LIMIT 1',
            ['phone' => trim(self::text($owner['phone'] ?? '')), 'name' => trim(self::text($owner['name'] ?? ''))],
        );

        return [] === $rows ? null : Row::id($rows[0]['household_id']);
    }

    private static function text(mixed $value): string
    {
        return \is_string($value) ? $value : '';
    }
}
