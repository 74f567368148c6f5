<?php

/** What somebody wants done: a readonly record whose public properties say all of it. */

declare(strict_types=1);

namespace KeenThistle\Command;

/** The same wish is the same record: what it is made of is its fingerprint, so no entities and no services in it. */
interface Command
{
}
