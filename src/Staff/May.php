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
    public const PHONE = 'ROLE_PHONE';
    public const PEOPLE = 'ROLE_PEOPLE';
    public const MONEY = 'ROLE_MONEY';

    /** What each right is, in the salon's own words; House style shows who has it. */
    public const WORDS = [
        self::READ => 'open cards, diary, kit and log',
        self::PHONE => 'see phone numbers and e-mail addresses of owners',
        self::PLAN => 'change trim plans and house patterns, take changes back',
        self::VISIT => 'take a dog in, agree with its owner, work at the table, wash, close a visit',
        self::BOOK => 'book and cancel; whoever may not leaves a wish for the desk when closing a visit',
        self::MONEY => 'take money, take a bill back, count the drawer, let a fee go',
        self::DOG => 'take dogs into the book and change what is known of them',
        self::KIT => 'buy, move, measure and retire tools, change washing products',
        self::PEOPLE => 'invite people, change their role and place, let them go; add, rename and close places',
        self::HOUSE => 'change house style and prices, take out anybody\'s photo (a maker can within a day)',
    ];

    private function __construct()
    {
    }
}
