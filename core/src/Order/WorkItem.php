<?php

/** One entry of the order of work: a step with its zones and the tool in hand. */

declare(strict_types=1);

namespace KeenThistle\Core\Order;

use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Zone\Zone;

final readonly class WorkItem
{
    /**
     * @param string $node where it stands in the order: a step, or one of Edge::PARTS
     * @param string|null $tool in words; null: no tool to pick up
     * @param list<string> $zones ids in working order
     * @param list<string> $cautions
     * @param list<int|float> $rank among items of the same node: smaller first
     * @param string $hand what is in the hand; empty: the tool
     */
    public function __construct(
        public string $node,
        public ?string $tool,
        public array $zones,
        public string $title,
        public string $doneWhen,
        public ?float $minutes = null,
        public array $cautions = [],
        public ?Lay $lay = null,
        public array $rank = [],
        public string $hand = '',
    ) {
    }

    public function step(): Step
    {
        return Edge::step($this->node);
    }

    /** Names it among the items of a groom, also when the list is made anew. */
    public function key(): string
    {
        $first = $this->zones[0] ?? null;
        $part = match (true) {
            null === $first, !$this->step()->cuts() && !\in_array($this->node, ['mats_out', 'skin'], true) => '',
            \in_array($this->node, ['mats_out', 'mats_clip', 'skin'], true) => (string) preg_replace(
                '/_(left|right)$/',
                '',
                $first,
            ),
            default => Region::of(Zone::of($first))->value,
        };

        return mb_substr(
            rtrim(
                implode(':', [$this->node, '' === $part ? '' : $this->tool ?? '', $this->lay->value ?? '', $part]),
                ':',
            ),
            0,
            80,
        );
    }

    /** What is taken in the hand: a guard is only clipped on the blade that is there. */
    public function inHand(): string
    {
        return '' === $this->hand ? $this->tool ?? '' : $this->hand;
    }

    /** Whether picking its tool up is a change of the tool in the hand. */
    public function holdsATool(): bool
    {
        return null !== $this->tool && [] !== $this->zones && $this->step()->cuts();
    }

    /**
     * @param list<string> $cautions that are added
     * @param string|null $tool in place of what it had
     * @param string|null $doneWhen in place of what it had
     */
    public function with(
        array $cautions = [],
        ?string $tool = null,
        ?string $doneWhen = null,
        float $factor = 1.0,
    ): self {
        return new self(
            $this->node,
            $tool ?? $this->tool,
            $this->zones,
            $this->title,
            $doneWhen ?? $this->doneWhen,
            null === $this->minutes ? null : $this->minutes * $factor,
            [...$this->cautions, ...$cautions],
            $this->lay,
            $this->rank,
            $this->hand,
        );
    }

    public function withMinutes(?float $minutes): self
    {
        return new self(
            $this->node,
            $this->tool,
            $this->zones,
            $this->title,
            $this->doneWhen,
            $minutes,
            $this->cautions,
            $this->lay,
            $this->rank,
            $this->hand,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'step' => $this->step()->value,
            'title' => $this->title,
            'tool' => $this->tool,
            'lay' => $this->lay?->value,
            'zones' => $this->zones,
            'minutes' => null === $this->minutes ? null : round($this->minutes, 1),
            'cautions' => $this->cautions,
            'done_when' => $this->doneWhen,
        ];
    }
}
