<?php

/** Takes owners' links back: what they opened is not there any more, at once. */

declare(strict_types=1);

namespace KeenThistle\Desk;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Arrival\Agreement;
use KeenThistle\Command\Http\Writes;
use KeenThistle\Http\Endpoint;
use KeenThistle\Log\ChangeRecorder;
use KeenThistle\Owner\OwnerLinks;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use KeenThistle\Table\Groom;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class OwnerLinkController
{
    public function __construct(
        private Scope $scope,
        private Writes $writes,
        private ChangeRecorder $log,
        private OwnerLinks $links,
    ) {
    }

    #[Route('/api/agreements/{id}/link', methods: ['DELETE'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint('Take back the link to an owner\'s copy of an agreement', status: 204)]
    public function agreement(Actor $actor, Request $request, string $id): Response
    {
        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use ($actor, $id): array {
                $agreement = $this->scope->get($actor, Agreement::class, $id, $manager, 'agreement');
                $this->links->close($manager, 'agreement', $agreement->id);
                $this->log->record(
                    $actor,
                    $manager,
                    $agreement->arrival->dog,
                    'arrival',
                    (string) $agreement->arrival->id,
                    'link to the agreement taken back',
                );

                return [];
            },
            static fn (): null => null,
        );
    }

    #[Route('/api/grooms/{id}/care-link', methods: ['DELETE'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint('Take back the link to a home-care sheet', status: 204)]
    public function care(Actor $actor, Request $request, string $id): Response
    {
        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use ($actor, $id): array {
                $groom = $this->scope->get($actor, Groom::class, $id, $manager, 'groom');
                $this->links->close($manager, 'groom', $groom->id);
                $this->log->record(
                    $actor,
                    $manager,
                    $groom->dog,
                    'groom',
                    (string) $groom->id,
                    'link to the home-care sheet taken back',
                );

                return [];
            },
            static fn (): null => null,
        );
    }
}
