<?php

/** What a person does in the salon, and so what they may change. */

declare(strict_types=1);

namespace KeenThistle\Staff;

enum Role: string
{
    case Manager = 'manager';
    case Groomer = 'groomer';
    case MobileGroomer = 'mobile_groomer';
    case Bather = 'bather';
    case FrontDesk = 'front_desk';
    case Apprentice = 'apprentice';

    public function label(): string
    {
        return str_replace('_', ' ', $this->value);
    }

    /** @return list<string> the permissions checked on routes */
    public function permissions(): array
    {
        $may = match ($this) {
            self::Manager => [
                May::PHONE,
                May::PLAN,
                May::VISIT,
                May::BOOK,
                May::MONEY,
                May::DOG,
                May::KIT,
                May::HOUSE,
                May::PEOPLE,
            ],
            self::Groomer, self::MobileGroomer => [May::PHONE, May::PLAN, May::VISIT, May::BOOK, May::MONEY, May::DOG],
            self::Bather => [May::PHONE, May::VISIT],
            self::FrontDesk => [May::PHONE, May::BOOK, May::MONEY, May::DOG],
            self::Apprentice => [],
        };

        return [May::READ, ...$may];
    }
}
