<?php

/** What a dog will stand for: the record of one tool, and the ladder's log. */

declare(strict_types=1);

namespace KeenThistle\Handling;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Command\Commands;
use KeenThistle\Command\Http\Answer;
use KeenThistle\Command\Key;
use KeenThistle\Core\Handling\Exposure;
use KeenThistle\Core\Handling\HandlingRule;
use KeenThistle\Core\Handling\Tool;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\FromBody;
use KeenThistle\Http\FromIfMatch;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class HandlingController
{
    public function __construct(
        private Scope $scope,
        private Commands $commands,
        private EntityManagerInterface $manager,
    ) {
    }

    #[Route('/api/dogs/{id}/handling/{tool}', methods: ['PUT'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint(
        'The salon\'s record of how a dog bears a tool; version 0 for a new one',
        gives: HandlingView::class,
    )]
    public function record(
        Actor $actor,
        string $id,
        string $tool,
        #[FromBody] HandlingForm $form,
        #[FromIfMatch] int $version,
        Key $key,
    ): Response {
        $tool = self::tool($tool);
        $done = $this->commands->run(new RecordHandling($id, $tool, $version, $form), $actor, $key);

        return Answer::to($done, $this->view($actor, $id, $tool));
    }

    #[Route('/api/dogs/{id}/handling/{tool}/ladder', methods: ['POST'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint('How a step of the acclimatising ladder went today', gives: HandlingView::class, status: 201)]
    public function step(Actor $actor, string $id, string $tool, #[FromBody] LadderForm $step, Key $key): Response
    {
        $tool = self::tool($tool);
        $done = $this->commands->run(new StepLadder($id, $tool, $step), $actor, $key);

        return Answer::to($done, $this->view($actor, $id, $tool), 201);
    }

    private function view(Actor $actor, string $id, Tool $tool): HandlingView
    {
        $dog = $this->scope->get($actor, Dog::class, $id, $this->manager, 'dog');
        $record =
            $this->manager->getRepository(HandlingRecord::class)->findOneBy(['dog' => $dog, 'tool' => $tool]) ??
            throw Refused::notFound('record');
        $log = array_map(
            static fn (LadderEntry $e): Exposure => new Exposure($e->day, $e->rung, $e->calm),
            $this->manager
                ->getRepository(LadderEntry::class)
                ->findBy(['dog' => $record->dog, 'tool' => $record->tool], ['day' => 'ASC', 'id' => 'ASC'], 60),
        );

        return HandlingView::of(
            $record,
            (new HandlingRule())->today(
                $record->tool,
                array_values($log),
                $this->scope->today($actor),
                $record->tolerance,
                $this->scope->person($actor)->confidence,
            ),
        );
    }

    private static function tool(string $tool): Tool
    {
        return Tool::tryFrom($tool) ??
            throw InvalidInput::notOneOf(
                'tool',
                mb_substr($tool, 0, 40),
                array_map(static fn (Tool $t): string => $t->value, Tool::cases()),
                'tool',
            );
    }
}
