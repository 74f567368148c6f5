<?php

/** Programmes that are let in by a token, and the feed of changes that they read. */

declare(strict_types=1);

namespace KeenThistle\Integrate;

use KeenThistle\Command\Commands;
use KeenThistle\Command\Http\Answer;
use KeenThistle\Command\Key;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\FromBody;
use KeenThistle\Http\Json;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class IntegrationController
{
    public function __construct(
        private Integrations $integrations,
        private Deliveries $deliveries,
        private ChangeFeed $feed,
        private Commands $commands,
    ) {
    }

    #[Route('/api/integrations', methods: ['GET'])]
    #[IsGranted(May::PEOPLE)]
    #[Endpoint('Programmes that are let in, newest first', gives: IntegrationsView::class)]
    public function list(Actor $actor): Response
    {
        return Json::response($this->view($actor));
    }

    #[Route('/api/integrations', methods: ['POST'])]
    #[IsGranted(May::PEOPLE)]
    #[Endpoint(
        'Let a programme in; its token and secret are in this answer alone',
        gives: IntegrationsView::class,
        status: 201,
    )]
    public function make(Actor $actor, #[FromBody] IntegrationForm $form, Key $key): Response
    {
        $done = $this->commands->run(new MakeIntegration($form), $actor, $key);

        return Answer::to($done, $this->view($actor, $done->id('integration')), 201);
    }

    #[Route('/api/integrations/{id}', methods: ['DELETE'])]
    #[IsGranted(May::PEOPLE)]
    #[Endpoint('End a programme’s token at once', gives: IntegrationsView::class)]
    public function end(Actor $actor, string $id, Key $key): Response
    {
        $done = $this->commands->run(new EndIntegration($id), $actor, $key);

        return Answer::to($done, $this->view($actor));
    }

    #[Route('/api/integrations/{id}/tell', methods: ['PUT'])]
    #[IsGranted(May::PEOPLE)]
    #[Endpoint('Say where a programme is told of changes from now on', gives: IntegrationsView::class)]
    public function tell(Actor $actor, string $id, #[FromBody] TellForm $form, Key $key): Response
    {
        $done = $this->commands->run(new TellIntegration($id, $form->tell), $actor, $key);

        return Answer::to($done, $this->view($actor));
    }

    #[Route('/api/deliveries/{id}/again', methods: ['POST'])]
    #[IsGranted(May::PEOPLE)]
    #[Endpoint('Tell a programme again what it did not take', gives: IntegrationsView::class)]
    public function again(Actor $actor, string $id, Key $key): Response
    {
        $done = $this->commands->run(new TellAgain($id), $actor, $key);

        return Answer::to($done, $this->view($actor));
    }

    #[Route('/api/changes', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint(
        'What has changed, in an order that stays: each change at least once, oldest first',
        gives: ChangesView::class,
        query: ['after' => 'the cursor of the answer before; none: the oldest kept', 'most' => '1 to 500, else 100'],
    )]
    public function changes(Actor $actor, Request $request): Response
    {
        $most = $request->query->getString('most', '100');
        if (1 !== preg_match('/^\d{1,3}$/D', $most) || (int) $most < 1 || (int) $most > ChangeFeed::MOST) {
            throw Refused::field('most', 'must be a number from 1 to '.ChangeFeed::MOST);
        }

        return Json::response($this->feed->after($actor->salon, $request->query->getString('after'), (int) $most));
    }

    private function view(Actor $actor, ?string $new = null): IntegrationsView
    {
        return new IntegrationsView(
            $this->integrations->all($actor),
            Rights::named(),
            $this->deliveries->lately($actor),
            Integrations::A_MINUTE,
            null === $new ? null : $this->integrations->token($new),
            null === $new ? null : $this->integrations->secret($new),
        );
    }
}
