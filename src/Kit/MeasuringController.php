<?php

/** Measuring a tool once, and finding out card by card what that changed. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Http\Writes;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Kit\Measured;
use KeenThistle\Core\Kit\MeasureRule;
use KeenThistle\Core\Length\BladeTable;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Length\LengthRule;
use KeenThistle\Core\Length\Recipe;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Device\Calliper;
use KeenThistle\Http\Body;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\Json;
use KeenThistle\Http\Problem;
use KeenThistle\Log\ChangeRecorder;
use KeenThistle\Salon\SalonVersions;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\Uuid;

/** @phpstan-import-type KitRow from KitReader */
final readonly class MeasuringController
{
    public function __construct(
        private KitReader $kit,
        private Derive $derive,
        private Calliper $calliper,
        private Scope $scope,
        private Writes $writes,
        private ChangeRecorder $log,
        private ClockInterface $clock,
    ) {
    }

    public static function shape(): Shape
    {
        return Shape::object([
            'measured_mm' => Shape::number(
                0.1,
                Length::MAX_MM,
                'mm, one reading; null and no readings: the measurement is taken away',
            )->nullable(),
            'readings_mm' => Shape::list(Shape::number(0.05, Length::MAX_MM, 'mm'), 1, MeasureRule::MOST)
                ->nullable()
                ->describe('five make a careful measurement'),
            'base' => Shape::choice(BladeTable::GUARD_BASES, 'base blade')->nullable(),
            'lay' => Shape::enum(Lay::class, 'lay')->default('with'),
            'confirmed' => Shape::boolean()
                ->default(false)
                ->describe('what is asked about has been looked at: it is so'),
        ]);
    }

    #[Route('/api/kit/{id}/measurement/answer', methods: ['POST'])]
    #[IsGranted(May::READ)]
    #[Endpoint(
        'What readings of a tool say together, before they are kept',
        gives: MeasuredView::class,
        takes: [self::class, 'shape'],
    ),]
    public function answer(Actor $actor, Request $request, string $id): Response
    {
        $body = Body::read($request, self::shape());
        $row = $this->kit->row($actor, $id);
        $measured =
            self::judge($row['kind'], $row['label'], $row['nominal_um'], $body) ??
            throw InvalidInput::missing('readings_mm', 'at least one reading');

        return Json::response(MeasuredView::of($measured, $this->derive->named($actor, $row)));
    }

    public static function strokeShape(): Shape
    {
        return Shape::object([
            'stroke' => Shape::integer(0, MeasureRule::MOST - 1)->required(),
            'base' => Shape::choice(BladeTable::GUARD_BASES, 'base blade')->nullable(),
            'lay' => Shape::enum(Lay::class, 'lay')->default('with'),
        ]);
    }

    #[Route('/api/kit/{id}/calliper/answer', methods: ['POST'])]
    #[IsGranted(May::READ)]
    #[Endpoint('What the calliper reads', gives: ReadingView::class, takes: [self::class, 'strokeShape'])]
    public function read(Actor $actor, Request $request, string $id): Response
    {
        $body = Body::read($request, self::strokeShape());
        $row = $this->kit->row($actor, $id);
        $likely = self::expected($row['kind'], $row['label'], $row['nominal_um'], $body);

        return Json::response(
            new ReadingView(
                $this->calliper->read($row['id'].$row['label'], $likely?->mm() ?? 1.0, $body->int('stroke')),
            ),
        );
    }

    #[Route('/api/kit/{id}/measurement', methods: ['PUT'])]
    #[IsGranted(May::KIT)]
    #[Endpoint(
        'Measure a tool: every card\'s length follows at once, and what changed is found out step by step',
        gives: DerivationView::class,
        takes: [self::class, 'shape'],
        versioned: true,
    ),]
    public function measure(Actor $actor, Request $request, string $id): Response
    {
        $body = Body::read($request, self::shape());
        $version = Body::version($request);

        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use ($actor, $id, $body, $version): array {
                $item = $this->scope->get($actor, KitItem::class, $id, $manager, 'tool');
                if ($item->version !== $version) {
                    throw Problem::stale('Somebody changed this tool meanwhile.', [
                        'theirs_mm' => null === $item->measuredUm ? null : $item->measuredUm / 1000,
                        'version' => $item->version,
                    ]);
                }
                $measured = self::judge($item->kind, $item->label, $item->nominalUm, $body);
                if (null !== $measured && [] !== $measured->questions && !$body->bool('confirmed')) {
                    throw InvalidInput::at(
                        'confirmed',
                        implode(' ', array_map(static fn (Caution $q): string => $q->message, $measured->questions)),
                    );
                }
                $before = ['um' => $item->measuredUm, 'base' => $item->measuredBase, 'lay' => $item->measuredLay];
                $item->measuredUm = $measured?->mean->micrometres();
                $item->measuredBase = 'guard' === $item->kind && null !== $measured ? $body->textOrNull('base') : null;
                $item->measuredLay = null === $measured ? null : $body->enum('lay', Lay::class);
                $item->spread = null === $measured || !$body->has('readings_mm') ? null : round($measured->spread, 2);
                $item->measuredAt = null === $measured ? null : $this->clock->now();
                SalonVersions::moved($manager, $item->salon);
                $this->log->record(
                    $actor,
                    $manager,
                    null,
                    'kit',
                    (string) $item->id,
                    null === $measured
                        ? "$item->label: measurement removed"
                        : \sprintf('%s measured at %s mm', $item->label, $measured->mean->rounded()),
                    ['measured_um' => $before['um']],
                    ['measured_um' => $item->measuredUm],
                );
                $staff = $this->scope->person($actor);
                $manager->persist(
                    $derivation = new Derivation(
                        Uuid::v7(),
                        $item,
                        $staff,
                        $this->clock->now(),
                        $before,
                        $this->derive->cards($actor),
                    ),
                );

                return ['derivation' => (string) $derivation->id];
            },
            fn (array $done, EntityManagerInterface $manager): DerivationView => $this->derive->view(
                $actor,
                $this->scope->get(
                    $actor,
                    Derivation::class,
                    \is_string($done['derivation']) ? $done['derivation'] : '',
                    $manager,
                    'measurement',
                ),
            ),
        );
    }

    #[Route('/api/kit/derivations/{id}', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint('What a measurement changed, as far as that is known', gives: DerivationView::class)]
    public function derivation(Actor $actor, string $id, EntityManagerInterface $manager): Response
    {
        return Json::response(
            $this->derive->view($actor, $this->scope->get($actor, Derivation::class, $id, $manager, 'measurement')),
        );
    }

    #[Route('/api/kit/derivations/{id}/steps', methods: ['POST'])]
    #[IsGranted(May::KIT)]
    #[Endpoint('Look at the next cards; asked until it is finished, by whoever is there', gives: DerivationView::class)]
    public function step(Actor $actor, Request $request, string $id): Response
    {
        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use ($actor, $id): array {
                $derivation = $this->scope->get($actor, Derivation::class, $id, $manager, 'measurement');
                // Two tabs may both go on with it: one after the other.
                $manager->refresh($derivation, LockMode::PESSIMISTIC_WRITE);
                $this->derive->step($actor, $manager, $derivation);

                return [];
            },
            fn (array $done, EntityManagerInterface $manager): DerivationView => $this->derive->view(
                $actor,
                $this->scope->get($actor, Derivation::class, $id, $manager, 'measurement'),
            ),
        );
    }

    private static function judge(string $kind, string $label, ?int $nominal, Fields $body): ?Measured
    {
        $expected = self::expected($kind, $label, $nominal, $body);
        $field = $body->has('readings_mm') ? 'readings_mm' : 'measured_mm';
        $readings = [];
        $one = $body->has('readings_mm') ? null : $body->floatOrNull('measured_mm');
        $given = $body->has('readings_mm') ? $body->floats('readings_mm') : [];
        foreach (null === $one ? $given : [$one] as $i => $mm) {
            $readings[] = Length::ofMillimetres($mm, "{$field}[$i]");
        }

        return [] === $readings
            ? null
            : (new MeasureRule())->judge(
                $readings,
                $expected,
                'blade' === $kind && Lay::With === $body->enum('lay', Lay::class) ? $label : null,
                $field,
            );
    }

    /** What the tool leaves by the table, in this base and lay. */
    private static function expected(string $kind, string $label, ?int $nominal, Fields $body): ?Length
    {
        if (!\in_array($kind, ['blade', 'guard'], true)) {
            throw InvalidInput::at('measured_mm', 'only blades and guards leave a length of their own');
        }
        $base = $body->textOrNull('base');
        if ('guard' === $kind && null === $base) {
            throw InvalidInput::at(
                'base',
                'say which base was under the guard: '.implode(', ', BladeTable::GUARD_BASES),
            );
        }
        $tool =
            'blade' === $kind
                ? \KeenThistle\Core\Length\Tool::blade($label)
                : \KeenThistle\Core\Length\Tool::guard(Length::ofMicrometres($nominal ?? 0), $base ?? '');

        return (new LengthRule())->planned(new Recipe($tool, $body->enum('lay', Lay::class)))->finished;
    }
}
