<?php

/** Saves a line, or the style in a dog's plan, as a pattern; that dog follows it from then on. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dogs;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Pattern\FitRule;
use KeenThistle\Core\Shorthand\Notation;
use KeenThistle\Log\Entry;
use KeenThistle\Plan\PlanLine;
use KeenThistle\Plan\Plans;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Uid\Uuid;

/** @implements Handler<SavePattern> */
final readonly class SavePatternHandler implements Handler
{
    public function __construct(
        private Dogs $dogs,
        private Plans $plans,
        private Scope $scope,
        private EntityManagerInterface $manager,
    ) {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $line = trim($command->pattern->line ?? '');
        $dogId = $command->pattern->dog ?? '';
        if ('' === $line && '' === $dogId) {
            throw InvalidInput::missing('line', 'the plan, or the dog whose plan it is');
        }
        $dog = '' === $dogId ? null : $this->dogs->get($actor, $dogId);
        $own = null === $dog ? [] : PlanLine::ways(Plans::recipes($this->plans->of($actor, $dog)[1]));
        $ways = '' !== $line ? PatternRows::ways($line) : FitRule::style($own);
        if ([] === $ways) {
            throw InvalidInput::at('dog', 'has nothing in its plan that is style: exceptions and comfort are its own');
        }
        $pattern = new Pattern(
            Uuid::v7(),
            $this->scope->salon($actor),
            trim($command->pattern->name),
            Notation::format($ways),
        );
        $pattern->note = trim($command->pattern->note);
        $this->manager->persist($pattern);
        PatternName::kept($this->manager);
        if (null !== $dog && null === $this->manager->getRepository(Follow::class)->findOneBy(['dog' => $dog])) {
            $follow = new Follow(Uuid::v7(), $dog, $pattern, 1);
            $follow->own = array_keys(array_diff_key($own, $ways));
            $this->manager->persist($follow);
        }
        $words = "house pattern $pattern->name: ".\count($ways).' zones';

        return new Outcome(
            ['pattern' => (string) $pattern->id],
            [new Entry($dog, 'pattern', (string) $pattern->id, $words)],
        );
    }
}
