<?php

/** Visits held ahead: on which days they could be, holding them, giving up what is still to come. */

declare(strict_types=1);

namespace KeenThistle\Ahead;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dogs;
use KeenThistle\Command\Commands;
use KeenThistle\Command\Http\Answer;
use KeenThistle\Command\Key;
use KeenThistle\Diary\Booking;
use KeenThistle\Diary\BookingView;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\FromBody;
use KeenThistle\Http\Json;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\Uuid;

final readonly class SeriesController
{
    public function __construct(
        private Series $series,
        private Commands $commands,
        private EntityManagerInterface $manager,
    ) {
    }

    #[Route('/api/dogs/{id}/series/answer', methods: ['POST'])]
    #[IsGranted(May::READ)]
    #[Endpoint('On which days visits could be held ahead, and how full their weeks are', gives: SeriesView::class)]
    public function answer(Actor $actor, string $id, #[FromBody] SeriesForm $form, Dogs $dogs): Response
    {
        return Json::response($this->series->view($actor, $dogs->get($actor, $id), $form));
    }

    #[Route('/api/dogs/{id}/series', methods: ['POST'])]
    #[IsGranted(May::BOOK)]
    #[Endpoint('Hold visits ahead', gives: SeriesView::class, status: 201)]
    public function hold(Actor $actor, string $id, #[FromBody] SeriesForm $form, Key $key): Response
    {
        $done = $this->commands->run(new HoldSeries($id, $form), $actor, $key);

        return Answer::to($done, $this->view($done->id('series')), 201);
    }

    #[Route('/api/series/{id}', methods: ['DELETE'])]
    #[IsGranted(May::BOOK)]
    #[Endpoint('Give up what is still to come of a series', gives: SeriesView::class)]
    public function drop(Actor $actor, string $id, Key $key): Response
    {
        $done = $this->commands->run(new DropSeries($id), $actor, $key);

        return Answer::to($done, $this->view($id));
    }

    private function view(string $series): SeriesView
    {
        $its = $this->manager
            ->getRepository(Booking::class)
            ->findBy(['series' => Uuid::fromString($series), 'state' => 'booked'], ['day' => 'ASC']);

        return new SeriesView([], array_map(BookingView::of(...), $its), []);
    }
}
