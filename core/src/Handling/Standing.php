<?php

/** The cautions that stand on a card at all times: health and handling, worst first. */

declare(strict_types=1);

namespace KeenThistle\Core\Handling;

use KeenThistle\Core\Reason\Caution;

final readonly class Standing
{
    /** code => [sentence, level] */
    private const HEALTH = [
        'airway' => [
            'Short of breath: never muzzle over the nose, no heated or kennel drying, rest breaks, stop at noise '.
            'or blue gums and call a vet.',
            Caution::DANGER,
        ],
        'heart' => ['Heart: short sessions, no heat, stop if it coughs or tires and call its vet.', Caution::DANGER],
        'seizures' => [
            'Seizures: no flicker, no loud dryer at the head; if one starts, clear the table, time it, call its vet.',
            Caution::DANGER,
        ],
        'surgery' => [
            'Recent surgery: keep off the wound and off the leash side; ask its vet what is allowed.',
            Caution::DANGER,
        ],
        'bites' => ['Has bitten: two people, owner told, muzzle only by policy.', Caution::DANGER],
        'pregnant' => ['Pregnant: no pressure on the belly, short standing, lukewarm only.', Caution::CAUTION],
        'joints' => ['Sore joints: lift legs low and in line, non-slip mat, let it lie down.', Caution::CAUTION],
        'age' => ['Old dog: warm, short, rests; never dried unattended.', Caution::CAUTION],
        'skin' => [
            'Skin trouble: note what you see, show the owner, refer to a vet; no new product.',
            Caution::CAUTION,
        ],
        'in_season' => ['In season: keep apart from other dogs.', Caution::NOTE],
    ];
    private const ORDER = [Caution::DANGER => 0, Caution::CAUTION => 1, Caution::NOTE => 2];

    /** Of these no dog is left alone with a dryer. */
    private const WATCHED = ['airway', 'heart', 'age', 'seizures', 'surgery'];

    /**
     * @param list<string> $health
     * @param list<array{name: string, on: string, what: string}> $reactions to products
     * @param string $state active, moved_away or passed_away
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
        if ('active' !== $this->state) {
            array_unshift(
                $cautions,
                new Caution(
                    'gone',
                    'passed_away' === $this->state
                        ? 'This dog has passed away. No message is ever sent.'
                        : 'This dog has moved away.',
                    Caution::DANGER,
                ),
            );
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
                $cautions[] = new Caution($code, self::HEALTH[$code][0], self::HEALTH[$code][1]);
            }
        }
        foreach ($this->reactions as $r) {
            $cautions[] = new Caution(
                'reaction',
                \sprintf(
                    'Reacted to %s on %s: %s. Not this product; a vet is asked before a new one.',
                    $r['name'],
                    $r['on'],
                    $r['what'],
                ),
                Caution::DANGER,
            );
        }
        if ('flat' === $this->muzzle && !\in_array('airway', $this->health, true)) {
            $cautions[] = new Caution(
                'short_face',
                'Short face: no heated or kennel drying, watch the breathing.',
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
            Handling::Frightened => 'Frightened: half a minute for anything new, never force, defer what it '.
                'cannot bear.',
            Handling::Painful => 'In pain when handled: short, gentle, defer what hurts and refer to its vet.',
            Handling::TwoPerson => 'Two people.',
            Handling::Fidgety => 'Fidgety: hold the part, not the dog.',
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
