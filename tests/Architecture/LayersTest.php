<?php

/** The layers of the house: a module knows only those left of it. */

declare(strict_types=1);

namespace KeenThistle\Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

final class LayersTest
{
    /** From left to right. Demo, which fills all of them, stands outside; Ask knows the core alone. */
    private const ORDER = [
        'Input',
        'Refusal',
        'Http',
        'Reason',
        'Device',
        'Salon',
        'Staff',
        'Log',
        'Command',
        'Work',
        'Owner',
        'Book',
        'Outbox',
        'Recipe',
        'Kit',
        'Plan',
        'Visit',
        'Diary',
        'People',
        'Upkeep',
        'HouseStyle',
        'Handling',
        'Arrival',
        'Order',
        'Price',
        'Agenda',
        'Confirm',
        'Round',
        'Ahead',
        'Pattern',
        'Table',
        'Away',
        'Wash',
        'Floor',
        'Till',
        'Desk',
        'Outlook',
        'Card',
        'Vocabulary',
        'InOut',
        'Integrate',
        'TakeIn',
        'Merge',
        'Share',
        'Privacy',
        'Sweep',
        'Demo',
    ];

    /** @return iterable<string, Rule> */
    public function testAModuleUsesOnlyThoseLeftOfIt(): iterable
    {
        foreach (self::ORDER as $n => $module) {
            $left = implode('|', \array_slice(self::ORDER, 0, $n + 1));
            yield $module => PHPat::rule()
                ->classes(Selector::inNamespace("KeenThistle\\$module"))
                ->shouldNotDependOn()
                ->classes(Selector::classname("/^KeenThistle\\\\(?!(Core|$left)\\\\)\\w+\\\\/", true))
                ->because('modules form layers, without circles');
        }
    }

    /** A job, a queue and the shell do the same as a request: only its edge knows that there is one. */
    public function testHttpIsKnownAtTheEdgesOnly(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::classname('/^KeenThistle\\\\(?!Core|Tests|Migrations)\w+\\\\/', true))
            ->excluding(
                Selector::classname('/Controller$/', true),
                Selector::classname('/^KeenThistle\\\\(\w+\\\\)?(Http|Security)\\\\/', true),
            )
            ->shouldNotDependOn()
            ->classes(
                Selector::inNamespace('Symfony\Component\HttpFoundation'),
                Selector::inNamespace('Symfony\Bundle\SecurityBundle'),
                Selector::inNamespace('Symfony\Component\HttpKernel'),
                Selector::inNamespace('KeenThistle\Http'),
            )
            ->because('what is done does not hang on how it was asked for');
    }

    /** A module that is in no list would be held to nothing. */
    public function testEveryModuleHasItsPlace(): Rule
    {
        $placed = implode('|', [...self::ORDER, 'Core', 'Ask', 'Tests', 'Migrations']);

        return PHPat::rule()
            ->classes(Selector::classname("/^KeenThistle\\\\(?!($placed)\\\\)\\w+\\\\/", true))
            ->shouldNotExist()
            ->because('its place among the layers is not said');
    }
}
