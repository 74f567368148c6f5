<?php

/** Today's list: what is really done to every zone. Table, order, minutes, price, drawing and clocks read it. */

declare(strict_types=1);

namespace KeenThistle\Core\Today;

use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Matting\MattingAnswer;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Say\Say;

final readonly class Today
{
    /**
     * @param array<string, Row> $rows by zone, head to tail
     * @param MattingAnswer $mats of today: what waits for a later visit is not in it
     * @param int $differs rows that are not as on the card
     * @param float $asks share of the body that waits for the owner's word, 0 to 1
     * @param list<Caution> $notes
     * @param list<string> $dry zones that no water and no dryer comes near
     */
    public function __construct(
        public array $rows,
        public MattingAnswer $mats,
        public ?Finding $stop,
        public int $differs,
        public float $asks,
        public array $notes,
        public array $dry,
        public int $visits,
    ) {
    }

    /** @return list<string> zones in a state */
    public function zones(string $state): array
    {
        return array_keys(array_filter($this->rows, static fn (Row $r): bool => $state === $r->state));
    }

    /** @return array<string, Method> how zones are worked today, as the minutes depend on it; mats are counted apart */
    public function methods(): array
    {
        $out = [];
        foreach ($this->rows as $zone => $row) {
            $method = $row->method();
            if (null !== $method && Method::ShaveOut !== $method) {
                $out[$zone] = $method;
            }
        }

        return $out;
    }

    /** Whether somebody has to ask the owner before the rest is done. */
    public function waits(): bool
    {
        return [] !== $this->zones(Row::WAITS);
    }

    /** Whether the coat comes off: every zone of the body bare at 3.2 mm or less, or an agreed even length. */
    public function comesOff(): bool
    {
        foreach ($this->rows as $row) {
            if ('agreement' === $row->from && $row->isDoneToday()) {
                return true;
            }
        }
        $body = array_filter(
            $this->rows,
            static fn (Row $r): bool => \in_array($r->zone->group, ['body', 'rear', 'neck'], true)
                && !$r->zone->tender
                && Row::NOT_TOUCHED !== $r->state
                && Row::DEFERRED !== $r->state,
        );

        return [] !== $body
            && [] ===
                array_filter(
                    $body,
                    static fn (Row $r): bool => null === $r->tool
                        || Row::WAITS === $r->state
                        || (!$r->tool->isBlade() && !$r->tool->isTrimmer())
                        || null === $r->finished
                        || $r->finished->mm() > 3.2 + 1e-9,
                );
    }

    /**
     * What is other than in a list made before: a mat found later, a dog that tires.
     *
     * @param array<string, array{state: string, tool: string, lay: string}> $before by zone
     *
     * @return list<array{zone: string, was: string, now: string}>
     */
    public function changedFrom(array $before): array
    {
        $out = [];
        foreach ($this->rows as $zone => $row) {
            $now = ['state' => $row->state, 'tool' => $row->tool?->key() ?? '', 'lay' => $row->lay->value ?? ''];
            $was = $before[$zone] ?? null;
            if ($now !== $was && Row::DONE !== $row->state) {
                $out[] = ['zone' => $zone, 'was' => self::said($was), 'now' => self::said($now)];
            }
        }

        return $out;
    }

    /**
     * What a later list is compared with.
     *
     * @return array<string, array{state: string, tool: string, lay: string}> by zone
     */
    public function snapshot(): array
    {
        return array_map(
            static fn (Row $r): array => [
                'state' => $r->state,
                'tool' => $r->tool?->key() ?? '',
                'lay' => $r->lay->value ?? '',
            ],
            $this->rows,
        );
    }

    /** @param array{state: string, tool: string, lay: string}|null $row */
    private static function said(?array $row): string
    {
        return match (true) {
            null === $row => Say::it('today.not_on_the_list'),
            Row::PLANNED === $row['state'] => trim($row['tool'].' '.$row['lay']),
            default => trim(str_replace('_', ' ', $row['state']).' '.$row['tool']),
        };
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'zones' => array_map(static fn (Row $r): array => $r->toArray(), array_values($this->rows)),
            'differs' => $this->differs,
            'stops' => null === $this->stop
                    ? null
                    : ['kind' => $this->stop->kind->value, 'words' => $this->stop->kind->words()],
            'waits' => $this->waits(),
            'asks_share' => round($this->asks, 4),
            'comes_off' => $this->comesOff(),
            'stays_dry' => $this->dry,
            'visits' => $this->visits,
            'mats' => $this->mats->toArray(),
            'warnings' => Caution::listToArray($this->notes),
        ];
    }
}
