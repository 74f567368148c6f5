<?php

/** Bookings: a plain list by day until the diary comes. */

declare(strict_types=1);

namespace KeenThistle\Diary;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Command\Http\Writes;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Http\Body;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\Json;
use KeenThistle\Http\Problem;
use KeenThistle\Log\ChangeRecorder;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use KeenThistle\Staff\Staff;
use KeenThistle\Visit\Visit;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\Uuid;

final readonly class BookingController
{
    public function __construct(
        private Scope $scope,
        private Bookings $bookings,
        private Writes $writes,
        private ChangeRecorder $log,
    ) {
    }

    #[Route('/api/bookings', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint(
        'What is booked from a day on',
        gives: BookingsView::class,
        query: ['from' => 'first day, today by default'],
    ),]
    public function list(Actor $actor, Request $request): Response
    {
        $from = $request->query->getString('from');
        $from = '' === $from ? $this->scope->today($actor)->format('Y-m-d') : self::day($from, 'from');

        return Json::response(new BookingsView($this->bookings->from($actor, $from)));
    }

    public static function shape(): Shape
    {
        return Shape::object([
            'day' => Shape::date()->required()->describe('a day from today on'),
            'time' => Shape::text(5, 5)->default('09:00')->describe('such as 09:30'),
            'kind' => Shape::choice(Visit::KINDS, 'kind of visit')->default('full'),
            'staff' => Shape::text(0, 36)->nullable()->describe('who; null: not decided'),
            'note' => Shape::text(0, 300)->default(''),
        ]);
    }

    #[Route('/api/dogs/{id}/bookings', methods: ['POST'])]
    #[IsGranted(May::BOOK)]
    #[Endpoint('Book a dog', gives: BookingView::class, takes: [self::class, 'shape'], status: 201)]
    public function create(Actor $actor, Request $request, string $id): Response
    {
        $body = Body::read($request, self::shape());
        $day = $body->dateOrNull('day') ?? throw new \LogicException('The shape requires a day.');
        $today = $this->scope->today($actor);
        if ($day->format('Y-m-d') < $today->format('Y-m-d') || $day > $today->modify('+2 years')) {
            throw InvalidInput::at('day', 'must be from today to two years from now');
        }
        if (1 !== preg_match('/^([01]\d|2[0-3]):[0-5]\d$/', $body->text('time'))) {
            throw InvalidInput::at('time', 'must be a time such as 09:30');
        }

        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use ($actor, $id, $body, $day): array {
                $dog = $this->scope->get($actor, Dog::class, $id, $manager, 'dog');
                if ('active' !== $dog->state) {
                    throw Problem::conflict("$dog->name is no longer coming: change its state first.");
                }
                $this->mustBeFree($manager, $dog, $day, $body->text('time'));
                $staff = $body->textOrNull('staff') ?? '';
                $booking = new Booking(
                    Uuid::v7(),
                    $dog,
                    '' === $staff ? null : $this->scope->get($actor, Staff::class, $staff, $manager, 'person'),
                    $day,
                    $body->text('time'),
                    $body->text('kind'),
                );
                $booking->note = trim($body->text('note'));
                $manager->persist($booking);
                $this->log->record(
                    $actor,
                    $manager,
                    $dog,
                    'booking',
                    (string) $booking->id,
                    \sprintf('booked: %s, %s at %s', $booking->kind, $day->format('Y-m-d'), $booking->time),
                );

                return ['booking' => (string) $booking->id];
            },
            fn (array $done, EntityManagerInterface $manager): BookingView => self::view(
                $this->scope->get(
                    $actor,
                    Booking::class,
                    \is_string($done['booking']) ? $done['booking'] : '',
                    $manager,
                    'booking',
                ),
            ),
            201,
        );
    }

    #[Route('/api/bookings/{id}', methods: ['PUT'])]
    #[IsGranted(May::BOOK)]
    #[Endpoint('Book what somebody has wished for', gives: BookingView::class, versioned: true)]
    public function grant(Actor $actor, Request $request, string $id): Response
    {
        $version = Body::version($request);

        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use ($actor, $id, $version): array {
                $booking = $this->scope->get($actor, Booking::class, $id, $manager, 'booking');
                if ($booking->version !== $version) {
                    throw Problem::stale('Somebody changed this booking meanwhile.', [
                        'theirs' => self::view($booking),
                        'version' => $booking->version,
                    ]);
                }
                if ('wished' !== $booking->state) {
                    throw Problem::conflict('This is no wish any more.');
                }
                $this->mustBeFree($manager, $booking->dog, $booking->day, $booking->time, $booking);
                $booking->book();
                $this->log->record(
                    $actor,
                    $manager,
                    $booking->dog,
                    'booking',
                    (string) $booking->id,
                    \sprintf(
                        'booked as wished: %s, %s at %s',
                        $booking->kind,
                        $booking->day->format('Y-m-d'),
                        $booking->time,
                    ),
                );

                return [];
            },
            fn (array $done, EntityManagerInterface $manager): BookingView => self::view(
                $this->scope->get($actor, Booking::class, $id, $manager, 'booking'),
            ),
        );
    }

    /** @throws Problem 409; the unique key decides between two at once */
    private function mustBeFree(
        EntityManagerInterface $manager,
        Dog $dog,
        \DateTimeImmutable $day,
        string $time,
        ?Booking $but = null,
    ): void {
        $there = $manager
            ->getRepository(Booking::class)
            ->findOneBy(['dog' => $dog, 'slot' => Booking::slotOf($day, $time)]);
        if (null !== $there && $there !== $but) {
            throw Problem::conflict(
                \sprintf('%s is booked on %s at %s already.', $dog->name, $day->format('Y-m-d'), $time),
            );
        }
    }

    #[Route('/api/bookings/{id}', methods: ['DELETE'])]
    #[IsGranted(May::BOOK)]
    #[Endpoint('Cancel a booking', gives: BookingView::class, versioned: true)]
    public function cancel(Actor $actor, Request $request, string $id): Response
    {
        $version = Body::version($request);

        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use ($actor, $id, $version): array {
                $booking = $this->scope->get($actor, Booking::class, $id, $manager, 'booking');
                if ($booking->version !== $version) {
                    throw Problem::stale('Somebody changed this booking meanwhile.', [
                        'theirs' => self::view($booking),
                        'version' => $booking->version,
                    ]);
                }
                $booking->cancel();
                $this->log->record(
                    $actor,
                    $manager,
                    $booking->dog,
                    'booking',
                    (string) $booking->id,
                    \sprintf('cancelled: %s, %s at %s', $booking->kind, $booking->day->format('Y-m-d'), $booking->time),
                );

                return [];
            },
            fn (array $done, EntityManagerInterface $manager): BookingView => self::view(
                $this->scope->get($actor, Booking::class, $id, $manager, 'booking'),
            ),
        );
    }

    private static function view(Booking $b): BookingView
    {
        return new BookingView(
            (string) $b->id,
            (string) $b->dog->id,
            $b->dog->name,
            $b->day->format('Y-m-d'),
            $b->time,
            $b->kind,
            $b->staff?->name,
            $b->note,
            $b->state,
            $b->version,
        );
    }

    private static function day(string $value, string $field): string
    {
        $date = Shape::date()->read($value, $field);
        \assert($date instanceof \DateTimeImmutable);

        return $date->format('Y-m-d');
    }
}
