<?php

/** One time somebody signed in, or was refused. A response record. */

declare(strict_types=1);

namespace KeenThistle\Staff;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class SignInView
{
    public function __construct(
        public string $id,
        public string $name,
        public string $at,
        #[Gives("'password'|'pin'|'refused'"), Says('refused: somebody typed a wrong password or PIN')]
        public string $how,
        #[Says('browser and system, in words')] public string $device,
        #[Says('when it ended; null: it has not, or ran out by itself')] public ?string $ended_at,
        #[Says('the one that asks')] public bool $here,
    ) {
    }
}
