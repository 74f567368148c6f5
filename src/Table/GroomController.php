<?php

/** Grooms: what last time was like, come to the table, how it stands, taps, a reading of the probe. */

declare(strict_types=1);

namespace KeenThistle\Table;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Arrival\Arrival;
use KeenThistle\Arrival\ArrivalRows;
use KeenThistle\Book\Dog;
use KeenThistle\Book\Dogs;
use KeenThistle\Command\Http\Writes;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Length\BladeTable;
use KeenThistle\Core\Table\Board;
use KeenThistle\Core\Table\TimerKind;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Device\Thermometer;
use KeenThistle\Http\Body;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\Json;
use KeenThistle\Http\Problem;
use KeenThistle\Kit\KitReader;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use KeenThistle\Visit\Visits;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\Uuid;

/** @phpstan-import-type Outcome from TakeTaps */
final readonly class GroomController
{
    /** Raised when the response record changes, so that no browser keeps an old one. */
    private const SHAPE = 2;

    public function __construct(
        private GroomRows $rows,
        private GroomReader $reader,
        private RepeatReader $repeat,
        private Dogs $dogs,
        private Visits $visits,
        private ArrivalRows $arrivals,
        private KitReader $kit,
        private Scope $scope,
        private Writes $writes,
        private ClockInterface $clock,
        private EntityManagerInterface $manager,
    ) {
    }

    #[Route('/api/dogs/{id}/repeat', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint('Where last time differs from the card, before the first cut', gives: RepeatView::class)]
    public function last(Actor $actor, string $id): Response
    {
        $dog = $this->dogs->get($actor, $id);
        $visits = $this->visits->of($actor, $dog);
        $lengths = $this->kit->lengths($actor);
        $zones = [];
        foreach ($this->repeat->rows($actor, $dog, $visits) as $r) {
            $zones[] = [
                'zone' => $r['zone'],
                'card' => $r['card']?->words(),
                'card_mm' => null === $r['card']
                        ? null
                        : $lengths->planned($r['card']->forRules())->finished?->rounded(),
                'last' => $r['last']->words(),
                'last_mm' => $lengths->actual($r['last']->forRules(), Zone::of($r['zone']))->finished?->rounded(),
                'day' => $r['day'],
                'who' => $r['who'],
                'why' => $r['why'],
                'refused' => $r['refused'],
            ];
        }
        $last = end($visits);
        $open = $this->rows->open($dog, $this->manager);

        return Json::response(
            new RepeatView(null === $open ? null : (string) $open->id, false === $last ? null : $last['day'], $zones),
        );
    }

    #[Route('/api/dogs/{id}/grooms', methods: ['POST'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint(
        'Bring a dog to the table, or go on with it',
        gives: GroomView::class,
        takes: [OpenGroom::class, 'shape'],
    ),]
    public function open(Actor $actor, Request $request, string $id, OpenGroom $open): Response
    {
        $body = Body::read($request, OpenGroom::shape());

        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use ($actor, $id, $body, $open): array {
                $dog = $this->scope->get($actor, Dog::class, $id, $manager, 'dog');

                return ['groom' => (string) $open($actor, $manager, $this->arrival($actor, $manager, $dog), $body)->id];
            },
            fn (array $done, EntityManagerInterface $manager): GroomView => $this->reader->view(
                $actor,
                $this->rows->groom($actor, \is_string($done['groom']) ? $done['groom'] : '', $manager),
            ),
        );
    }

    #[Route('/api/grooms/{id}', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint(
        'A groom as it stands; answers 304 to If-None-Match while nothing has been tapped',
        gives: GroomView::class,
    ),]
    public function read(Actor $actor, Request $request, string $id): Response
    {
        $groom = $this->rows->groom($actor, $id);
        // Seconds are counted in the browser; what PHP says of minutes and of forgotten timers is a minute old at most.
        $clock = null !== $groom->closedAt ? $groom->closedAt->format('U') : $this->clock->now()->format('YmdHi');
        $etag = hash(
            'xxh128',
            implode('|', [
                self::SHAPE,
                $groom->id,
                $groom->seq,
                $clock,
                $groom->dog->cardVersion,
                $this->scope->salon($actor)->kitVersion,
            ]),
        );
        if (Json::matches($request, $etag)) {
            return Json::notModified($etag);
        }

        return Json::withEtag(Json::response($this->reader->view($actor, $groom)), $etag);
    }

    #[Route('/api/grooms/{id}/taps', methods: ['POST'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint(
        'Taps, oldest first, each counted once; one that cannot be counted does not hold up the rest',
        gives: TapsView::class,
        takes: [TapInput::class, 'shape'],
    ),]
    public function taps(Actor $actor, Request $request, string $id, TakeTaps $take): Response
    {
        // Taps are checked one by one where they are counted.
        $given = json_decode($request->getContent());
        $taps =
            $given instanceof \stdClass && \is_array($given->taps ?? null)
                ? array_values($given->taps)
                : throw Problem::field('taps', 'must be a list of taps, oldest first');
        if ([] === $taps || \count($taps) > TapInput::MOST) {
            throw Problem::field('taps', \sprintf('must be 1 to %d taps', TapInput::MOST));
        }
        $head = Shape::object([
            'sent_at' => Shape::text(20, 40)->required(),
            'device' => Shape::line(4, 64)->required(),
        ])->fields((object) array_diff_key(get_object_vars($given), ['taps' => 1]));

        /** @var list<Outcome> $first */
        $first = [];
        $all = $board = null;

        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use (
                $actor,
                $id,
                $take,
                $head,
                $taps,
                &$first,
                &$all,
                &$board,
            ): array {
                $groom = $this->rows->groom($actor, $id, $manager, true);
                [$first, $ahead, $all, $board] = $take(
                    $actor,
                    $manager,
                    $groom,
                    $head->text('device'),
                    $head->text('sent_at'),
                    $taps,
                );

                return [
                    'ahead' => round($ahead, 1),
                    'other' => array_filter(
                        array_column($first, 'outcome'),
                        static fn (string $o): bool => 'counted' !== $o,
                    ),
                ];
            },
            function (array $done, EntityManagerInterface $manager) use (
                $actor,
                $id,
                $taps,
                &$first,
                &$all,
                &$board,
            ): TapsView {
                $results =
                    [] !== $first ? $first : TakeTaps::again($taps, \is_array($done['other']) ? $done['other'] : []);

                return new TapsView(
                    $results,
                    is_numeric($done['ahead']) ? (float) $done['ahead'] : 0.0,
                    $this->reader->view($actor, $this->rows->groom($actor, $id, $manager), $all, $board),
                );
            },
        );
    }

    public static function probe(): Shape
    {
        return Shape::object([
            'blade' => Shape::choice(BladeTable::labels(), 'blade')->required()->describe('held to the probe'),
        ]);
    }

    #[Route('/api/grooms/{id}/probe/answer', methods: ['POST'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint(
        'Asks the thermometer how hot a blade is; the reading is then tapped like any other',
        gives: ProbeView::class,
        takes: [self::class, 'probe'],
    ),]
    public function reading(Actor $actor, Request $request, string $id, Thermometer $thermometer): Response
    {
        $blade = Body::read($request, self::probe())->text('blade');
        $log = Board::of($this->rows->taps($actor, $this->rows->groom($actor, $id)))->timer(TimerKind::Clipping->value);

        return Json::response(
            new ProbeView($blade, $thermometer->read($blade, $log->ranWith($blade, $this->clock->now()))),
        );
    }

    /** Today's, or a new one: what came in belongs to the groom. */
    private function arrival(Actor $actor, EntityManagerInterface $manager, Dog $dog): Arrival
    {
        $today = $this->scope->today($actor);
        $arrival = $manager->getRepository(Arrival::class)->findOneBy(['dog' => $dog, 'day' => $today]);
        if (null === $arrival) {
            $who = $this->scope->person($actor);
            $arrival = new Arrival(Uuid::v7(), $dog, $who, $today);
            $manager->persist($arrival);
            $manager->flush();
        }

        return $this->arrivals->arrival($actor, (string) $arrival->id, $manager);
    }
}
