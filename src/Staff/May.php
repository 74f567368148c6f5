<?php

/** The permissions a role can have; every API route but sign-in asks for one. */

declare(strict_types=1);

namespace KeenThistle\Staff;

final class May
{
    public const READ = 'ROLE_READ';
    public const PLAN = 'ROLE_PLAN';
    public const VISIT = 'ROLE_VISIT';
    public const BOOK = 'ROLE_BOOK';
    public const DOG = 'ROLE_DOG';
    public const KIT = 'ROLE_KIT';
    public const HOUSE = 'ROLE_HOUSE';

    private function __construct()
    {
    }
}
