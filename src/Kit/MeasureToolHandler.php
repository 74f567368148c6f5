<?php

/** Keeps a measurement: every card's length follows at once, what changed is found out step by step. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Log\Entry;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use KeenThistle\Work\Jobs;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

/** @implements Handler<MeasureTool> */
final readonly class MeasureToolHandler implements Handler
{
    public function __construct(
        private Scope $scope,
        private Derive $derive,
        private Jobs $jobs,
        private ClockInterface $clock,
        private EntityManagerInterface $manager,
    ) {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $form = $command->measure;
        $item = $this->scope->get($actor, KitItem::class, $command->tool, $this->manager, 'tool');
        if ($item->version !== $command->version) {
            throw Refused::stale('Somebody changed this tool meanwhile.', [
                'theirs_mm' => null === $item->measuredUm ? null : $item->measuredUm / 1000,
                'version' => $item->version,
            ]);
        }
        $measured = $form->judge($item->kind, $item->label, $item->nominalUm);
        if (null !== $measured && [] !== $measured->questions && !$form->confirmed) {
            throw InvalidInput::at(
                'confirmed',
                implode(' ', array_map(static fn (Caution $q): string => $q->message, $measured->questions)),
            );
        }
        $before = ['um' => $item->measuredUm, 'base' => $item->measuredBase, 'lay' => $item->measuredLay];
        $now = $this->clock->now();
        $item->measuredUm = $measured?->mean->micrometres();
        $item->measuredBase = 'guard' === $item->kind && null !== $measured ? $form->base : null;
        $item->measuredLay = null === $measured ? null : $form->lay;
        $item->spread = null === $measured || null === $form->readings_mm ? null : round($measured->spread, 2);
        $item->measuredAt = null === $measured ? null : $now;
        $cards = $this->derive->cards($actor);
        $derivation = new Derivation(Uuid::v7(), $item, $this->scope->person($actor), $now, $before, $cards);
        $this->manager->persist($derivation);
        $id = (string) $derivation->id;
        $this->jobs->begin($actor, new DeriveNext($id), $id, "What measuring $item->label changes on cards", $cards);
        $words =
            null === $measured
                ? "$item->label: measurement removed"
                : \sprintf('%s measured at %s mm', $item->label, $measured->mean->rounded());

        return new Outcome(
            ['derivation' => $id],
            [
                new Entry(
                    null,
                    'kit',
                    (string) $item->id,
                    $words,
                    ['measured_um' => $before['um']],
                    ['measured_um' => $item->measuredUm],
                ),
            ],
            allCards: true,
        );
    }
}
