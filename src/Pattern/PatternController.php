<?php

/** House patterns: kept, changed, dropped. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

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
use KeenThistle\Work\Jobs;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class PatternController
{
    public function __construct(
        private PatternRows $rows,
        private Jobs $jobs,
        private Scope $scope,
        private Commands $commands,
        private EntityManagerInterface $manager,
    ) {
    }

    #[Route('/api/patterns', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint('The salon\'s patterns and how many cards follow each', gives: PatternsView::class)]
    public function list(Actor $actor): Response
    {
        return Json::response(new PatternsView($this->rows->all($actor)));
    }

    #[Route('/api/patterns/{id}', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint('One pattern, its zones and who follows it', gives: PatternView::class)]
    public function one(Actor $actor, string $id): Response
    {
        return Json::response($this->view($actor, $id));
    }

    #[Route('/api/patterns', methods: ['POST'])]
    #[IsGranted(May::PLAN)]
    #[Endpoint('Save a plan as a pattern of the house', gives: PatternView::class, status: 201)]
    public function add(Actor $actor, #[FromBody] NewPattern $pattern, Key $key): Response
    {
        $done = $this->commands->run(new SavePattern($pattern), $actor, $key);

        return Answer::to($done, $this->view($actor, $done->id('pattern')), 201);
    }

    #[Route('/api/patterns/{id}', methods: ['PUT'])]
    #[IsGranted(May::PLAN)]
    #[Endpoint('Change a pattern; the cards that are named follow behind the scenes', gives: PatternView::class)]
    public function put(
        Actor $actor,
        string $id,
        #[FromBody] PatternForm $form,
        #[FromIfMatch] int $version,
        Key $key,
    ): Response {
        $done = $this->commands->run(new ChangePattern($id, $version, $form), $actor, $key);
        $change = $done->kept['change'] ?? null;

        return Answer::to($done, $this->view($actor, $id, \is_string($change) ? $change : null));
    }

    #[Route('/api/patterns/{id}/spread/{change}', methods: ['DELETE'])]
    #[IsGranted(May::PLAN)]
    #[Endpoint(
        'Take back, behind the scenes, what a change did to cards, but for zones that somebody changed since',
        gives: PatternView::class,
    )]
    public function takeBack(Actor $actor, string $id, string $change, Key $key): Response
    {
        $done = $this->commands->run(new UndoSpread($id, $change), $actor, $key);

        return Answer::to($done, $this->view($actor, $id));
    }

    #[Route('/api/patterns/{id}', methods: ['DELETE'])]
    #[IsGranted(May::PLAN)]
    #[Endpoint('Drop a pattern that no card follows')]
    public function drop(Actor $actor, string $id, Key $key): Response
    {
        return Answer::to($this->commands->run(new DropPattern($id), $actor, $key), null);
    }

    /** @param string|null $change that cards are about to follow */
    private function view(Actor $actor, string $id, ?string $change = null): PatternView
    {
        $p = $this->scope->get($actor, Pattern::class, $id, $this->manager, 'pattern');
        $dogs = $this->rows->followers($actor, $p);

        return new PatternView(
            new PatternRowView(
                (string) $p->id,
                $p->version,
                $p->name,
                $p->note,
                $p->line,
                \count($dogs),
                \count(array_filter($dogs, static fn (array $d): bool => $d['behind'])),
            ),
            $this->rows->zones($actor, PatternRows::ways($p->line)),
            $dogs,
            $change,
            $this->jobs->on($actor, $id),
        );
    }
}
