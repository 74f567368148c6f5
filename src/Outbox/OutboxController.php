<?php

/** The outbox: what would have gone out to owners. */

declare(strict_types=1);

namespace KeenThistle\Outbox;

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

final readonly class OutboxController
{
    private const PAGE = 40;

    public function __construct(private Scope $scope)
    {
    }

    #[Route('/api/outbox', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint(
        'What would have gone out, newest first',
        gives: OutboxView::class,
        query: ['cursor' => 'the next page'],
    )]
    public function __invoke(Request $request): Response
    {
        $cursor = $request->query->getString('cursor');
        if ('' !== $cursor && !Uuid::isValid($cursor)) {
            throw Problem::notFound('cursor');
        }
        $text = static fn (mixed $value): string => \is_string($value) ? $value : '';
        $rows = $this->scope->rows(
            'SELECT m.id, m.at, m.kind, m.sent_to, m.text, m.state, m.receipt, m.dog_id, d.name dog, c.name
                client, s.name who FROM message m JOIN dog d ON d.id = m.dog_id
                JOIN staff s ON s.id = m.staff_id LEFT JOIN client c ON c.id = m.client_id
            WHERE m.salon_id = :salon '.
                ('' === $cursor ? '' : 'AND m.id < :cursor').
                ' ORDER BY m.id DESC LIMIT '.
                (self::PAGE + 1),
            '' === $cursor ? [] : ['cursor' => Uuid::fromString($cursor)->toBinary()],
        );
        $phones = $this->scope->staff()->may(May::PHONE);
        $messages = array_map(
            static fn (array $r): array => [
                'id' => (string) Uuid::fromBinary($text($r['id'])),
                'at' => Row::instant($r['at']),
                'kind' => $text($r['kind']),
                'to' => $phones ? $text($r['sent_to']) : '',
                'client' => $text($r['client']),
                'text' => $text($r['text']),
                'state' => $text($r['state']),
                'receipt' => $text($r['receipt']),
                'dog_id' => (string) Uuid::fromBinary($text($r['dog_id'])),
                'dog' => $text($r['dog']),
                'who' => $text($r['who']),
            ],
            \array_slice($rows, 0, self::PAGE),
        );
        $last = end($messages);

        return Json::response(
            new OutboxView($messages, \count($rows) > self::PAGE && false !== $last ? $last['id'] : null),
        );
    }
}
