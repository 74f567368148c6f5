<?php

/** What a dog will stand for: the record of one tool, and the ladder's log. */

declare(strict_types=1);

namespace KeenThistle\Handling;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Command\Http\Writes;
use KeenThistle\Core\Handling\Exposure;
use KeenThistle\Core\Handling\HandlingRule;
use KeenThistle\Core\Handling\Rung;
use KeenThistle\Core\Handling\Tool;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Http\Body;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\Problem;
use KeenThistle\Log\ChangeRecorder;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\Uuid;

final readonly class HandlingController
{
    public function __construct(private Scope $scope, private Writes $writes, private ChangeRecorder $log)
    {
    }

    public static function recordShape(): Shape
    {
        return Shape::object([
            'tolerance' => Shape::integer(0, 5)->required()->describe('0 impossible to 5 at ease'),
            'where' => Shape::line(0, 80)->default(''),
            'trigger' => Shape::line(0, 120)->default(''),
            'cause' => Shape::choice(HandlingRecord::CAUSES, 'cause')->default(''),
            'works' => Shape::choice(HandlingRecord::WORKS, 'what works')->default(''),
            'hold' => Shape::line(0, 120)->default('')->describe('how each foot is held'),
            'banned' => Shape::line(0, 80)->default('')->describe('cues never to use'),
            'marker' => Shape::line(0, 40)->default('')->describe('marker word'),
            'treats' => Shape::line(0, 80)->default(''),
            'second_person' => Shape::boolean()->default(false),
            'owner_says' => Shape::line(0, 200)->default('')->describe('the owner\'s own report'),
        ]);
    }

    public static function ladderShape(): Shape
    {
        return Shape::object([
            'rung' => Shape::enum(Rung::class, 'rung')->required(),
            'calm' => Shape::boolean()->required(),
        ]);
    }

    #[Route('/api/dogs/{id}/handling/{tool}', methods: ['PUT'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint(
        'The salon\'s record of how a dog bears a tool; version 0 for a new one',
        gives: HandlingView::class,
        takes: [self::class, 'recordShape'],
        versioned: true,
    ),]
    public function record(Actor $actor, Request $request, string $id, string $tool): Response
    {
        $body = Body::read($request, self::recordShape());
        $version = Body::version($request);
        $tool = self::tool($tool);

        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use ($actor, $id, $tool, $body, $version): array {
                $dog = $this->scope->get($actor, Dog::class, $id, $manager, 'dog');
                $record = $manager->getRepository(HandlingRecord::class)->findOneBy(['dog' => $dog, 'tool' => $tool]);
                if (($record->version ?? 0) !== $version) {
                    throw Problem::stale('Somebody changed this record meanwhile.', [
                        'version' => $record->version ?? 0,
                    ]);
                }
                if (null === $record) {
                    $record = new HandlingRecord(Uuid::v7(), $dog, $tool);
                    $manager->persist($record);
                }
                $record->tolerance = $body->int('tolerance');
                $record->where = trim($body->text('where'));
                $record->trigger = trim($body->text('trigger'));
                $record->cause = $body->text('cause');
                $record->works = $body->text('works');
                $record->hold = trim($body->text('hold'));
                $record->banned = trim($body->text('banned'));
                $record->marker = trim($body->text('marker'));
                $record->treats = trim($body->text('treats'));
                $record->secondPerson = $body->bool('second_person');
                $record->ownerSays = trim($body->text('owner_says'));
                $this->log->record(
                    $actor,
                    $manager,
                    $dog,
                    'handling',
                    $tool->value,
                    \sprintf('%s: bears it %d of 5', $tool->label(), $record->tolerance),
                );

                return [];
            },
            fn (array $done, EntityManagerInterface $m): HandlingView => $this->view($actor, $m, $id, $tool),
        );
    }

    #[Route('/api/dogs/{id}/handling/{tool}/ladder', methods: ['POST'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint(
        'How a step of the acclimatising ladder went today',
        gives: HandlingView::class,
        takes: [self::class, 'ladderShape'],
        status: 201,
    ),]
    public function step(Actor $actor, Request $request, string $id, string $tool): Response
    {
        $body = Body::read($request, self::ladderShape());
        $tool = self::tool($tool);

        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use ($actor, $id, $tool, $body): array {
                $dog = $this->scope->get($actor, Dog::class, $id, $manager, 'dog');
                $record = $manager->getRepository(HandlingRecord::class)->findOneBy(['dog' => $dog, 'tool' => $tool]);
                if (null === $record) {
                    $record = new HandlingRecord(Uuid::v7(), $dog, $tool);
                    $manager->persist($record);
                }
                $who = $this->scope->person($actor);
                $entry = new LadderEntry(
                    Uuid::v7(),
                    $dog,
                    $who,
                    $who->place,
                    $tool,
                    $body->enum('rung', Rung::class),
                    $body->bool('calm'),
                    $this->scope->today($actor),
                );
                $manager->persist($entry);
                $this->log->record(
                    $actor,
                    $manager,
                    $dog,
                    'handling',
                    $tool->value,
                    \sprintf('%s: %s, %s', $tool->label(), $entry->rung->words(), $entry->calm ? 'calm' : 'afraid'),
                );

                return [];
            },
            fn (array $done, EntityManagerInterface $m): HandlingView => $this->view($actor, $m, $id, $tool),
            201,
        );
    }

    private function view(Actor $actor, EntityManagerInterface $manager, string $id, Tool $tool): HandlingView
    {
        $record =
            $manager
                ->getRepository(HandlingRecord::class)
                ->findOneBy(['dog' => $this->scope->get($actor, Dog::class, $id, $manager, 'dog'), 'tool' => $tool]) ??
            throw Problem::notFound('record');
        $log = array_map(
            static fn (LadderEntry $e): Exposure => new Exposure($e->day, $e->rung, $e->calm),
            $manager
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
