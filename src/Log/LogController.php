<?php

/** The log: who changed what, newest first. */

declare(strict_types=1);

namespace KeenThistle\Log;

use KeenThistle\Http\Endpoint;
use KeenThistle\Http\Json;
use KeenThistle\Http\Problem;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
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
    ) {
    }

    #[Route('/api/log', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint(
        'Who changed what, newest first',
        gives: LogView::class,
        query: ['dog' => 'only this dog', 'cursor' => 'the next page'],
    )]
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
}
