<?php

/** A mat found later, a check changed, the owner's word: the open groom's list of today is made anew with it. */

declare(strict_types=1);

namespace KeenThistle\Table;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Arrival\ArrivalChanged;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;

#[AsEventListener]
final readonly class WhenArrivalChanges
{
    public function __construct(
        private GroomRows $rows,
        private GroomToday $today,
        private EntityManagerInterface $manager,
    ) {
    }

    public function __invoke(ArrivalChanged $changed): void
    {
        $open = $this->rows->open($changed->arrival->dog);
        if (null === $open || (string) $open->arrival->id !== (string) $changed->arrival->id) {
            return;
        }
        $groom = $this->rows->groom($changed->actor, (string) $open->id, true);
        // What was just signed is among what is read.
        $this->manager->flush();
        $said = $this->today->again($changed->actor, $groom);
        $groom->notices = array_values(array_unique([...$said, ...$groom->notices]));
    }
}
