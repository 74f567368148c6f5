<?php

/** The kit: every tool, where it lives, how worn it is, who needs it; tools come, move and are retired. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Http\Writes;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Length\BladeTable;
use KeenThistle\Core\Length\Tool;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Http\Body;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\Json;
use KeenThistle\Http\Problem;
use KeenThistle\Log\ChangeRecorder;
use KeenThistle\Salon\Place;
use KeenThistle\Salon\SalonVersions;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use KeenThistle\Staff\Staff;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\Uuid;

final readonly class KitController
{
    public function __construct(
        private KitReader $kit,
        private WearReader $wear,
        private NeededBy $reach,
        private Scope $scope,
        private ToolLog $toolLog,
        private Writes $writes,
        private ChangeRecorder $log,
    ) {
    }

    #[Route('/api/kit', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint('The tools of the salon, where they live and how worn they are', gives: KitView::class)]
    public function list(Actor $actor): Response
    {
        $rows = $this->kit->rows($actor);
        $wear = $this->wear->of($actor, $rows);

        return Json::response(
            new KitView(
                array_map(static fn (array $row): KitItemView => KitItemView::of($row, $wear[$row['id']]), $rows),
            ),
        );
    }

    #[Route('/api/kit/{id}', methods: ['GET'], requirements: ['id' => '(?!derivations)[^/]+'])]
    #[IsGranted(May::READ)]
    #[Endpoint(
        'One tool: its latest entries, who needs it, what its last measurement changed',
        gives: ToolLifeView::class,
    ),]
    public function one(Actor $actor, string $id): Response
    {
        $row = $this->kit->row($actor, $id);

        return Json::response(
            new ToolLifeView(
                KitItemView::of($row, $this->wear->of($actor, [$row])[$id]),
                $this->toolLog->of($actor, $id),
                $this->reach->of($actor, $row),
                $this->toolLog->lastDerivation($actor, $id),
            ),
        );
    }

    public static function shape(): Shape
    {
        return Shape::object([
            'kind' => Shape::choice(KitItem::KINDS, 'kind of tool')->required(),
            'label' => Shape::line(1, 40)->required()->describe('a blade\'s own label; else as the salon calls it'),
            'nominal_mm' => Shape::number(Tool::MIN_GUARD_MM, Length::MAX_MM, 'mm a guard is marked for')->nullable(),
            'place' => Shape::text(1, 36)->required(),
            'keeper' => Shape::text(0, 36)->nullable()->describe('id of the person whose own it is'),
            'note' => Shape::line(0, 200)->default(''),
            'replaces' => Shape::text(0, 36)->nullable()->describe('id of a tool that is retired with this'),
        ]);
    }

    #[Route('/api/kit', methods: ['POST'])]
    #[IsGranted(May::KIT)]
    #[Endpoint(
        'A new tool, measured later; it may take another one\'s place',
        gives: KitItemView::class,
        takes: [self::class, 'shape'],
        status: 201,
    ),]
    public function add(Actor $actor, Request $request): Response
    {
        $body = Body::read($request, self::shape());

        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use ($actor, $body): array {
                $item = new KitItem(
                    Uuid::v7(),
                    $this->scope->get($actor, Place::class, $body->text('place'), $manager, 'place'),
                    $body->text('kind'),
                    trim($body->text('label')),
                    self::nominal($body),
                );
                $this->where($actor, $manager, $item, $body);
                $manager->persist($item);
                $old = $body->textOrNull('replaces') ?? '';
                if ('' !== $old) {
                    $retired = $this->scope->get($actor, KitItem::class, $old, $manager, 'tool');
                    $retired->active = false;
                }
                $this->log->record(
                    $actor,
                    $manager,
                    null,
                    'kit',
                    (string) $item->id,
                    \sprintf(
                        '%s, %s: new in the kit%s',
                        $item->label,
                        $item->place->name,
                        '' === $old ? '' : ' in another one\'s place',
                    ),
                );

                return $this->changed($manager, $item);
            },
            fn (array $done, EntityManagerInterface $m): KitItemView => $this->view($actor, $done, $m),
            201,
        );
    }

    public static function changeShape(): Shape
    {
        return Shape::object([
            'place' => Shape::text(1, 36)->required(),
            'keeper' => Shape::text(0, 36)->nullable(),
            'note' => Shape::line(0, 200)->default(''),
            'active' => Shape::boolean()->default(true)->describe('false: retired; its entries stay'),
        ]);
    }

    #[Route('/api/kit/{id}', methods: ['PUT'])]
    #[IsGranted(May::KIT)]
    #[Endpoint(
        'Where a tool lives, whose it is, whether it is in use',
        gives: KitItemView::class,
        takes: [self::class, 'changeShape'],
        versioned: true,
    ),]
    public function change(Actor $actor, Request $request, string $id): Response
    {
        $body = Body::read($request, self::changeShape());
        $version = Body::version($request);

        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use ($actor, $id, $body, $version): array {
                $item = $this->scope->get($actor, KitItem::class, $id, $manager, 'tool');
                if ($item->version !== $version) {
                    throw Problem::stale('Somebody changed this tool meanwhile.', ['version' => $item->version]);
                }
                $was = ['place' => $item->place->name, 'keeper' => $item->keeper?->name, 'active' => $item->active];
                $item->place = $this->scope->get($actor, Place::class, $body->text('place'), $manager, 'place');
                $this->where($actor, $manager, $item, $body);
                $item->active = $body->bool('active');
                $this->log->record(
                    $actor,
                    $manager,
                    null,
                    'kit',
                    (string) $item->id,
                    match (true) {
                        $was['active'] && !$item->active => "$item->label retired",
                        !$was['active'] && $item->active => "$item->label back in use",
                        default => \sprintf(
                            '%s: lives %s',
                            $item->label,
                            null === $item->keeper ? 'in '.$item->place->name : 'with '.$item->keeper->name,
                        ),
                    },
                    $was,
                    ['place' => $item->place->name, 'keeper' => $item->keeper?->name, 'active' => $item->active],
                );

                return $this->changed($manager, $item);
            },
            fn (array $done, EntityManagerInterface $m): KitItemView => $this->view($actor, $done, $m),
        );
    }

    private function where(Actor $actor, EntityManagerInterface $manager, KitItem $item, Fields $body): void
    {
        $keeper = $body->textOrNull('keeper') ?? '';
        $item->keeper = '' === $keeper ? null : $this->scope->get($actor, Staff::class, $keeper, $manager, 'person');
        $item->note = trim($body->text('note'));
    }

    /** @return array{item: string} */
    private function changed(EntityManagerInterface $manager, KitItem $item): array
    {
        SalonVersions::moved($manager, $item->salon);

        return ['item' => (string) $item->id];
    }

    /** @param array<string, mixed> $done as changed() gave it */
    private function view(Actor $actor, array $done, EntityManagerInterface $manager): KitItemView
    {
        $item = $this->scope->get(
            $actor,
            KitItem::class,
            \is_string($done['item']) ? $done['item'] : '',
            $manager,
            'tool',
        );
        $this->kit->reset();
        $row = [
            'id' => (string) $item->id,
            'place' => (string) $item->place->id,
            'position' => $item->place->position,
            'kind' => $item->kind,
            'label' => $item->label,
            'nominal_um' => $item->nominalUm,
            'measured_um' => $item->measuredUm,
            'measured_base' => $item->measuredBase,
            'measured_lay' => $item->measuredLay?->value,
            'measured_on' => $item->measuredAt?->format('Y-m-d'),
            'spread' => $item->spread,
            'keeper' => null === $item->keeper ? null : (string) $item->keeper->id,
            'keeper_name' => $item->keeper?->name,
            'note' => $item->note,
            'place_name' => $item->place->name,
            'version' => $item->version,
        ];

        return KitItemView::of($row, $this->wear->of($actor, [$row])[$row['id']]);
    }

    /** µm. @throws InvalidInput for a blade that no table knows, a guard without its length */
    private static function nominal(Fields $body): ?int
    {
        $mm = $body->floatOrNull('nominal_mm');

        return match ($body->text('kind')) {
            'blade' => null === $mm
                ? BladeTable::residual(trim($body->text('label')), 'label')->micrometres()
                : throw InvalidInput::at(
                    'nominal_mm',
                    'belongs to guards: a blade\'s length follows from its label, then from measuring it',
                ),
            'guard' => Length::ofMillimetres(
                $mm ?? throw InvalidInput::missing('nominal_mm', 'the mm the guard is marked for'),
                'nominal_mm',
            )->micrometres(),
            default => null === $mm ? null : throw InvalidInput::at('nominal_mm', 'belongs to guards'),
        };
    }
}
