<?php

/** What a day has brought: by way, by person, by what for; and what the drawer should hold. */

declare(strict_types=1);

namespace KeenThistle\Core\Money;

final readonly class Takings
{
    /**
     * @param array<string, int> $ways what came in, change taken off, by way
     * @param array<string, array{earned: int, tips: int}> $people by id; '' for the salon
     * @param array<string, int> $kinds by kind of line
     * @param list<array{percent: float, gross: int, tax: int}> $taxes
     * @param int $earned with its tax; without tips and what is only held
     */
    private function __construct(
        public array $ways,
        public array $people,
        public array $kinds,
        public array $taxes,
        public int $earned,
        public int $in,
    ) {
    }

    /** @param list<array{lines: list<Line>, payments: list<Payment>}> $bills those taken back are among them, turned */
    public static function of(array $bills): self
    {
        $ways = $people = $kinds = $all = [];
        $earned = $in = 0;
        foreach ($bills as $bill) {
            foreach ($bill['lines'] as $line) {
                $all[] = $line;
                $kinds[$line->kind->value] = ($kinds[$line->kind->value] ?? 0) + $line->minor;
                $isTip = LineKind::Tip === $line->kind;
                if (!$isTip && !$line->kind->isEarned()) {
                    continue;
                }
                $people[$line->person] ??= ['earned' => 0, 'tips' => 0];
                $people[$line->person][$isTip ? 'tips' : 'earned'] += $line->minor;
                $earned += $isTip ? 0 : $line->minor;
            }
            $total = Bill::total($bill['lines']);
            $given = array_sum(array_map(static fn (Payment $p): int => $p->minor, $bill['payments']));
            foreach ($bill['payments'] as $p) {
                $ways[$p->way->value] = ($ways[$p->way->value] ?? 0) + $p->minor;
            }
            if ($given !== $total) {
                // Only cash gives change.
                $ways[Way::Cash->value] = ($ways[Way::Cash->value] ?? 0) - ($given - $total);
            }
            $in += $total;
        }

        return new self($ways, $people, $kinds, Bill::taxes($all), $earned, $in);
    }

    /** @param int $began what was in the drawer in the morning */
    public function inTheDrawer(int $began): int
    {
        return $began + ($this->ways[Way::Cash->value] ?? 0);
    }
}
