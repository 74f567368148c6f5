<?php

/** How a groom stands: folded from its taps, oldest first. */

declare(strict_types=1);

namespace KeenThistle\Core\Table;

final class Board
{
    /** @var array<string, ZoneMark> by zone */
    public array $zones = [];

    /** @var array<string, array{state: string, why: string, who: string, at: \DateTimeImmutable}> by step key */
    public array $steps = [];

    /** @var array<string, TimerLog> by TimerKind */
    public array $timers = [];

    /** @var array<string, string> "front_left.3" => state */
    public array $claws = [];

    /** @var array<string, int> foot => pads bare of 5 */
    public array $pads = [];

    /** @var array<string, string> "left.inside" => state */
    public array $ears = [];

    /** @var array<string, string> side => state */
    public array $eyes = [];

    /** @var array{ring: float, channel: float, arc: float}|null mm */
    public ?array $extents = null;

    /**
     * @var array<string, array{what: string, zone: string, tool: string, action: string, told: bool,
     *     follow_up: string, follow_up_on: string, who: string, at: \DateTimeImmutable}> by tap id
     */
    public array $incidents = [];

    /** @var list<array{text: string, who: string, at: \DateTimeImmutable}> */
    public array $notes = [];

    /** @var array<string, bool> */
    public array $looked = [];

    /** Whether it felt bone dry at armpits, groin and behind the ears; null: nobody has said. */
    public ?bool $ready = null;

    /** Whether somebody has seen it tire today. */
    public bool $tires = false;

    /** @var list<array{from: \DateTimeImmutable, to: \DateTimeImmutable|null, why: string}> */
    public array $pauses = [];

    /** @var list<array{phase: string, who: string, at: \DateTimeImmutable}> where it was said to be, oldest first */
    public array $phases = [];

    /**
     * @var array{to: string, side: string, next: string, note: string, who: string, at: \DateTimeImmutable}|null the
     *     newest
     */
    public ?array $handOver = null;

    /** @var array<string, \DateTimeImmutable> name => last tap */
    public array $people = [];

    /** @param iterable<Tap> $taps oldest first */
    public static function of(iterable $taps): self
    {
        $board = new self();
        foreach ($taps as $tap) {
            $board->take($tap);
        }

        return $board;
    }

    public function take(Tap $tap): void
    {
        $this->people[$tap->who] = max($this->people[$tap->who] ?? $tap->at, $tap->at);
        if ($tap->held) {
            return;
        }
        match ($tap->kind) {
            'zone' => $this->zone($tap),
            'step' => ($this->steps[$tap->text('step')] = [
                'state' => $tap->text('state'),
                'why' => $tap->text('why'),
                'who' => $tap->who,
                'at' => $tap->at,
            ]),
            'timer' => $tap->yes('on')
                ? $this->timer($tap->text('timer'))->start($tap)
                : $this->timer($tap->text('timer'))->stop($tap->at),
            'felt' => ($this->timer('clipping')->felt[$tap->text('blade')] = $tap->at),
            'reading' => ($this->timer('clipping')->readings[$tap->text('blade')] = [
                'celsius' => $tap->number('celsius') ?? 0.0,
                'at' => $tap->at,
            ]),
            'welfare' => ($this->timer('drying')->looked = $tap->at),
            'claw' => ($this->claws[$tap->text('foot').'.'.(int) $tap->number('claw')] = $tap->text('state')),
            'pads' => ($this->pads[$tap->text('foot')] = (int) $tap->number('bare')),
            'ear' => ($this->ears[$tap->text('side').'.'.$tap->text('place')] = $tap->text('state')),
            'eye' => ($this->eyes[$tap->text('side')] = $tap->text('state')),
            'extents' => ($this->extents = [
                'ring' => $tap->number('ring') ?? 0.0,
                'channel' => $tap->number('channel') ?? 0.0,
                'arc' => $tap->number('arc') ?? 0.0,
            ]),
            'incident' => ($this->incidents[$tap->id] = [
                'what' => $tap->text('what'),
                'zone' => $tap->text('zone'),
                'tool' => $tap->text('tool'),
                'action' => $tap->text('action'),
                'told' => $tap->yes('told'),
                'follow_up' => $tap->text('follow_up'),
                'follow_up_on' => $tap->text('follow_up_on'),
                'who' => $tap->who,
                'at' => $tap->at,
            ]),
            'told' => $this->told($tap),
            'pause' => $this->pause($tap),
            'resume' => $this->resume($tap),
            'phase' => $this->phase($tap),
            'hand_over' => $this->handOver($tap),
            'note' => ($this->notes[] = ['text' => $tap->text('text'), 'who' => $tap->who, 'at' => $tap->at]),
            'ready' => ($this->ready = $tap->yes('ok')),
            'tires' => ($this->tires = $tap->yes('ok')),
            'look' => ($this->looked[$tap->text('look')] = $tap->yes('ok')),
            default => throw new \LogicException("Nobody checked a tap of kind $tap->kind."),
        };
    }

    /** Whether what this zone tap says would silently replace somebody else's word. */
    public function standsAgainst(Tap $tap, int $saw): ?string
    {
        if ('zone' !== $tap->kind) {
            return null;
        }
        foreach ($tap->texts('zones') as $zone) {
            if (isset($this->zones[$zone]) && $this->zones[$zone]->stands(ZoneMark::of($tap), $saw)) {
                return $zone;
            }
        }

        return null;
    }

    public function isPaused(): bool
    {
        $last = [] === $this->pauses ? null : $this->pauses[\count($this->pauses) - 1];

        return null !== $last && null === $last['to'];
    }

    /** Minutes at work since it began: pauses do not count. */
    public function minutesAtWork(\DateTimeImmutable $began, \DateTimeImmutable $until): float
    {
        $idle = array_sum(
            array_map(
                static fn (array $pause): float => Moment::between(
                    max($pause['from'], $began),
                    min($pause['to'] ?? $until, $until),
                ),
                $this->pauses,
            ),
        );

        return max(0.0, Moment::between($began, $until) - $idle) / 60;
    }

    /** Minutes on the table since it last rested: a pause and the rest timer count. */
    public function minutesSinceRest(\DateTimeImmutable $began, \DateTimeImmutable $now): float
    {
        $from = $began;
        $rests = isset($this->timers['rest']) ? $this->timers['rest']->spans : [];
        foreach ([...$this->pauses, ...$rests] as $rest) {
            $from = max($from, $rest['to'] ?? $now);
        }

        return max(0.0, Moment::between($from, $now)) / 60;
    }

    /** @param list<string> $zones of the step; none: it is tapped itself */
    public function stepState(string $key, array $zones): string
    {
        $tapped = $this->steps[$key]['state'] ?? 'open';
        if ('open' !== $tapped || [] === $zones) {
            return $tapped;
        }
        $states = array_map(fn (string $z): string => $this->zones[$z]->state ?? 'planned', $zones);

        return [] === array_intersect($states, ['planned', 'partly'])
            ? 'done'
            : ([] === array_diff($states, ['planned'])
                ? 'open'
                : 'begun');
    }

    public function runs(TimerKind $kind): bool
    {
        $newest = isset($this->timers[$kind->value]) ? $this->timers[$kind->value]->newest() : null;

        return null !== $newest && null === $newest['to'];
    }

    public function timer(string $kind): TimerLog
    {
        return $this->timers[$kind] ??= new TimerLog();
    }

    private function zone(Tap $tap): void
    {
        foreach ($tap->texts('zones') as $zone) {
            $this->zones[$zone] = ZoneMark::of($tap);
        }
    }

    private function told(Tap $tap): void
    {
        $id = $tap->text('incident');
        if (isset($this->incidents[$id])) {
            $this->incidents[$id]['told'] = true;
            $this->incidents[$id]['follow_up'] =
                '' === $tap->text('follow_up') ? $this->incidents[$id]['follow_up'] : $tap->text('follow_up');
        }
    }

    /** Said twice, on two devices, it is there since the first. */
    private function phase(Tap $tap): void
    {
        $last = [] === $this->phases ? null : $this->phases[\count($this->phases) - 1];
        if (null === $last || $last['phase'] !== $tap->text('state')) {
            $this->phases[] = ['phase' => $tap->text('state'), 'who' => $tap->who, 'at' => $tap->at];
        }
    }

    private function pause(Tap $tap): void
    {
        if (!$this->isPaused()) {
            $this->pauses[] = ['from' => $tap->at, 'to' => null, 'why' => $tap->text('why')];
        }
        // Nothing runs on while nobody is at it; drying has its own watcher.
        foreach (['clipping', 'undercoat', 'acclimatising'] as $kind) {
            $this->timer($kind)->stop($tap->at);
        }
    }

    private function resume(Tap $tap): void
    {
        if ($this->isPaused()) {
            $this->pauses[\count($this->pauses) - 1]['to'] = $tap->at;
        }
    }

    private function handOver(Tap $tap): void
    {
        $this->handOver = [
            'to' => $tap->text('to'),
            'side' => $tap->text('side'),
            'next' => $tap->text('next'),
            'note' => $tap->text('note'),
            'who' => $tap->who,
            'at' => $tap->at,
        ];
        foreach (['clipping', 'undercoat', 'acclimatising'] as $kind) {
            $this->timer($kind)->stop($tap->at);
        }
    }
}
