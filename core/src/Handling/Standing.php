<?php

/** The cautions that stand on a card at all times: health and handling, worst first. */

declare(strict_types=1);

namespace KeenThistle\Core\Handling;

use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Say\Say;

final readonly class Standing
{
    /** code => level; the sentence is among what is said */
    private const HEALTH = [
        'airway' => Caution::DANGER,
        'heart' => Caution::DANGER,
        'seizures' => Caution::DANGER,
        'surgery' => Caution::DANGER,
        'bites' => Caution::DANGER,
        'pregnant' => Caution::CAUTION,
        'joints' => Caution::CAUTION,
        'age' => Caution::CAUTION,
        'skin' => Caution::CAUTION,
        'in_season' => Caution::NOTE,
    ];
    private const ORDER = [Caution::DANGER => 0, Caution::CAUTION => 1, Caution::NOTE => 2];

    /** Of these no dog is left alone with a dryer. */
    private const WATCHED = ['airway', 'heart', 'age', 'seizures', 'surgery'];

    /**
     * @param list<string> $health
     * @param list<array{name: string, on: string, what: string}> $reactions to products
     * @param string $state of State
     */
    public function __construct(
        public array $health,
        public string $muzzle,
        public Handling $handling = Handling::Calm,
        public array $reactions = [],
        public string $healthNote = '',
        public string $handlingNote = '',
        public string $tailCarriage = 'up',
        public string $state = 'active',
    ) {
    }

    /** Whether this dog is never dried unattended. */
    public function isWatchedWhileDrying(): bool
    {
        return 'flat' === $this->muzzle || [] !== array_intersect(self::WATCHED, $this->health);
    }

    /** @return list<Caution> */
    public function cautions(): array
    {
        $cautions = [...$this->ofHealth(), ...$this->ofHandling()];
        $state = State::from($this->state)->caution();
        if (null !== $state) {
            array_unshift($cautions, $state);
        }
        usort($cautions, static fn (Caution $a, Caution $b): int => self::ORDER[$a->level] <=> self::ORDER[$b->level]);

        return $cautions;
    }

    /** @return list<Caution> */
    private function ofHealth(): array
    {
        $cautions = [];
        foreach ($this->health as $code) {
            if (isset(self::HEALTH[$code])) {
                $cautions[] = new Caution($code, Say::it("standing.$code"), self::HEALTH[$code]);
            }
        }
        foreach ($this->reactions as $r) {
            $cautions[] = new Caution(
                'reaction',
                Say::it('handling.reacted_to_on_not_this_product', $r['name'], $r['on'], $r['what']),
                Caution::DANGER,
            );
        }
        if ('flat' === $this->muzzle && !\in_array('airway', $this->health, true)) {
            $cautions[] = new Caution(
                'short_face',
                Say::it('handling.short_face_no_heated_or_kennel'),
                Caution::CAUTION,
            );
        }
        if ('' !== $this->healthNote) {
            $cautions[] = new Caution('health_note', $this->healthNote, Caution::CAUTION);
        }

        return $cautions;
    }

    /** @return list<Caution> */
    private function ofHandling(): array
    {
        $cautions = [];
        $handling = match ($this->handling) {
            Handling::Frightened => Say::it('handling.frightened_half_a_minute_for_anything'),
            Handling::Painful => Say::it('handling.in_pain_when_handled_short_gentle'),
            Handling::TwoPerson => Say::it('handling.two_people'),
            Handling::Fidgety => Say::it('handling.fidgety_hold_the_part_not_the'),
            Handling::Calm => null,
        };
        if (null !== $handling) {
            $cautions[] = new Caution('handling', $handling);
        }
        if ('' !== $this->handlingNote) {
            $cautions[] = new Caution(
                'handling_note',
                $this->handlingNote,
                Handling::Calm === $this->handling ? Caution::NOTE : Caution::CAUTION,
            );
        }
        if ('down' === $this->tailCarriage) {
            $cautions[] = new Caution('tail_down', Tail::rule('down'), Caution::NOTE);
        }

        return $cautions;
    }
}
