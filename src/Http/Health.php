<?php

/** Whether the database answers. */

declare(strict_types=1);

namespace KeenThistle\Http;

use Doctrine\DBAL\Connection;

final readonly class Health
{
    public function __construct(private Connection $db)
    {
    }

    /** @throws \Doctrine\DBAL\Exception when it does not */
    public function check(): void
    {
        $this->db->executeQuery('SELECT 1');
    }
}
