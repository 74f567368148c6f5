<?php

/** Makes a dog's day for a device without a signal: arrival and groom are begun as ever, looked at, and taken back. */

declare(strict_types=1);

namespace KeenThistle\Away;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\Persistence\ManagerRegistry;
use KeenThistle\Arrival\Arrival;
use KeenThistle\Arrival\ArrivalAnswers;
use KeenThistle\Arrival\ArrivalRows;
use KeenThistle\Arrival\OpenArrival;
use KeenThistle\Arrival\OpenArrivalHandler;
use KeenThistle\Arrival\Options;
use KeenThistle\Book\Dog;
use KeenThistle\Command\AsOf;
use KeenThistle\Command\Done;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use KeenThistle\Table\Finish;
use KeenThistle\Table\Groom;
use KeenThistle\Table\GroomReader;
use KeenThistle\Table\GroomRows;
use KeenThistle\Table\OpenForm;
use KeenThistle\Table\OpenGroom;
use KeenThistle\Table\OpenGroomHandler;

final readonly class AwayDog
{
    public function __construct(
        private OpenArrivalHandler $openArrival,
        private OpenGroomHandler $openGroom,
        private ArrivalRows $arrivals,
        private ArrivalAnswers $answers,
        private GroomRows $grooms,
        private GroomReader $reader,
        private Finish $finish,
        private FoundTable $found,
        private MatSteps $steps,
        private AsOf $asOf,
        private Scope $scope,
        private Connection $db,
        private EntityManagerInterface $manager,
        private ManagerRegistry $doctrine,
    ) {
    }

    public function of(Actor $actor, Dog $dog, \DateTimeImmutable $today, \DateTimeImmutable $day): AwayDogView
    {
        $id = (string) $dog->id;

        return $this->asOf->shifted(
            86_400 * (int) $today->diff($day)->days,
            fn (): AwayDogView => $this->rehearsed($actor, $id, $day),
        );
    }

    private function rehearsed(Actor $actor, string $dog, \DateTimeImmutable $day): AwayDogView
    {
        $this->db->beginTransaction();
        try {
            $this->scope->apply($actor, $this->manager);
            $there = $this->arrivals->ofDay($actor, $dog, $day);
            $arrival = $there ?? $this->arrive($actor, $dog);
            $groom = null === $there ? null : $this->grooms->ofArrival($there);
            $begun = null !== $groom;
            $groom ??= $this->begin($actor, $dog);
            [$found, $clipped, $texts] = $this->found->of($actor, $arrival);

            return new AwayDogView(
                $dog,
                $day->format('Y-m-d'),
                null !== $there,
                $this->answers->of($actor, $arrival),
                $begun,
                $this->reader->view($actor, $groom),
                $this->finish->view($actor, $groom),
                Options::CLIPS,
                $found,
                $clipped,
                $texts,
                $begun ? [] : $this->steps->of($actor, $groom),
                $this->found->minutes($actor, $arrival),
            );
        } finally {
            $this->db->rollBack();
            $this->doctrine->resetManager();
        }
    }

    private function arrive(Actor $actor, string $dog): Arrival
    {
        $opened = ($this->openArrival)(new OpenArrival($dog), $actor);
        $this->manager->flush();

        return $this->arrivals->arrival($actor, (new Done($opened->kept, false))->id('arrival'));
    }

    private function begin(Actor $actor, string $dog): Groom
    {
        $opened = ($this->openGroom)(new OpenGroom($dog, new OpenForm()), $actor);
        $this->manager->flush();

        return $this->grooms->groom($actor, (new Done($opened->kept, false))->id('groom'));
    }
}
