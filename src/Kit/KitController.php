<?php

/** The kit: every tool, where it lives, how worn it is, who needs it; tools come, move and are retired. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Commands;
use KeenThistle\Command\Http\Answer;
use KeenThistle\Command\Key;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\FromBody;
use KeenThistle\Http\FromIfMatch;
use KeenThistle\Http\Json;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class KitController
{
    public function __construct(
        private KitReader $kit,
        private WearReader $wear,
        private NeededBy $neededBy,
        private ToolLog $toolLog,
        private Scope $scope,
        private Commands $commands,
        private EntityManagerInterface $manager,
    ) {
    }

    #[Route('/api/kit', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint('The tools of the salon, where they live and how worn they are', gives: KitView::class)]
    public function list(Actor $actor): Response
    {
        $rows = $this->kit->rows($actor);
        $wear = $this->wear->of($actor, $rows);

        return Json::response(
            new KitView(
                array_map(static fn (array $row): KitItemView => KitItemView::of($row, $wear[$row['id']]), $rows),
            ),
        );
    }

    #[Route('/api/kit/{id}', methods: ['GET'], requirements: ['id' => '(?!derivations)[^/]+'])]
    #[IsGranted(May::READ)]
    #[Endpoint(
        'One tool: its latest entries, who needs it, what its last measurement changed',
        gives: ToolLifeView::class,
    )]
    public function one(Actor $actor, string $id): Response
    {
        $row = $this->kit->row($actor, $id);

        return Json::response(
            new ToolLifeView(
                KitItemView::of($row, $this->wear->of($actor, [$row])[$id]),
                $this->toolLog->of($actor, $id),
                $this->neededBy->of($actor, $row),
                $this->toolLog->lastDerivation($actor, $id),
            ),
        );
    }

    #[Route('/api/kit', methods: ['POST'])]
    #[IsGranted(May::KIT)]
    #[Endpoint(
        'A new tool, measured later; it may take another one\'s place',
        gives: KitItemView::class,
        status: 201,
    )]
    public function add(Actor $actor, #[FromBody] NewTool $tool, Key $key): Response
    {
        $done = $this->commands->run(new AddTool($tool), $actor, $key);

        return Answer::to($done, $this->view($actor, $done->id('item')), 201);
    }

    #[Route('/api/kit/{id}', methods: ['PUT'])]
    #[IsGranted(May::KIT)]
    #[Endpoint('Where a tool lives, whose it is, whether it is in use', gives: KitItemView::class)]
    public function change(
        Actor $actor,
        string $id,
        #[FromBody] ToolForm $tool,
        #[FromIfMatch] int $version,
        Key $key,
    ): Response {
        $done = $this->commands->run(new ChangeTool($id, $version, $tool), $actor, $key);

        return Answer::to($done, $this->view($actor, $id));
    }

    /** Also of one that is retired, which the list of the kit has not. */
    private function view(Actor $actor, string $id): KitItemView
    {
        $row = KitReader::rowOf($this->scope->get($actor, KitItem::class, $id, $this->manager, 'tool'));
        $this->kit->reset();

        return KitItemView::of($row, $this->wear->of($actor, [$row])[$row['id']]);
    }
}
