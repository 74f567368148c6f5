<?php

/** What taps alone say of a groom, as its views show it. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Nails\NailsAnswer;
use KeenThistle\Core\Order\OrderRule;
use KeenThistle\Core\Table\Board;
use KeenThistle\Core\Table\PhaseClock;
use KeenThistle\Core\Table\Tap;
use KeenThistle\Core\Timing\Phase;
use KeenThistle\Core\Zone\ZoneTable;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Visit\History;

/** Shared by the whole groom and by what a tap has changed. */
final readonly class BoardView
{
    /** @param list<Tap> $taps */
    public function __construct(private Groom $groom, private array $taps, private Board $board)
    {
    }

    public static function at(\DateTimeImmutable $t): string
    {
        return $t->format('Y-m-d\TH:i:s\Z');
    }

    public function state(): string
    {
        return null !== $this->groom->closedAt ? 'closed' : ($this->board->isPaused() ? 'paused' : 'open');
    }

    /** Who has the dog. */
    public function who(): string
    {
        $to = $this->board->handOver['to'] ?? '';

        return '' === $to ? $this->groom->openedBy->name : $to;
    }

    /** How often today's list was made. */
    public function made(): int
    {
        $made = $this->groom->today['made'] ?? 1;

        return \is_int($made) ? $made : 1;
    }

    /** Minutes on the table until a rest off it. */
    public function restEvery(): int
    {
        $rest = $this->groom->today['rest'] ?? null;

        // One that was opened before its rests were kept has the usual one.
        return \is_int($rest) ? $rest : OrderRule::REST_MINUTES;
    }

    /** Minutes until the next rest; below 0: over due. */
    public function restIn(\DateTimeImmutable $until): float
    {
        return round($this->restEvery() - $this->board->minutesSinceRest($this->groom->openedAt, $until), 1);
    }

    /** Whether somebody is to say that it is bone dry: the coat was not blown dry, and guards are still to come. */
    public function asksReady(): bool
    {
        $asks = $this->groom->today['asks_ready'] ?? false;

        return true === $asks && null === $this->groom->closedAt;
    }

    /** @return list<array{name: string, at: string}> */
    public function people(): array
    {
        $people = [];
        foreach ($this->board->people as $name => $last) {
            $people[] = ['name' => (string) $name, 'at' => self::at($last)];
        }

        return $people;
    }

    /** @return list<array<string, mixed>> */
    public function claws(NailsAnswer $nails): array
    {
        return array_map(
            fn (array $c): array => $c + ['state' => $this->board->claws[$c['foot'].'.'.$c['claw']] ?? null],
            $nails->claws,
        );
    }

    /** @return array<string, array{found: int|null, left: int|null}> */
    public function pads(): array
    {
        $found = $this->groom->arrival->handsOn['pads'] ?? null;
        $out = [];
        foreach (ZoneTable::FEET as $foot) {
            $n = \is_array($found) ? $found[$foot] ?? null : null;
            $out[$foot] = ['found' => \is_int($n) ? $n : null, 'left' => $this->board->pads[$foot] ?? null];
        }

        return $out;
    }

    /** @return list<array<string, mixed>> */
    public function incidents(): array
    {
        $out = [];
        foreach ($this->board->incidents as $id => $i) {
            $out[] = ['id' => $id, 'at' => self::at($i['at'])] + $i;
        }

        return $out;
    }

    /** @return list<array{text: string, who: string, at: string}> */
    public function notes(): array
    {
        return array_map(
            static fn (array $n): array => ['text' => $n['text'], 'who' => $n['who'], 'at' => self::at($n['at'])],
            $this->board->notes,
        );
    }

    /** @return array<string, string>|null */
    public function handOver(): ?array
    {
        $over = $this->board->handOver;

        return null === $over ? null : ['at' => self::at($over['at'])] + $over;
    }

    /**
     * @param array<string, ZoneRecipe> $plan
     *
     * @return list<array{phase: string, label: string, spent: float|null, estimate: float|null}>
     */
    public function phases(array $plan): array
    {
        $scissored = static fn (string $zone): bool => !($plan[$zone]->method ?? Method::Clip)->hasToolLength();
        $spent = (new PhaseClock())->minutes($this->taps, $this->groom->openedAt, $scissored);
        $estimate = $this->groom->estimate['phases'] ?? [];
        $out = [];
        foreach (Phase::cases() as $phase) {
            if (isset($spent[$phase->value]) || isset($estimate[$phase->value])) {
                $out[] = [
                    'phase' => $phase->value,
                    'label' => $phase->label(),
                    'spent' => isset($spent[$phase->value]) ? round($spent[$phase->value], 1) : null,
                    'estimate' => isset($estimate[$phase->value]) ? round($estimate[$phase->value], 1) : null,
                ];
            }
        }

        return $out;
    }

    /**
     * Where a wire coat was stripped, and when: it is done in instalments.
     *
     * @param array<string, ZoneRecipe> $plan
     *
     * @return list<array{zone: string, day: string|null}>
     */
    public function stripMap(History $history, array $plan): array
    {
        $out = [];
        foreach ($plan as $zone => $recipe) {
            if (Method::Strip === $recipe->method) {
                $last = $history->left[$zone] ?? null;
                $today = \in_array($this->board->zones[$zone]->state ?? '', ['done', 'partly'], true);
                $out[] = [
                    'zone' => $zone,
                    'day' => match (true) {
                        $today => $this->groom->arrival->day->format('Y-m-d'),
                        null !== $last && Method::Strip === $last['method'] => $last['day']->format('Y-m-d'),
                        default => null,
                    },
                ];
            }
        }

        return $out;
    }
}
