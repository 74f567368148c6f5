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
        return Json::response($this->all($actor));
    }

    #[Route('/api/kit/catalogue', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint('Tools that most salons have, to tick a kit from', gives: CatalogueView::class)]
    public function catalogue(): Response
    {
        return Json::response(new CatalogueView(Catalogue::all()));
    }

    #[Route('/api/kit/catalogue', methods: ['POST'])]
    #[IsGranted(May::KIT)]
    #[Endpoint('Take what was ticked into the kit of a place', gives: KitView::class, status: 201)]
    public function tick(Actor $actor, #[FromBody] TickedTools $ticked, Key $key): Response
    {
        $done = $this->commands->run(new AddTicked($ticked), $actor, $key);
        $this->kit->reset();

        return Answer::to($done, $this->all($actor), 201);
    }

    #[Route('/api/kit/{id}', methods: ['GET'], requirements: ['id' => '(?!derivations|catalogue)[^/]+'])]
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

    private function all(Actor $actor): KitView
    {
        $rows = $this->kit->rows($actor);
        $wear = $this->wear->of($actor, $rows);

        return new KitView(
            array_map(static fn (array $row): KitItemView => KitItemView::of($row, $wear[$row['id']]), $rows),
        );
    }

    /** Also of one that is retired, which the list of the kit has not. */
    private function view(Actor $actor, string $id): KitItemView
    {
        $row = KitReader::rowOf($this->scope->get($actor, KitItem::class, $id, $this->manager, 'tool'));
        $this->kit->reset();

        return KitItemView::of($row, $this->wear->of($actor, [$row])[$row['id']]);
    }
}
