<?php

/**
 * A process of the fault tests: puts messages into the queue, or is a worker, which may die at any statement.
 * work.php queue NUMBER | work.php work [STATEMENT]
 */

declare(strict_types=1);

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Kernel;
use KeenThistle\Outbox\Message;
use KeenThistle\Outbox\Outbox;
use KeenThistle\Staff\Staff;
use KeenThistle\Tests\DiesAt;
use Symfony\Component\DependencyInjection\ContainerInterface;
use Symfony\Component\EventDispatcher\EventDispatcherInterface;
use Symfony\Component\Messenger\Event\WorkerRunningEvent;
use Symfony\Component\Messenger\MessageBusInterface;
use Symfony\Component\Messenger\Transport\TransportInterface;
use Symfony\Component\Messenger\Worker;

require dirname(__DIR__, 2).'/vendor/autoload.php';

[, $what, $number] = $argv + [2 => '0'];
$kernel = new Kernel('test', false);
$kernel->boot();
$services = $kernel->getContainer()->get('test.service_container');
assert($services instanceof ContainerInterface);
$of = static fn (string $id): mixed => $services->get($id);
if ('queue' === $what) {
    $manager = $of(EntityManagerInterface::class);
    assert($manager instanceof EntityManagerInterface);
    $outbox = $of(Outbox::class);
    assert($outbox instanceof Outbox);
    $dog = $manager->getRepository(Dog::class)->findOneBy(['name' => 'Tansy']) ?? exit(1);
    $who = $manager->getRepository(Staff::class)->findOneBy(['login' => 'tove']) ?? exit(1);
    $manager->wrapInTransaction(static function () use ($outbox, $dog, $who, $number): void {
        for ($n = 0; $n < (int) $number; ++$n) {
            $outbox->post(new Message($dog, null, $who, new DateTimeImmutable(), 'ready', '0555 0', "Queued $n."));
        }
    });
    exit;
}
$queue = $of('messenger.transport.work');
$bus = $of(MessageBusInterface::class);
$events = $of('event_dispatcher');
assert($queue instanceof TransportInterface);
assert($bus instanceof MessageBusInterface && $events instanceof EventDispatcherInterface);
$events->addListener(WorkerRunningEvent::class, static function (WorkerRunningEvent $event): void {
    if ($event->isWorkerIdle()) {
        $event->getWorker()->stop();
    }
});
DiesAt::statement((int) $number);
(new Worker(['work' => $queue], $bus, $events))->run(['sleep' => 0]);
