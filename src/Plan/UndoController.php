<?php

/** Takes a change of a plan back. */

declare(strict_types=1);

namespace KeenThistle\Plan;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Commands;
use KeenThistle\Command\Http\Answer;
use KeenThistle\Command\Key;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\FromBody;
use KeenThistle\Log\Change;
use KeenThistle\Recipe\RecipeCodec;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class UndoController
{
    public function __construct(
        private Scope $scope,
        private Commands $commands,
        private EntityManagerInterface $manager,
    ) {
    }

    #[Route('/api/log/{id}/undo', methods: ['POST'])]
    #[IsGranted(May::PLAN)]
    #[Endpoint(
        'Take a plan change back, and those made with it; 412 when a zone was changed again since',
        gives: ZoneChangedView::class,
    )]
    public function undo(Actor $actor, string $id, #[FromBody] ?UndoForm $form, Key $key): Response
    {
        $ids = array_values(array_unique([$id, ...$form->also ?? []]));
        $done = $this->commands->run(new TakeBack($ids), $actor, $key);
        $change = $this->scope->get($actor, Change::class, $id, $this->manager, 'change');
        $version = \is_int($done->kept['version']) ? $done->kept['version'] : 0;
        $wish = ['version' => $version, 'recipe' => RecipeCodec::fromArray($change->before ?? [])];

        return Answer::to($done, PlanChangedView::of([$change->subject => $wish], $done->kept)->zones[0]);
    }
}
