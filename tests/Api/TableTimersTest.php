<?php

/** Timers, clocks of devices, pauses: what a tap says of time. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

final class TableTimersTest extends TableCase
{
    public function testADeviceWhoseClockIsAnHourOffIsCorrectedAndSaid(): void
    {
        $tap = [
            'id' => bin2hex(random_bytes(8)),
            'at' => gmdate('Y-m-d\TH:i:s.000\Z', time() + 3590),
            'kind' => 'timer',
            'timer' => 'dwell',
            'on' => true,
        ];
        $answer = $this->post([$tap], 'tablet-1', gmdate('Y-m-d\TH:i:s.000\Z', time() + 3600));
        self::assertEqualsWithDelta(3600, self::number($answer['clock_ahead_s']), 20);
        $timer = self::find(self::rows($this->groom['timers']), 'timer', 'dwell');
        self::assertTrue($timer['running']);
        self::assertEqualsWithDelta(10, self::number($timer['ran_s']), 15);
        self::assertGreaterThan(self::text($this->groom['opened_at']), self::text($timer['since']).'~');
    }

    public function testTheClipperWarmsAndTheProbeSaysSo(): void
    {
        $ago = static fn (int $s): string => gmdate('Y-m-d\TH:i:s.000\Z', time() - $s);
        $this->db()->executeStatement('UPDATE groom SET opened_at = ? WHERE closed_at IS NULL AND dog_id = ?', [
            gmdate('Y-m-d H:i:s', time() - 900),
            \Symfony\Component\Uid\Uuid::fromString($this->dogId('Sorrel'))->toBinary(),
        ]);
        $this->em()->clear();
        $this->send([
            ['at' => $ago(400)] + $this->tap('timer', ['timer' => 'clipping', 'on' => true, 'blade' => '10']),
        ]);
        $clipping = self::find(self::rows($this->groom['timers']), 'timer', 'clipping');
        self::assertSame('due', $clipping['level']);
        self::assertSame(120, $clipping['limit_s']);
        $probe = $this->ask(
            'POST',
            '/api/grooms/'.self::text($this->groom['id']).'/probe/answer',
            ['blade' => '10'],
            200,
        );
        self::assertGreaterThan(38.0, self::number($probe['celsius']));
        $this->send([$this->tap('reading', ['blade' => '10', 'celsius' => 43.5])]);
        self::assertSame('stop', self::find(self::rows($this->groom['timers']), 'timer', 'clipping')['level']);
        $this->send([
            $this->tap('timer', ['timer' => 'clipping', 'on' => false]),
            $this->tap('felt', ['blade' => '10']),
        ]);
        self::assertSame('off', self::find(self::rows($this->groom['timers']), 'timer', 'clipping')['level']);
    }

    public function testATimerOnADeviceThatDiedIsAskedAbout(): void
    {
        $this->db()->executeStatement('UPDATE groom SET opened_at = ? WHERE closed_at IS NULL', [
            gmdate('Y-m-d H:i:s', time() - 9000),
        ]);
        $this->em()->clear();
        $this->send([
            ['at' => gmdate('Y-m-d\TH:i:s.000\Z', time() - 7000)] +
            $this->tap('timer', ['timer' => 'drying', 'on' => true]),
        ]);
        $drying = self::find(self::rows($this->groom['timers']), 'timer', 'drying');
        self::assertTrue($drying['forgotten']);
        self::assertSame('due', $drying['level']);
        $this->signIn('idris');
        $this->post([$this->tap('timer', ['timer' => 'drying', 'on' => false])], 'phone-idris');
        self::assertFalse(self::find(self::rows($this->groom['timers']), 'timer', 'drying')['running']);
    }

    public function testAPausedDogIsResumedBySomebodyElse(): void
    {
        $idris = self::find(self::rows($this->ask('GET', '/api/session')['colleagues']), 'name', 'Idris Fenwater');
        $this->send([
            $this->tap('timer', ['timer' => 'clipping', 'on' => true, 'blade' => '10']),
            $this->tap('pause', ['why' => 'tired']),
            $this->tap('hand_over', [
                'to' => $idris['id'],
                'side' => 'left',
                'next' => 'right side',
                'note' => 'slowly',
            ]),
        ]);
        self::assertSame('paused', $this->groom['state']);
        self::assertSame('Idris Fenwater', $this->groom['who']);
        self::assertSame('right side', self::map($this->groom['hand_over'])['next']);
        self::assertFalse(self::find(self::rows($this->groom['timers']), 'timer', 'clipping')['running']);
        $this->signIn('idris');
        $this->post([$this->tap('resume', [])], 'phone-idris');
        self::assertSame('open', $this->groom['state']);
        $this->signIn('sunniva');
        $them = self::text($this->ask('GET', '/api/session')['id']);
        $this->signIn('tove');
        $answer = $this->ask(
            'POST',
            $this->path('taps'),
            $this->batch([
                $this->tap('hand_over', ['to' => $them]),
                $this->tap('note', ['text' => 'goes in all the same']),
            ]),
            200,
        );
        self::assertSame(
            ['refused', 'counted'],
            array_column(self::rows($answer['results']), 'outcome'),
            'one unknown colleague holds up nothing',
        );
    }
}
