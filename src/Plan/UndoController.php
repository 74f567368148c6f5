<?php

/** Takes a change of a plan back, as long as nobody has changed the zone again since. */

declare(strict_types=1);

namespace KeenThistle\Plan;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Command\Http\Writes;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Zone\ZoneTable;
use KeenThistle\Http\Body;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\Problem;
use KeenThistle\Log\Change;
use KeenThistle\Recipe\RecipeArray;
use KeenThistle\Recipe\RecipeView;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Staff\Actor;
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

    public static function shape(): Shape
    {
        return Shape::object([
            'also' => Shape::list(Shape::text(1, 36), 0, \count(ZoneTable::ids()))
                ->default([])
                ->describe('ids of further changes of this dog that were made with it, such as the other side'),
        ]);
    }

    #[Route('/api/log/{id}/undo', methods: ['POST'])]
    #[IsGranted(May::PLAN)]
    #[Endpoint(
        'Take a plan change back, and those made with it; 412 when a zone was changed again since',
        gives: ZoneChangedView::class,
        takes: [self::class, 'shape'],
    ),]
    public function undo(Actor $actor, Request $request, string $id): Response
    {
        // One change alone needs no body.
        $also = '' === $request->getContent() ? [] : Body::read($request, self::shape())->texts('also');
        $ids = array_values(array_unique([$id, ...$also]));

        return $this->writes->once(
            $actor,
            $request,
            fn (EntityManagerInterface $manager): array => $this->takeBack(
                $actor,
                $manager,
                array_map(
                    fn (string $one): Change => $this->scope->get($actor, Change::class, $one, $manager, 'change'),
                    $ids,
                ),
            ),
            function (array $done, EntityManagerInterface $manager) use ($actor, $id): ZoneChangedView {
                $change = $this->scope->get($actor, Change::class, $id, $manager, 'change');

                return ZoneChangedView::of($change->subject, RecipeArray::recipe($change->before ?? []), $done);
            },
        );
    }

    /**
     * @param non-empty-list<Change> $changes
     *
     * @return array<string, mixed> of the first one
     */
    private function takeBack(Actor $actor, EntityManagerInterface $manager, array $changes): array
    {
        $dog = $changes[0]->dog;
        $plan = $dog instanceof Dog ? $this->plans->of($actor, $dog)[1] : [];
        $wishes = $summaries = [];
        foreach ($changes as $change) {
            if ('plan_zone' !== $change->kind || null === $change->before || null === $change->after) {
                throw Problem::conflict('Only changes of a trim plan can be taken back here.');
            }
            if ($change->dog !== $dog || isset($wishes[$change->subject])) {
                throw Problem::conflict('These changes were not made together: take them back one by one.');
            }
            if (null !== $change->undoneBy) {
                throw Problem::conflict('This change has been taken back already.');
            }
            $wishes[$change->subject] = self::asBefore($change, $plan[$change->subject] ?? null);
            $summaries[$change->subject] = 'taken back: '.$change->summary;
        }
        \assert($dog instanceof Dog);
        $done = ($this->change)($actor, $manager, $dog, $wishes, summaries: $summaries);
        $manager->flush();
        foreach ($changes as $change) {
            $by = $done['zones'][$change->subject]['change'];
            if (null !== $by) {
                $this->marks->undone($manager, $change->id, Uuid::fromString($by));
            }
        }

        return ['revision' => $done['revision']] + $done['zones'][$changes[0]->subject];
    }

    /**
     * @param array{version: int, recipe: ZoneRecipe}|null $there
     *
     * @return array{version: int, recipe: ZoneRecipe}
     *
     * @throws Problem 412 when somebody changed the zone again since
     */
    private static function asBefore(Change $change, ?array $there): array
    {
        $before = RecipeArray::recipe($change->before ?? []);
        if (null === $there || !$there['recipe']->equals(RecipeArray::recipe($change->after ?? []))) {
            throw Problem::stale(
                'This zone was changed again since. Take the later change back first, or change the zone on the card.',
                [
                    'zone' => $change->subject,
                    'theirs' => null === $there ? null : RecipeView::of($there['recipe']),
                    'yours' => RecipeView::of($before),
                    'version' => $there['version'] ?? 0,
                ],
            );
        }

        return ['version' => $there['version'], 'recipe' => $before];
    }
}
