<?php

/** A command that may have been given without a signal, some time before it came. */

declare(strict_types=1);

namespace KeenThistle\Command;

interface MayComeLate
{
}
