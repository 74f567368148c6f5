<?php

/** A groom at the table, tapped as a device does. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use KeenThistle\Tests\QueryCounter;

abstract class TableCase extends ApiTestCase
{
    /** @var array<string, mixed> */
    protected array $groom;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn('tove');
        $this->groom = $this->open('Sorrel');
    }

    /** @return array<string, mixed> */
    protected function open(string $dog): array
    {
        return $this->groom = $this->ask('POST', '/api/dogs/'.$this->dogId($dog).'/grooms', [], 200);
    }

    /**
     * @param array<string, mixed> $data
     *
     * @return array<string, mixed>
     */
    protected function tap(string $kind, array $data): array
    {
        return ['id' => bin2hex(random_bytes(8)), 'at' => gmdate('Y-m-d\TH:i:s.000\Z'), 'kind' => $kind] + $data;
    }

    /**
     * @param list<array<string, mixed>> $taps
     *
     * @return array<string, mixed>
     */
    protected function batch(array $taps, string $device = 'tablet-1', ?string $sentAt = null): array
    {
        return ['sent_at' => $sentAt ?? gmdate('Y-m-d\TH:i:s.000\Z'), 'device' => $device, 'taps' => $taps];
    }

    /**
     * @param list<array<string, mixed>> $taps
     *
     * @return array<string, mixed>
     */
    protected function post(array $taps, string $device = 'tablet-1', ?string $sentAt = null): array
    {
        $path = '/api/grooms/'.self::text($this->groom['id']);
        $batch = $this->batch($taps, $device, $sentAt);
        $before = $this->ask('GET', $path, expect: 200);
        $answer = $this->ask('POST', $this->path('taps'), $batch, 200);
        $merged = self::changed($before, self::map($answer['groom']));
        $this->groom = $this->ask('GET', $path, expect: 200);
        // What a device makes of the changes is what it would be told if it asked for the whole; the clock goes on.
        foreach (['now', 'timers', 'minutes', 'phases', 'rest_in'] as $clock) {
            unset($merged[$clock]);
        }
        $whole = array_intersect_key($this->groom, $merged);
        self::assertSame($whole, array_replace($whole, $merged));

        return $answer;
    }

    /**
     * @param array<string, mixed> $groom as it was
     * @param array<string, mixed> $by what has changed
     *
     * @return array<string, mixed>
     */
    protected static function changed(array $groom, array $by): array
    {
        foreach ($by as $name => $value) {
            $key = ['zones' => 'zone', 'steps' => 'key', 'timers' => 'timer'][$name] ?? null;
            if (null !== $key) {
                $rows = array_column(self::rows($value), null, $key);
                $groom[$name] = array_map(
                    static fn (array $row): array => array_replace($row, $rows[self::text($row[$key])] ?? []),
                    self::rows($groom[$name]),
                );
            } elseif (null !== $value || !\in_array($name, ['claws', 'pads', 'strip_map'], true)) {
                $groom[$name] = $value;
            }
        }

        return $groom;
    }

    /**
     * @param list<array<string, mixed>> $taps
     *
     * @return list<mixed> outcomes
     */
    protected function send(array $taps): array
    {
        return array_column(self::rows($this->post($taps)['results']), 'outcome');
    }

    protected function path(string $what): string
    {
        return '/api/grooms/'.self::text($this->groom['id'])."/$what";
    }

    /** @return array<string, mixed> */
    protected function mark(string $zone): array
    {
        return self::find(self::rows($this->groom['zones']), 'zone', $zone);
    }

    protected function queries(): int
    {
        return QueryCounter::during(
            fn (): array => $this->ask('GET', '/api/grooms/'.self::text($this->groom['id']), expect: 200),
        );
    }

    protected function em(): \Doctrine\ORM\EntityManagerInterface
    {
        $em = self::getContainer()->get('doctrine.orm.default_entity_manager');
        \assert($em instanceof \Doctrine\ORM\EntityManagerInterface);

        return $em;
    }
}
