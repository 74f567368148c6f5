<?php

/** The people of the salon: invited, changed, let go; when they signed in. */

declare(strict_types=1);

namespace KeenThistle\People;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Commands;
use KeenThistle\Command\Done;
use KeenThistle\Command\Http\Answer;
use KeenThistle\Command\Key;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\FromBody;
use KeenThistle\Http\FromIfMatch;
use KeenThistle\Http\Json;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\SignIns;
use KeenThistle\Staff\SignInsView;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\Uuid;

final readonly class PeopleController
{
    public function __construct(
        private PeopleReader $people,
        private Commands $commands,
        private SignIns $signIns,
        private EntityManagerInterface $manager,
    ) {
    }

    #[Route('/api/people', methods: ['GET'])]
    #[IsGranted(May::PEOPLE)]
    #[Endpoint('Who works here, who is invited, what each role may', gives: PeopleView::class)]
    public function all(Actor $actor): Response
    {
        return Json::response($this->people->all($actor));
    }

    #[Route('/api/people/invitations', methods: ['POST'])]
    #[IsGranted(May::PEOPLE)]
    #[Endpoint('Invite somebody to join the salon', gives: InvitationView::class, status: 201)]
    public function invite(Actor $actor, Request $request, #[FromBody] Invite $invite, Key $key): Response
    {
        return $this->link(
            $this->commands->run(new InvitePerson($invite, $request->getSchemeAndHttpHost()), $actor, $key),
        );
    }

    #[Route('/api/people/invitations/{id}', methods: ['DELETE'])]
    #[IsGranted(May::PEOPLE)]
    #[Endpoint('Take an invitation or a link for a new password back', status: 204)]
    public function takeBack(Actor $actor, string $id, Key $key): Response
    {
        return Answer::to($this->commands->run(new TakeLinkBack($id), $actor, $key), null);
    }

    #[Route('/api/people/{id}', methods: ['PUT'])]
    #[IsGranted(May::PEOPLE)]
    #[Endpoint('Change a person, or let them go; 412 when somebody else did meanwhile', gives: PersonView::class)]
    public function change(
        Actor $actor,
        string $id,
        #[FromBody] PersonChange $change,
        #[FromIfMatch] int $version,
        Key $key,
    ): Response {
        $done = $this->commands->run(new ChangePerson($id, $version, $change), $actor, $key);

        return Answer::to($done, $this->people->one($actor, $id));
    }

    #[Route('/api/people/{id}/reset', methods: ['POST'])]
    #[IsGranted(May::PEOPLE)]
    #[Endpoint('A link by which somebody chooses a new password', gives: InvitationView::class, status: 201)]
    public function reset(Actor $actor, Request $request, string $id, Key $key): Response
    {
        return $this->link(
            $this->commands->run(new ResetPassword($id, $request->getSchemeAndHttpHost()), $actor, $key),
        );
    }

    #[Route('/api/people/sign-ins', methods: ['GET'])]
    #[IsGranted(May::PEOPLE)]
    #[Endpoint(
        'Who signed in where, and who was refused',
        gives: SignInsView::class,
        query: ['cursor' => 'the next page'],
    )]
    public function signIns(Actor $actor, Request $request): Response
    {
        $cursor = $request->query->getString('cursor');
        if ('' !== $cursor && !Uuid::isValid($cursor)) {
            throw Refused::notFound('cursor');
        }

        return Json::response($this->signIns->page($actor, $cursor));
    }

    private function link(Done $done): Response
    {
        $link = $this->manager->find(OneTimeLink::class, $done->id('link'));

        return Answer::to($done, null === $link ? null : $this->people->invitation($link), 201);
    }
}
