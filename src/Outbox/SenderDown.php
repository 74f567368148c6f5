<?php

/** The message service could not be asked, or did not answer: it is tried again. */

declare(strict_types=1);

namespace KeenThistle\Outbox;

final class SenderDown extends \RuntimeException
{
}
