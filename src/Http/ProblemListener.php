<?php

/** Turns every error below /api into a problem document; no stack trace ever leaves. */

declare(strict_types=1);

namespace KeenThistle\Http;

use Doctrine\DBAL\Exception\ConnectionException;
use Doctrine\DBAL\Exception\DriverException;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Refusal\Refused;
use Psr\Log\LoggerInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\Security\Core\Exception\AccessDeniedException;
use Symfony\Component\Security\Core\Exception\AuthenticationException;

/** Runs after the firewall's own listener (priority 1), which turns anonymous denials into sign-in. */
#[AsEventListener(priority: 0)]
final readonly class ProblemListener
{
    /** Gone, shutting down, no connection left, statement killed, read only. */
    private const AWAY = [2002, 2003, 2006, 2013, 1053, 1040, 1203, 1226, 1317, 1927, 1290, 4031];
    private const LOCKED = [1205];

    public function __construct(private LoggerInterface $logger)
    {
    }

    public function __invoke(ExceptionEvent $event): void
    {
        $e = $event->getThrowable();
        $problem = $this->problem($e);
        if ($problem->status >= 500) {
            $this->logger->error('{class}: {message}', [
                'class' => $e::class,
                'message' => $e->getMessage(),
                'exception' => $e,
            ]);
        }
        $event->allowCustomResponseCode();
        $event->setResponse(Json::problem($problem));
    }

    private function problem(\Throwable $e): Problem
    {
        return match (true) {
            $e instanceof Refused => Problem::of($e),
            $e instanceof InvalidInput => Problem::of(Refused::invalid($e->all())),
            $e instanceof AccessDeniedException => Problem::of(Refused::forbidden()),
            $e instanceof AuthenticationException => Problem::of(Refused::signInNeeded()),
            $e instanceof HttpExceptionInterface
                && $e->getPrevious() instanceof AccessDeniedException => Problem::of(Refused::forbidden()),
            $e instanceof HttpExceptionInterface => Problem::http($e->getStatusCode()),
            self::caused($e, self::LOCKED) => Problem::of(Refused::busy()),
            self::isConnection($e) || self::caused($e, self::AWAY) => Problem::of(Refused::resting()),
            default => Problem::unexpected(),
        };
    }

    private static function isConnection(\Throwable $e): bool
    {
        for ($cause = $e; null !== $cause; $cause = $cause->getPrevious()) {
            if ($cause instanceof ConnectionException) {
                return true;
            }
        }

        return false;
    }

    /** @param list<int> $codes of the database */
    private static function caused(\Throwable $e, array $codes): bool
    {
        for ($cause = $e; null !== $cause; $cause = $cause->getPrevious()) {
            $code =
                $cause instanceof \PDOException
                    ? $cause->errorInfo[1] ?? $cause->getCode()
                    : ($cause instanceof DriverException
                        ? $cause->getCode()
                        : null);
            if (\in_array($code, $codes, true)) {
                return true;
            }
        }

        return false;
    }
}
