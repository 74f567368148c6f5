<?php

/** The log: who changed what, and taking a plan change back. */

declare(strict_types=1);

namespace KeenThistle\Log;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Card\ChangePlan;
use KeenThistle\Card\RecipeArray;
use KeenThistle\Card\RecipeView;
use KeenThistle\Card\ZoneChangedView;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\Json;
use KeenThistle\Http\LostRace;
use KeenThistle\Http\Problem;
use KeenThistle\Http\Writes;
use KeenThistle\Plan\Plans;
use KeenThistle\Salon\Row;
use KeenThistle\Salon\Scope;
use KeenThistle\Staff\May;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\Uuid;

final readonly class LogController
{
    private const PAGE = 40;

    public function __construct(
        private Scope $scope,
        private Writes $writes,
        private Plans $plans,
        private ChangePlan $change,
    ) {
    }

    #[Route('/api/log', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint(
        'Who changed what, newest first',
        gives: LogView::class,
        query: ['dog' => 'only this dog', 'cursor' => 'the next page'],
    ),]
    public function list(Request $request): Response
    {
        $where = '';
        $parameters = [];
        foreach (['dog' => 'AND c.dog_id = :dog', 'cursor' => 'AND c.id < :cursor'] as $name => $condition) {
            $id = $request->query->getString($name);
            if ('' !== $id) {
                if (!Uuid::isValid($id)) {
                    throw Problem::notFound($name);
                }
                $where .= ' '.$condition;
                $parameters[$name] = Uuid::fromString($id)->toBinary();
            }
        }
        $rows = $this->scope->rows(
            "SELECT c.id, c.at, c.kind, c.subject, c.summary, c.undone_by_id, c.dog_id, d.name dog, s.name who
                FROM change_log c JOIN staff s ON s.id = c.staff_id LEFT JOIN dog d ON d.id = c.dog_id
            WHERE c.salon_id = :salon $where ORDER BY c.id DESC LIMIT ".
                (self::PAGE + 1),
            $parameters,
        );
        $text = static fn (mixed $value): string => \is_string($value) ? $value : '';
        $entries = array_map(
            static fn (array $r): LogEntryView => new LogEntryView(
                (string) Uuid::fromBinary($text($r['id'])),
                Row::instant($r['at']),
                $text($r['who']),
                $text($r['kind']),
                $text($r['subject']),
                $text($r['summary']),
                \is_string($r['dog_id']) ? (string) Uuid::fromBinary($r['dog_id']) : null,
                \is_string($r['dog']) ? $r['dog'] : null,
                null !== $r['undone_by_id'],
                'plan_zone' === $r['kind'] && null === $r['undone_by_id'],
            ),
            \array_slice($rows, 0, self::PAGE),
        );
        $last = end($entries);

        return Json::response(new LogView($entries, \count($rows) > self::PAGE && false !== $last ? $last->id : null));
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
            || null === $change->dog
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
            // Once only: who finds it taken back already changes nothing.
            $taken = (int) $manager
                ->getConnection()
                ->executeStatement('UPDATE change_log SET undone_by_id = ? WHERE id = ? AND undone_by_id IS NULL', [
                    Uuid::fromString($by)->toBinary(),
                    $change->id->toBinary(),
                ]);
            if (1 !== $taken) {
                throw LostRace::rows('change_log', 1, $taken);
            }
        }

        return ['revision' => $done['revision']] + $done['zones'][$zone];
    }
}
