<?php

/** Lets something take so long and no longer. */

declare(strict_types=1);

namespace KeenThistle\Outbox;

final class Within
{
    private function __construct()
    {
    }

    /**
     * Without signals, as behind a web server, it takes as long as it takes.
     *
     * @template T
     *
     * @param \Closure(): T $do
     *
     * @return T
     *
     * @throws SenderDown
     */
    public static function seconds(int $seconds, \Closure $do): mixed
    {
        if (!\function_exists('pcntl_alarm')) {
            return $do();
        }
        $async = pcntl_async_signals(true);
        $handler = pcntl_signal_get_handler(\SIGALRM);
        pcntl_signal(
            \SIGALRM,
            static fn () => throw new SenderDown("The message service did not answer within $seconds seconds."),
        );
        pcntl_alarm($seconds);
        try {
            return $do();
        } finally {
            pcntl_alarm(0);
            pcntl_signal(\SIGALRM, $handler);
            pcntl_async_signals($async);
        }
    }
}
