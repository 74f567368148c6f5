<?php

/** Sessions in the database, on the application's own connection, without a write for every look. */

declare(strict_types=1);

namespace KeenThistle\Staff\Security;

use Doctrine\DBAL\Connection;
use Symfony\Component\HttpFoundation\Session\Storage\Handler\PdoSessionHandler;

final class SessionStore extends PdoSessionHandler
{
    public static function onConnection(Connection $db): self
    {
        $pdo = $db->getNativeConnection();
        \assert($pdo instanceof \PDO);

        return new self($pdo, ['lock_mode' => self::LOCK_NONE, 'db_table' => 'sessions']);
    }

    /** Unchanged sessions are written anew every five minutes by their metadata; in between nothing is. */
    public function updateTimestamp(#[\SensitiveParameter] string $sessionId, string $data): bool
    {
        return true;
    }
}
