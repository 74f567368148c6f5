<?php

/**
 * What a groom asked of the blades: its clipper timer becomes minutes run with their dirt, its probe readings become
 * heat.
 */

declare(strict_types=1);

namespace KeenThistle\Table;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Core\Table\Board;
use KeenThistle\Core\Table\Moment;
use KeenThistle\Core\Wear\ToolEvent;
use KeenThistle\Kit\KitItem;
use KeenThistle\Kit\ToolEntry;
use KeenThistle\Staff\Staff;
use Symfony\Component\Uid\Uuid;

final readonly class ToolRuns
{
    public function record(
        EntityManagerInterface $manager,
        Groom $groom,
        Board $board,
        Staff $who,
        \DateTimeImmutable $now,
    ): void {
        $log = $board->timer('clipping');
        $washed = 'done' === ($board->steps['bath']['state'] ?? '') ? $board->steps['bath']['at'] : null;
        $blades = $this->blades($manager, $groom, $who);
        $runs = [];
        foreach ($log->spans as $span) {
            $item = $blades[$span['blade'] ?? ''] ?? null;
            if (null !== $item) {
                $dirt = ToolEvent::dirtOf($groom->dog->coat, null !== $washed && $span['from'] >= $washed);
                $runs[(string) $item->id][$dirt] =
                    ($runs[(string) $item->id][$dirt] ?? 0.0) +
                    Moment::between($span['from'], $span['to'] ?? $now) / 60;
            }
        }
        foreach ($blades as $label => $item) {
            foreach ($runs[(string) $item->id] ?? [] as $dirt => $minutes) {
                $entry = new ToolEntry(Uuid::v7(), $item, $who, 'run', $now);
                [$entry->minutes, $entry->dirt, $entry->dog] = [round(min(1440.0, $minutes), 1), $dirt, $groom->dog];
                $manager->persist($entry);
            }
            if (isset($log->readings[$label])) {
                $entry = new ToolEntry(Uuid::v7(), $item, $who, 'heat', $log->readings[$label]['at']);
                [$entry->celsius, $entry->dog] = [$log->readings[$label]['celsius'], $groom->dog];
                $manager->persist($entry);
            }
        }
    }

    /** @return array<int|string, KitItem> by label: the person's own before the place's */
    private function blades(EntityManagerInterface $manager, Groom $groom, Staff $who): array
    {
        $blades = [];
        foreach ($manager->getRepository(KitItem::class)->findBy(['kind' => 'blade', 'active' => true]) as $item) {
            $own = $item->keeper === $who;
            if ($own || (null === $item->keeper && $item->place === $groom->place && !isset($blades[$item->label]))) {
                $blades[$item->label] = $item;
            }
        }

        return $blades;
    }
}
