<?php

/** The rules of the house that static analysis enforces. */

declare(strict_types=1);

namespace KeenThistle\Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

final class ArchitectureTest
{
    public function testTheCoreKnowsNothingOfTheRest(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('KeenThistle\Core'))
            ->excluding(Selector::inNamespace('KeenThistle\Core\Tests'))
            ->canOnlyDependOn()
            ->classes(
                Selector::inNamespace('KeenThistle\Core'),
                Selector::classname(
                    '/^\\\\?(DateTimeImmutable|DateTimeZone|DateInterval|DomainException|LogicException'
                        .'|BackedEnum|UnitEnum|stdClass|Closure)$/',
                    true,
                ),
            )
            ->because('the rules of the job are plain PHP, tested on their own');
    }

    public function testAskingNeedsOnlyTheCore(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('KeenThistle\Ask'))
            ->shouldNotDependOn()
            ->classes(
                Selector::inNamespace('Symfony'),
                Selector::inNamespace('Doctrine'),
                Selector::classname('/^KeenThistle\\\\(?!Core|Ask)\w+\\\\/', true),
            )
            ->because('bin/ask works before anything is installed');
    }

    public function testControllersDoNotReachForTheDatabase(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::classname('/Controller$/', true))
            ->excluding(Selector::classname('KeenThistle\Http\HealthController'))
            ->shouldNotDependOn()
            ->classes(Selector::classname('Doctrine\DBAL\Connection'))
            ->because('every query is scoped to the salon in one place');
    }

    public function testViewsAreOnlyData(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::classname('/^KeenThistle\\\\(?!Core).*View$/', true))
            ->shouldNotDependOn()
            ->classes(
                Selector::inNamespace('Doctrine\DBAL'),
                Selector::inNamespace('Doctrine\ORM'),
                Selector::inNamespace('Symfony\Component\HttpFoundation'),
            )
            ->because('response records leave through JSON, entities do not');
    }
}
