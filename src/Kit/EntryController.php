<?php

/** What happens to a tool, written down as it happens: oiled, felt, disinfected, ground, run. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Command\Http\Writes;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Wear\CareTable;
use KeenThistle\Core\Wear\ToolEvent;
use KeenThistle\Device\Thermometer;
use KeenThistle\Http\Body;
use KeenThistle\Http\Endpoint;
use KeenThistle\Log\ChangeRecorder;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\Uuid;

final readonly class EntryController
{
    public function __construct(
        private Scope $scope,
        private ToolLog $toolLog,
        private Writes $writes,
        private ChangeRecorder $log,
        private Thermometer $thermometer,
        private ClockInterface $clock,
    ) {
    }

    public static function shape(): Shape
    {
        return Shape::object([
            'kind' => Shape::choice(ToolEvent::KINDS, 'kind of entry')->required(),
            'minutes' => Shape::number(0, 1440, 'minutes it ran', true)->nullable(),
            'dirt' => Shape::choice(array_keys(ToolEvent::DIRT), 'dirt')->default('clean'),
            'dog' => Shape::text(0, 36)->nullable(),
            'celsius' => Shape::number(-20, 200, '°C')
                ->nullable()
                ->describe('null: read from the probe'),
        ]);
    }

    #[Route('/api/kit/{id}/entries', methods: ['POST'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint(
        'Write down what happened to a tool',
        gives: EntryView::class,
        takes: [self::class, 'shape'],
        status: 201,
    ),]
    public function add(Actor $actor, Request $request, string $id): Response
    {
        $body = Body::read($request, self::shape());

        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use ($actor, $id, $body): array {
                $item = $this->scope->get($actor, KitItem::class, $id, $manager, 'tool');
                $kind = $body->text('kind');
                if (!CareTable::has($item->kind, $kind)) {
                    throw InvalidInput::at(
                        'kind',
                        \sprintf(
                            'is not written down for %s; allowed: %s',
                            str_replace('_', ' ', $item->kind),
                            implode(', ', CareTable::of($item->kind)),
                        ),
                    );
                }
                $staff = $this->scope->person($actor);
                $entry = new ToolEntry(Uuid::v7(), $item, $staff, $kind, $this->clock->now());
                if ('run' === $kind) {
                    $entry->minutes =
                        $body->floatOrNull('minutes') ?? throw InvalidInput::missing('minutes', 'how long it ran');
                    $entry->dirt = $body->text('dirt');
                }
                if ('heat' === $kind) {
                    $ran = $this->toolLog->ranToday($actor, $id);
                    $entry->celsius = $body->floatOrNull('celsius') ?? $this->thermometer->read($item->label, $ran);
                }
                $dog = $body->textOrNull('dog') ?? '';
                $entry->dog = '' === $dog ? null : $this->scope->get($actor, Dog::class, $dog, $manager, 'dog');
                $manager->persist($entry);
                $this->log->record(
                    $actor,
                    $manager,
                    null,
                    'kit',
                    (string) $item->id,
                    \sprintf(
                        '%s: %s%s',
                        $item->label,
                        str_replace('_', ' ', $kind),
                        null === $entry->celsius ? '' : " $entry->celsius °C",
                    ),
                );

                return ['entry' => (string) $entry->id, 'celsius' => $entry->celsius];
            },
            static fn (array $done): EntryView => new EntryView(
                \is_string($done['entry']) ? $done['entry'] : '',
                $body->text('kind'),
                is_numeric($done['celsius']) ? (float) $done['celsius'] : null,
            ),
            201,
        );
    }

    #[Route('/api/kit/entries/{id}', methods: ['DELETE'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint('Take an entry back')]
    public function remove(Actor $actor, Request $request, string $id): Response
    {
        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use ($actor, $id): array {
                $entry = $this->scope->get($actor, ToolEntry::class, $id, $manager, 'entry');
                $this->log->record(
                    $actor,
                    $manager,
                    null,
                    'kit',
                    (string) $entry->item->id,
                    \sprintf('%s: %s taken back', $entry->item->label, str_replace('_', ' ', $entry->kind)),
                );
                $manager->remove($entry);

                return [];
            },
            static fn (): null => null,
        );
    }
}
