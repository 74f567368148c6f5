<?php

/** What a person does a job, a queue or the shell can do too: no request, no session, only who acts. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Commands;
use KeenThistle\Command\Key;
use KeenThistle\Diary\BookDog;
use KeenThistle\Diary\NewBooking;
use KeenThistle\Plan\KeepLine;
use KeenThistle\Plan\LineForm;
use KeenThistle\Refusal\Kind;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Staff;

final class WithoutARequestTest extends ApiTestCase
{
    private Commands $commands;

    protected function setUp(): void
    {
        parent::setUp();
        $commands = self::getContainer()->get(Commands::class);
        self::assertInstanceOf(Commands::class, $commands);
        $this->commands = $commands;
    }

    private function actor(string $login): Actor
    {
        $manager = self::getContainer()->get(EntityManagerInterface::class);
        self::assertInstanceOf(EntityManagerInterface::class, $manager);
        $staff = $manager->getRepository(Staff::class)->findOneBy(['login' => $login]);
        self::assertInstanceOf(Staff::class, $staff);

        return Actor::of($staff);
    }

    private function wish(string $time = '07:15'): BookDog
    {
        return new BookDog($this->dogId('Tansy'), new NewBooking(new \DateTimeImmutable('tomorrow UTC'), $time));
    }

    public function testACommandIsDoneOnceAndIsInTheLog(): void
    {
        $key = new Key('a-job-of-the-night');
        $first = $this->commands->run($this->wish(), $this->actor('junia'), $key);
        self::assertFalse($first->again);
        $again = $this->commands->run($this->wish(), $this->actor('junia'), $key);
        self::assertTrue($again->again);
        self::assertSame($first->id('booking'), $again->id('booking'));
        $log = $this->db()->fetchFirstColumn(
            'SELECT s.login FROM change_log c JOIN staff s ON s.id = c.staff_id '.
                "WHERE c.summary LIKE 'booked: full, %07:15'",
        );
        self::assertSame(['junia'], $log);
    }

    public function testTheSameKeyWithAnotherWishIsRefused(): void
    {
        $key = new Key('a-job-of-the-night');
        $this->commands->run($this->wish(), $this->actor('junia'), $key);
        $this->expectException(Refused::class);
        $this->expectExceptionMessage('was used for something else');
        $this->commands->run($this->wish('08:15'), $this->actor('junia'), $key);
    }

    public function testAnotherSalonsPersonFindsNoDogHere(): void
    {
        $this->expectException(Refused::class);
        $this->expectExceptionMessage('no such dog');
        $this->commands->run($this->wish(), $this->actor('sunniva'), new Key('a-job-of-the-night'));
    }

    public function testARefusedWishKeepsNothingAndItsKeyMayBeSentAgain(): void
    {
        $key = new Key('a-line-with-a-slip');
        $line = static fn (string $line): LineForm => new LineForm($line);
        $before = $this->db()->fetchOne('SELECT COUNT(*) FROM change_log');
        try {
            $this->commands->run(
                new KeepLine($this->dogId('Tansy'), 99, $line('back: 10')),
                $this->actor('tove'),
                $key,
            );
            self::fail('the plan had another revision');
        } catch (Refused $e) {
            self::assertSame(Kind::ChangedMeanwhile, $e->kind);
        }
        self::assertSame($before, $this->db()->fetchOne('SELECT COUNT(*) FROM change_log'));
        $revision = (int) self::number(
            $this->db()->fetchOne(
                "SELECT p.revision FROM trim_plan p JOIN dog d ON d.id = p.dog_id WHERE d.name = 'Tansy'",
            ),
        );
        $done = $this->commands->run(
            new KeepLine($this->dogId('Tansy'), $revision, $line('back: 10')),
            $this->actor('tove'),
            $key,
        );
        self::assertSame($revision + 1, $done->kept['revision']);
    }
}
