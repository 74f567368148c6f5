<?php

/** What is really done to one zone today, where that comes from, and what it is next time. */

declare(strict_types=1);

namespace KeenThistle\Core\Today;

use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Length\Tool;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Say\Say;
use KeenThistle\Core\Zone\Zone;

final readonly class Row
{
    public const PLANNED = 'planned';
    public const WAITS = 'waits_for_agreement';
    public const WAITS_FOR_DRY = 'waits_for_dry';
    public const DEFERRED = 'deferred';
    public const NOT_TOUCHED = 'not_touched';
    public const DONE = 'done';
    public const STATES = [
        self::PLANNED,
        self::WAITS,
        self::WAITS_FOR_DRY,
        self::DEFERRED,
        self::NOT_TOUCHED,
        self::DONE,
    ];
    public const FROM = ['finding', 'handling', 'mat', 'agreement', 'hand', 'last', 'card'];

    /**
     * @param Tool|null $tool null: nothing is done here today
     * @param string $from one of FROM
     * @param string $state one of STATES
     * @param string $reason code of the reason it carries into the record; empty: none
     * @param string $why in words: why not as on the card
     * @param string|null $refer what a vet is asked, where one is
     * @param string|null $date the day it waits for, where one is agreed
     * @param Wanted|null $card what the card says there
     * @param float $share of the body that its mats or its agreement take, 0 to 1
     */
    public function __construct(
        public Zone $zone,
        public ?Tool $tool,
        public ?Lay $lay,
        public string $from,
        public string $state,
        public bool $exception,
        public string $carry,
        public string $reason,
        public string $why,
        public ?Length $finished = null,
        public ?string $refer = null,
        public ?string $date = null,
        public float $share = 0.0,
        public ?Wanted $card = null,
    ) {
    }

    public function beside(?Wanted $card): self
    {
        return new self(
            $this->zone,
            $this->tool,
            $this->lay,
            $this->from,
            $this->state,
            $this->exception,
            $this->carry,
            $this->reason,
            $this->why,
            $this->finished,
            $this->refer,
            $this->date,
            $this->share,
            $card,
        );
    }

    public function inState(string $state, string $why): self
    {
        return new self(
            $this->zone,
            $this->tool,
            $this->lay,
            $this->from,
            $state,
            $this->exception,
            $this->carry,
            $this->reason,
            $why,
            $this->finished,
            $this->refer,
            $this->date,
            $this->share,
            $this->card,
        );
    }

    /** How the zone is worked, as a record of it says; null: not at all. */
    public function method(): ?Method
    {
        return match (true) {
            null === $this->tool => null,
            'mat' === $this->from => Method::ShaveOut,
            $this->tool->isGuard() => Method::Guard,
            $this->tool->hasLength() => Method::Clip,
            default => match ($this->tool->kind) {
                'thinner' => Method::Thin,
                'hand', 'knife' => Method::Strip,
                default => Method::from($this->tool->kind),
            },
        };
    }

    /** Whether it is done today as far as anybody knows now. */
    public function isDoneToday(): bool
    {
        return null !== $this->tool && \in_array($this->state, [self::PLANNED, self::DONE, self::WAITS_FOR_DRY], true);
    }

    /** What it is next time, in words; as on the card: nothing is said. */
    public function next(): string
    {
        return match (true) {
            self::DEFERRED === $this->state && null !== $this->date => '',
            self::DEFERRED === $this->state, self::NOT_TOUCHED === $this->state => Say::it('today.next_as_on_the_card'),
            $this->exception => Say::it('today.next_once_it_has_grown_back'),
            'do_not_repeat' === $this->carry => Say::it('today.next_as_on_the_card'),
            'card' === $this->from => '',
            default => Say::it('today.next_kept'),
        };
    }

    /** Whether what is done is not what the card says. */
    public function differs(): bool
    {
        if (
            \in_array($this->state, [self::PLANNED, self::DONE], true)
            && null !== $this->card
            && null !== $this->tool
        ) {
            return $this->tool->key() !== $this->card->recipe->tool->key()
                || ($this->tool->hasLength() && $this->lay !== $this->card->recipe->lay);
        }

        return true;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'zone' => $this->zone->id,
            'tool' => $this->tool?->toArray(),
            'lay' => $this->lay?->value,
            'from' => $this->from,
            'state' => $this->state,
            'exception' => $this->exception,
            'carry' => $this->carry,
            'reason' => $this->reason,
            'why' => $this->why,
            'finished_mm' => $this->finished?->rounded(),
            'refer' => $this->refer,
            'date' => $this->date,
        ];
    }
}
