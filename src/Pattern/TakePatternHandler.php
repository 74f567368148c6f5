<?php

/** Takes a pattern over into a dog's plan. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dogs;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Pattern\Fit;
use KeenThistle\Core\Pattern\Verdict;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Log\Entry;
use KeenThistle\Plan\PlanLine;
use KeenThistle\Plan\Plans;
use KeenThistle\Plan\ZoneChanges;
use KeenThistle\Plan\ZoneStore;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Uid\Uuid;

/** @implements Handler<TakePattern> */
final readonly class TakePatternHandler implements Handler
{
    public function __construct(
        private PatternRows $rows,
        private Dogs $dogs,
        private Plans $plans,
        private ZoneStore $store,
        private ZoneChanges $changes,
        private Scope $scope,
        private EntityManagerInterface $manager,
    ) {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $dog = $this->dogs->get($actor, $command->dog);
        $pattern = $this->scope->get($actor, Pattern::class, $command->take->pattern, $this->manager, 'pattern');
        $ways = PatternRows::ways($pattern->line);
        [$revision, $fits] = $this->rows->fits($actor, $dog, $ways, null);
        if ($revision !== $command->revision) {
            throw Refused::stale('Somebody changed this plan meanwhile.', ['version' => $revision]);
        }
        $wanted = array_values(array_unique($command->take->zones));
        self::mayBeTaken($wanted, $fits, $command->take->agreed);
        $wishes = [];
        foreach ($wanted as $zone) {
            $wishes[$zone] = PlanLine::recipe($fits[$zone]->way);
        }
        $plan = $this->plans->of($actor, $dog)[1];
        $done = $this->changes->make($actor, $dog, Plans::wishes($wishes, $plan), $revision);
        if ($done->revision === $revision) {
            // No zone changed, but what the card follows does: who comes second is told here too.
            $this->store->raise($actor, [(string) $dog->id], $revision);
        }
        $follow = $this->manager->getRepository(Follow::class)->findOneBy(['dog' => $dog]);
        if (null === $follow) {
            $this->manager->persist($follow = new Follow(Uuid::v7(), $dog, $pattern, $pattern->lineVersion));
        }
        $same = array_keys(array_filter($fits, static fn (Fit $f): bool => Verdict::Same === $f->verdict));
        $follow->pattern = $pattern;
        $follow->taken = $pattern->lineVersion;
        $follow->own = array_values(array_diff(array_keys($ways), $wanted, $same));
        $words = \sprintf(
            'follows %s, %d of %d zones',
            $pattern->name,
            \count($ways) - \count($follow->own),
            \count($ways),
        );

        return new Outcome(
            entries: [
                ...array_values($done->entries),
                new Entry($dog, 'pattern', (string) $pattern->id, $words),
            ],
        );
    }

    /**
     * @param list<string> $wanted
     * @param array<string, Fit> $fits
     *
     * @throws InvalidInput for a zone that is not in the pattern, or that needs the owner's word
     */
    private static function mayBeTaken(array $wanted, array $fits, bool $agreed): void
    {
        foreach ($wanted as $zone) {
            if (!isset($fits[$zone])) {
                throw InvalidInput::at('zones', \sprintf('%s is not in this pattern', Zone::of($zone)->label));
            }
            if ($fits[$zone]->verdict->needsConsent() && !$agreed) {
                throw InvalidInput::at(
                    'agreed',
                    \sprintf('is needed for %s: %s', Zone::of($zone)->label, $fits[$zone]->why),
                );
            }
        }
    }
}
