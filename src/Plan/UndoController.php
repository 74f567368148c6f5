<?php

/** Takes a change of a plan back, as long as nobody has changed the zone again since. */

declare(strict_types=1);

namespace KeenThistle\Plan;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Command\Writes;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\Problem;
use KeenThistle\Log\Change;
use KeenThistle\Recipe\RecipeArray;
use KeenThistle\Recipe\RecipeView;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\Uuid;

final readonly class UndoController
{
    public function __construct(
        private Scope $scope,
        private Writes $writes,
        private Plans $plans,
        private ChangePlan $change,
        private UndoneMarks $marks,
    ) {
    }

    #[Route('/api/log/{id}/undo', methods: ['POST'])]
    #[IsGranted(May::PLAN)]
    #[Endpoint('Take a plan change back; 412 when the zone was changed again since', gives: ZoneChangedView::class)]
    public function undo(Request $request, string $id): Response
    {
        return $this->writes->once(
            $request,
            fn (EntityManagerInterface $manager): array => $this->takeBack($manager, $id),
            function (array $done, EntityManagerInterface $manager) use ($id): ZoneChangedView {
                $change = $this->scope->get(Change::class, $id, $manager, 'change');

                return ZoneChangedView::of($change->subject, RecipeArray::recipe($change->before ?? []), $done);
            },
        );
    }

    /** @return array<string, mixed> */
    private function takeBack(EntityManagerInterface $manager, string $id): array
    {
        $change = $this->scope->get(Change::class, $id, $manager, 'change');
        if (
            'plan_zone' !== $change->kind
            || null === $change->before
            || null === $change->after
            || !$change->dog instanceof Dog
        ) {
            throw Problem::conflict('Only changes of a trim plan can be taken back here.');
        }
        if (null !== $change->undoneBy) {
            throw Problem::conflict('This change has been taken back already.');
        }
        $zone = $change->subject;
        $there = $this->plans->of($change->dog)[1][$zone] ?? null;
        $before = RecipeArray::recipe($change->before);
        if (null === $there || !$there['recipe']->equals(RecipeArray::recipe($change->after))) {
            throw Problem::stale(
                'This zone was changed again since. Take the later change back first, or change the zone on the card.',
                [
                    'zone' => $zone,
                    'theirs' => null === $there ? null : RecipeView::of($there['recipe']),
                    'yours' => RecipeView::of($before),
                    'version' => $there['version'] ?? 0,
                ],
            );
        }
        $done = ($this->change)(
            $manager,
            $change->dog,
            [$zone => ['version' => $there['version'], 'recipe' => $before]],
            summary: 'taken back: '.$change->summary,
        );
        $by = $done['zones'][$zone]['change'];
        if (null !== $by) {
            $manager->flush();
            $this->marks->undone($manager, $change->id, Uuid::fromString($by));
        }

        return ['revision' => $done['revision']] + $done['zones'][$zone];
    }
}
