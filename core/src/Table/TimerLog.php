<?php

/** When one timer ran, by whom, and when it was looked after. */

declare(strict_types=1);

namespace KeenThistle\Core\Table;

final class TimerLog
{
    /**
     * @var list<array{from: \DateTimeImmutable, to: \DateTimeImmutable|null, who: string, blade: string|null,
     *     seconds: int|null}> oldest first
     */
    public array $spans = [];

    /** When the dog was last looked at. */
    public ?\DateTimeImmutable $looked = null;

    /** @var array<string, \DateTimeImmutable> by blade */
    public array $felt = [];

    /** @var array<string, array{celsius: float, at: \DateTimeImmutable}> by blade, the newest */
    public array $readings = [];

    public function start(Tap $tap): void
    {
        $this->stop($tap->at);
        $minutes = $tap->number('minutes');
        $blade = $tap->text('blade');
        $this->spans[] = [
            'from' => $tap->at,
            'to' => null,
            'who' => $tap->who,
            'blade' => '' === $blade ? null : $blade,
            'seconds' => null === $minutes ? null : (int) round($minutes * 60),
        ];
    }

    /** Stopping what does not run is nothing: two hands may have stopped it. */
    public function stop(\DateTimeImmutable $at): void
    {
        $last = array_key_last($this->spans);
        if (null !== $last && null === $this->spans[$last]['to']) {
            $this->spans[$last]['to'] = max($at, $this->spans[$last]['from']);
        }
    }

    /**
     * @return array{from: \DateTimeImmutable, to: \DateTimeImmutable|null, who: string, blade: string|null,
     *     seconds: int|null}|null
     */
    public function newest(): ?array
    {
        return [] === $this->spans ? null : $this->spans[\count($this->spans) - 1];
    }

    /** Seconds in all. */
    public function ran(\DateTimeImmutable $now): float
    {
        return array_sum(
            array_map(static fn (array $s): float => Moment::between($s['from'], $s['to'] ?? $now), $this->spans),
        );
    }

    /** Seconds one blade has run in all. */
    public function ranWith(string $blade, \DateTimeImmutable $now): float
    {
        return array_sum(
            array_map(
                static fn (array $s): float => $s['blade'] === $blade
                    ? Moment::between($s['from'], $s['to'] ?? $now)
                    : 0.0,
                $this->spans,
            ),
        );
    }
}
