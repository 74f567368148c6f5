<?php

/** One bill. A response record. */

declare(strict_types=1);

namespace KeenThistle\Till;

use KeenThistle\Input\Says;
use KeenThistle\Salon\Row;

final readonly class SaleView
{
    /**
     * @param list<array{kind: string, label: string, minor: int, back: bool}> $lines
     * @param list<array{way: string, minor: int, voucher: string}> $payments
     */
    public function __construct(
        public string $id,
        public int $number,
        public string $at,
        public string $who,
        public ?string $dog,
        public string $name,
        #[Says('back: it went back')] public array $lines,
        public array $payments,
        public int $total_minor,
        public int $change_minor,
        #[Says('number of the bill it takes back; null: none')] public ?int $reverses,
        public string $why,
        #[Says('whether there is anything left to take back')] public bool $open,
        #[Says('path of the receipt')] public string $receipt,
    ) {
    }

    /** @param list<int> $gone lines that went back */
    public static function of(Sale $s, array $gone, string $receipt): self
    {
        $lines = [];
        foreach ($s->lines as $n => $line) {
            $lines[] = [
                'kind' => $line['kind'],
                'label' => $line['label'],
                'minor' => $line['minor'],
                'back' => \in_array($n, $gone, true),
            ];
        }

        return new self(
            (string) $s->id,
            $s->number,
            Row::instant($s->at->format('Y-m-d H:i:s')),
            $s->staff->name,
            null === $s->dog ? null : (string) $s->dog->id,
            $s->dog->name ?? '',
            $lines,
            $s->payments,
            $s->total,
            $s->change,
            $s->reverses?->number,
            $s->why,
            null === $s->reverses && \count($gone) < \count($lines),
            $receipt,
        );
    }
}
