<?php

/** The version of a row that can be changed: every UPDATE names the one it read, counts its rows, and raises it. */

declare(strict_types=1);

namespace KeenThistle\Salon;

use Doctrine\ORM\Mapping as ORM;

/**
 * Moved by the ORM alone (OptimisticLockException where somebody was faster); VersionGuard refuses updates of rows
 * without one.
 */
trait Versioned
{
    #[ORM\Version]
    #[ORM\Column(type: 'integer', options: ['default' => 1])]
    public int $version = 1;
}
