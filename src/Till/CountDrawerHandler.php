<?php

/** Keeps what a drawer held against what it should; a count after another one corrects it. */

declare(strict_types=1);

namespace KeenThistle\Till;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Say\Say;
use KeenThistle\Log\Entry;
use KeenThistle\Salon\Place;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Clock\ClockInterface;

/** @implements Handler<CountDrawer> */
final readonly class CountDrawerHandler implements Handler
{
    private const HUNDREDTHS = 100;

    public function __construct(
        private Scope $scope,
        private Sales $sales,
        private ClockInterface $clock,
        private EntityManagerInterface $manager,
    ) {
    }

    /** @throws InvalidInput where it does not add up and nobody says why, or more stays than is there */
    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $form = $command->form;
        $place = $this->scope->get($actor, Place::class, $form->place, $this->manager, 'place');
        $today = $this->scope->today($actor);
        $sales = $this->sales->of($place, $today);
        $expected = Sales::takings($sales)->inTheDrawer($this->sales->began($place, $today));
        $off = $form->counted_minor - $expected;
        if (0 !== $off && '' === trim($form->why)) {
            throw InvalidInput::at('why', \sprintf(
                'is needed: %s %s',
                number_format(abs($off) / self::HUNDREDTHS, 2, '.', ''),
                $off > 0 ? 'is too much' : 'is missing',
            ));
        }
        if ($form->stays_minor > $form->counted_minor) {
            throw InvalidInput::at('stays_minor', 'is more than is in it');
        }
        $before = $this->sales->count($place, $today);
        $count = new DrawerCount(
            $place,
            $this->scope->person($actor),
            $today,
            1 + ($before->round ?? 0),
            $this->clock->now(),
            $expected,
            $form->counted_minor,
            $form->stays_minor,
            \count($sales),
            trim($form->why),
        );
        $this->manager->persist($count);

        return new Outcome(entries: [
            new Entry(null, 'till', (string) $count->id, \sprintf(
                'drawer of %s, %s: %s counted, %s expected%s',
                $place->name,
                Say::day($today),
                number_format($count->counted / self::HUNDREDTHS, 2, '.', ''),
                number_format($expected / self::HUNDREDTHS, 2, '.', ''),
                null === $before ? '' : ' (counted again)',
            )),
        ]);
    }
}
