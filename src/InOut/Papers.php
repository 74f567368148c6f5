<?php

/** The papers of a salon as PDF: cards, agreements, home-care sheets, receipts; a few at a time, by their ids. */

declare(strict_types=1);

namespace KeenThistle\InOut;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Arrival\Agreement;
use KeenThistle\Arrival\AgreementPaper;
use KeenThistle\Book\Dog;
use KeenThistle\Desk\CarePaper;
use KeenThistle\Owner\Pdf;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use KeenThistle\Table\Groom;
use KeenThistle\Till\ReceiptPaper;
use KeenThistle\Till\Sale;
use Symfony\Component\Uid\Uuid;

final readonly class Papers
{
    /** Folder in the zip => what is on paper of it. */
    public const KINDS = [
        'cards' => "FROM dog t WHERE t.salon_id = :salon AND t.state IN ('active', 'paused')",
        'agreements' => 'FROM agreement t WHERE t.salon_id = :salon',
        'home-care' => "FROM groom t WHERE t.salon_id = :salon AND t.care <> '[]' AND t.care <> '{}'",
        'receipts' => 'FROM sale t WHERE t.salon_id = :salon',
    ];

    public function __construct(
        private Scope $scope,
        private EntityManagerInterface $manager,
        private CardPaper $cards,
        private AgreementPaper $agreements,
        private CarePaper $care,
        private ReceiptPaper $receipts,
    ) {
    }

    public function count(Actor $actor): int
    {
        $all = 0;
        foreach (self::KINDS as $from) {
            $all += (int) Row::int($this->scope->rows($actor, "SELECT COUNT(*) n $from")[0]['n'] ?? 0);
        }

        return $all;
    }

    /** @return list<string> ids of a kind's papers after one of them */
    public function after(Actor $actor, string $kind, string $after, int $most): array
    {
        $from = self::KINDS[$kind] ?? throw new \LogicException("There are no papers called $kind.");

        return array_map(
            static fn (array $r): string => Row::id($r['id']),
            $this->scope->rows(
                $actor,
                "SELECT t.id $from AND t.id > :after ORDER BY t.id LIMIT $most",
                ['after' => '' === $after ? '' : Uuid::fromString($after)->toBinary()],
            ),
        );
    }

    /** @return array{string, string} name of the file without its folder, and the PDF */
    public function one(Actor $actor, string $kind, string $id): array
    {
        [$name, $html] = match ($kind) {
            'cards' => $this->card($actor, $this->get($actor, Dog::class, $id)),
            'agreements' => $this->agreement($this->get($actor, Agreement::class, $id)),
            'home-care' => $this->sheet($this->get($actor, Groom::class, $id)),
            default => $this->receipt($this->get($actor, Sale::class, $id)),
        };

        return [self::plain($name)."-$id.pdf", Pdf::of($html)];
    }

    /** @return array{string, string} */
    private function card(Actor $actor, Dog $dog): array
    {
        return [$dog->name, $this->cards->html($actor, $dog)];
    }

    /** @return array{string, string} */
    private function agreement(Agreement $a): array
    {
        return ["{$a->arrival->dog->name} {$a->at->format('Y-m-d')}", $this->agreements->html($a, true)];
    }

    /** @return array{string, string} */
    private function sheet(Groom $groom): array
    {
        return [$groom->dog->name, $this->care->html($groom, true)];
    }

    /** @return array{string, string} */
    private function receipt(Sale $sale): array
    {
        return ["receipt $sale->number", $this->receipts->html($sale, '', true)];
    }

    /**
     * @template T of \KeenThistle\Salon\SalonOwned
     *
     * @param class-string<T> $class
     *
     * @return T
     */
    private function get(Actor $actor, string $class, string $id): object
    {
        return $this->scope->get($actor, $class, $id, $this->manager, 'paper');
    }

    /** As every file system takes it. */
    private static function plain(string $name): string
    {
        $plain = trim((string) preg_replace('/[^a-z0-9]+/', '-', mb_strtolower($name)), '-');

        return '' === $plain ? 'paper' : mb_substr($plain, 0, 60);
    }
}
