<?php

/** Timers from taps: they belong to the dog, not to the tablet they were started on. */

declare(strict_types=1);

namespace KeenThistle\Core\Table;

use KeenThistle\Core\Heat\HeatRule;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Say\Say;

final readonly class TimerRule
{
    /** A timer left running this many times its length was forgotten, or its device has died. */
    private const FORGOTTEN = 4;
    private const FORGOTTEN_CLIPPING = 1200;

    /**
     * @param array<int|string, int> $spares cool blades of the same size in reach, by label
     * @param int|null $undercoat seconds the season leaves for the undercoat; null: no cap
     * @param bool $watched whether this dog is never dried unattended
     */
    public function __construct(
        private array $spares = [],
        private ?int $undercoat = 600,
        private bool $watched = false,
    ) {
    }

    public function answer(TimerKind $kind, TimerLog $log, \DateTimeImmutable $now): TimerAnswer
    {
        return TimerKind::Clipping === $kind ? $this->clipping($log, $now) : $this->plain($kind, $log, $now);
    }

    private function plain(TimerKind $kind, TimerLog $log, \DateTimeImmutable $now): TimerAnswer
    {
        $span = $log->newest();
        $open = null !== $span && null === $span['to'];
        $limit = $span['seconds'] ?? (TimerKind::Undercoat === $kind ? $this->undercoat : $kind->seconds());
        if (null === $span || !$open) {
            $ran = TimerKind::Undercoat === $kind ? $log->ran($now) : 0.0;

            return new TimerAnswer(
                $kind,
                false,
                null,
                null,
                null,
                $ran,
                $limit,
                null === $limit ? null : $limit - $ran,
                'off',
                false,
                $kind->due(),
                [],
                $this->reasons($kind, $limit),
            );
        }
        // The undercoat's cap counts the whole visit; a look at the drying dog begins its time anew.
        $from = TimerKind::Drying === $kind && null !== $log->looked ? max($log->looked, $span['from']) : $span['from'];
        $ran = TimerKind::Undercoat === $kind ? $log->ran($now) : Moment::between($from, $now);
        $left = null === $limit ? null : $limit - $ran;
        $due = null !== $left && $left <= 0;
        $forgotten = null !== $limit && Moment::between($from, $now) > self::FORGOTTEN * $limit;
        $cautions = [
            new Caution(
                $kind->value,
                $kind->caution(),
                TimerKind::Drying === $kind ? Caution::DANGER : Caution::CAUTION,
            ),
        ];
        if (TimerKind::Drying === $kind && $this->watched) {
            $cautions[] = new Caution(
                'never_unattended',
                Say::it('table.this_dog_is_never_dried_unattended'),
                Caution::DANGER,
            );
        }

        return new TimerAnswer(
            $kind,
            true,
            $span['who'],
            $span['from'],
            null,
            $ran,
            $limit,
            $left,
            $due ? 'due' : 'running',
            $forgotten,
            $due ? $kind->due() : $kind->label(),
            $cautions,
            $this->reasons($kind, $limit),
        );
    }

    private function clipping(TimerLog $log, \DateTimeImmutable $now): TimerAnswer
    {
        $span = $log->newest();
        $kind = TimerKind::Clipping;
        $blade = $span['blade'] ?? null;
        if (null === $span || null === $blade) {
            return new TimerAnswer($kind, false, null, null, null, 0.0, null, null, 'off', false, $kind->due(), [], []);
        }
        $running = null === $span['to'];
        $begin = $log->spans[0]['from'];
        $spans = [];
        foreach ($log->spans as $s) {
            if ($s['blade'] === $blade) {
                $spans[] = [
                    'from' => Moment::between($begin, $s['from']),
                    'to' => Moment::between($begin, $s['to'] ?? $now),
                ];
            }
        }
        $felt = $log->felt[$blade] ?? null;
        $reading = $log->readings[$blade] ?? null;
        // A reading says nothing any more once the blade was felt, or has run for a check's length since.
        $celsius = null !== $reading && (null === $felt || $reading['at'] >= $felt) ? $reading['celsius'] : null;
        $heat = (new HeatRule())->now(
            $blade,
            $spans,
            null === $felt ? null : Moment::between($begin, $felt),
            Moment::between($begin, $now),
            $celsius,
            $this->spares[$blade] ?? 0,
        );
        $forgotten = $running && Moment::between($span['from'], $now) > self::FORGOTTEN_CLIPPING;
        $level = match (true) {
            'stop' === $heat->level, 'warn' === $heat->level => $heat->level,
            !$running => 'off',
            'check' === $heat->level => 'due',
            default => 'running',
        };
        $words = [] === $heat->cautions ? Say::it('table.running', $blade) : $heat->cautions[0]->message;

        return new TimerAnswer(
            $kind,
            $running,
            $span['who'],
            $running ? $span['from'] : null,
            $blade,
            $heat->ran,
            $heat->every,
            $heat->every - $heat->ran,
            $level,
            $forgotten,
            $words,
            [...$heat->cautions, new Caution($kind->value, $kind->caution())],
            $heat->reasons,
        );
    }

    /** @return list<Reason> */
    private function reasons(TimerKind $kind, ?int $limit): array
    {
        if (null === $limit) {
            return TimerKind::Undercoat === $kind
                ? [new Reason('season', 0, Say::it('table.min_cap'), Say::it('table.the_coat_is_being_let_go'))]
                : [];
        }

        return [
            new Reason(
                'limit',
                $limit,
                's',
                match ($kind) {
                    TimerKind::Undercoat => Say::it('table.the_coat_is_being_kept_for'),
                    TimerKind::Drying => Say::it('table.between_two_looks_at_the_dog'),
                    TimerKind::Dwell => Say::it('table.usual_the_shampoos_label_rules'),
                    TimerKind::Acclimatising => Say::it('table.three_quarters_of_a_minute_for'),
                    default => 'usual',
                },
            ),
        ];
    }
}
