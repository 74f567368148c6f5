<?php

/** Bookings: what is booked from a day on, the list of a day, booking, moving, cancelling. */

declare(strict_types=1);

namespace KeenThistle\Diary;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Commands;
use KeenThistle\Command\Http\Answer;
use KeenThistle\Command\Key;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\FromBody;
use KeenThistle\Http\FromIfMatch;
use KeenThistle\Http\Json;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class BookingController
{
    public function __construct(
        private Scope $scope,
        private Bookings $bookings,
        private Commands $commands,
        private EntityManagerInterface $manager,
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
        $from = '' === $from ? $this->scope->today($actor) : Shape::date()->read($from, 'from');
        \assert($from instanceof \DateTimeImmutable);

        return Json::response(new BookingsView($this->bookings->from($actor, $from->format('Y-m-d'))));
    }

    #[Route('/api/day', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint(
        'The list of a day: who comes when, for what, and what to be careful of',
        gives: DayView::class,
        query: ['on' => 'the day, today by default'],
    ),]
    public function day(Actor $actor, Request $request, Days $days): Response
    {
        $on = $request->query->getString('on');
        $on = '' === $on ? $this->scope->today($actor) : Shape::date()->read($on, 'on');
        \assert($on instanceof \DateTimeImmutable);

        return Json::response($days->of($actor, $on));
    }

    #[Route('/api/dogs/{id}/bookings', methods: ['POST'])]
    #[IsGranted(May::BOOK)]
    #[Endpoint('Book a dog', gives: BookingView::class, status: 201)]
    public function create(Actor $actor, string $id, #[FromBody] NewBooking $booking, Key $key): Response
    {
        $done = $this->commands->run(new BookDog($id, $booking), $actor, $key);

        return Answer::to($done, $this->view($actor, $done->id('booking')), 201);
    }

    #[Route('/api/bookings/{id}', methods: ['PUT'])]
    #[IsGranted(May::BOOK)]
    #[Endpoint('Book what somebody has wished for', gives: BookingView::class)]
    public function grant(Actor $actor, string $id, #[FromIfMatch] int $version, Key $key): Response
    {
        $done = $this->commands->run(new GrantWish($id, $version), $actor, $key);

        return Answer::to($done, $this->view($actor, $id));
    }

    #[Route('/api/bookings/{id}/date', methods: ['PUT'])]
    #[IsGranted(May::BOOK)]
    #[Endpoint('Give a booking another day, hour, kind or person', gives: BookingView::class)]
    public function move(
        Actor $actor,
        string $id,
        #[FromIfMatch] int $version,
        #[FromBody] MovedBooking $to,
        Key $key,
    ): Response {
        $done = $this->commands->run(new MoveBooking($id, $version, $to), $actor, $key);

        return Answer::to($done, $this->view($actor, $id));
    }

    #[Route('/api/bookings/{id}', methods: ['DELETE'])]
    #[IsGranted(May::BOOK)]
    #[Endpoint('Cancel a booking', gives: BookingView::class)]
    public function cancel(Actor $actor, string $id, #[FromIfMatch] int $version, Key $key): Response
    {
        $done = $this->commands->run(new CancelBooking($id, $version), $actor, $key);

        return Answer::to($done, $this->view($actor, $id));
    }

    #[Route('/api/bookings/{id}/missed', methods: ['PUT'])]
    #[IsGranted(May::BOOK)]
    #[Endpoint('Nobody came: what house terms ask for it is noted', gives: BookingView::class)]
    public function missed(Actor $actor, string $id, #[FromIfMatch] int $version, Key $key): Response
    {
        $done = $this->commands->run(new MissBooking($id, $version, true), $actor, $key);

        return Answer::to($done, $this->view($actor, $id));
    }

    #[Route('/api/bookings/{id}/missed', methods: ['DELETE'])]
    #[IsGranted(May::BOOK)]
    #[Endpoint('It came after all: booked again', gives: BookingView::class)]
    public function came(Actor $actor, string $id, #[FromIfMatch] int $version, Key $key): Response
    {
        $done = $this->commands->run(new MissBooking($id, $version, false), $actor, $key);

        return Answer::to($done, $this->view($actor, $id));
    }

    #[Route('/api/bookings/{id}/ask', methods: ['POST'])]
    #[IsGranted(May::BOOK)]
    #[Endpoint('Write to its owner, with a link to answer by', gives: BookingView::class)]
    public function ask(Actor $actor, string $id, Key $key): Response
    {
        $done = $this->commands->run(new WriteOfDate($id), $actor, $key);

        return Answer::to($done, $this->view($actor, $id));
    }

    private function view(Actor $actor, string $id): BookingView
    {
        return BookingView::of($this->scope->get($actor, Booking::class, $id, $this->manager, 'booking'));
    }
}
