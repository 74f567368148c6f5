<?php

/** What a tap leaves beyond the groom: an incident, that its owner was told, a hand-over in the log. */

declare(strict_types=1);

namespace KeenThistle\Table;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Core\Care\FirstAid;
use KeenThistle\Core\Table\Tap;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Log\Entry;
use KeenThistle\Staff\Staff;

final readonly class TapRecords
{
    public function __construct(private EntityManagerInterface $manager)
    {
    }

    /** @return list<Entry> */
    public function of(Groom $groom, Staff $who, Tap $tap): array
    {
        if ('claw' === $tap->kind && 'quicked' === $tap->text('state')) {
            $tap = new Tap($tap->id, $tap->seq, $tap->who, $tap->device, $tap->at, 'incident', [
                'what' => 'quicked',
                'tool' => 'nail clippers',
                'zone' => 'toe_outline_'.$tap->text('foot'),
                'action' => 'styptic, pressure',
            ]);
        }
        if ('incident' === $tap->kind) {
            $this->manager->persist(new Incident($groom, $who, $tap));
            $words = [
                FirstAid::label($tap->text('what')),
                '' === $tap->text('zone') ? '' : Zone::of($tap->text('zone'))->label,
                $tap->text('tool'),
            ];

            return [new Entry($groom->dog, 'incident', $tap->id, implode(', ', array_diff($words, [''])))];
        }
        if ('told' === $tap->kind) {
            $this->told($groom, $tap);
        }

        return 'hand_over' === $tap->kind
            ? [new Entry($groom->dog, 'groom', (string) $groom->id, 'handed over to '.$tap->text('to'))]
            : [];
    }

    private function told(Groom $groom, Tap $tap): void
    {
        $this->manager->flush();
        $incident = $this->manager
            ->getRepository(Incident::class)
            ->findOneBy(['groom' => $groom, 'tap' => $tap->text('incident')]);
        if (null !== $incident) {
            $incident->told = true;
            $incident->followUp = '' === $tap->text('follow_up') ? $incident->followUp : $tap->text('follow_up');
        }
    }
}
