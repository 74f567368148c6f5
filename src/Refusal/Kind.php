<?php

/** Why something was not done, for who has to react to it. */

declare(strict_types=1);

namespace KeenThistle\Refusal;

enum Kind: string
{
    case BadRequest = 'bad-request';
    case SignInNeeded = 'sign-in-needed';
    case WrongCredentials = 'wrong-credentials';
    case Forbidden = 'forbidden';
    case NotFound = 'not-found';
    case Conflict = 'conflict';
    case ChangedMeanwhile = 'changed-meanwhile';
    case InvalidInput = 'invalid-input';
    case VersionNeeded = 'version-needed';
    case TooManyTries = 'too-many-tries';
    case Busy = 'busy';
    case Resting = 'resting';
    case NoRoom = 'no-room';
}
