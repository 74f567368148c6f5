<?php

/** House patterns: kept, changed, and their changes spread to the cards that follow them. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dogs;
use KeenThistle\Command\Http\Writes;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Pattern\FitRule;
use KeenThistle\Core\Shorthand\Notation;
use KeenThistle\Core\Shorthand\Way;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Http\Body;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\Json;
use KeenThistle\Http\Problem;
use KeenThistle\Log\ChangeRecorder;
use KeenThistle\Plan\ChangePlan;
use KeenThistle\Plan\PlanLine;
use KeenThistle\Plan\Plans;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\Uuid;

final readonly class PatternController
{
    public function __construct(
        private PatternRows $rows,
        private Dogs $dogs,
        private Plans $plans,
        private ChangePlan $change,
        private Scope $scope,
        private Writes $writes,
        private ChangeRecorder $log,
    ) {
    }

    #[Route('/api/patterns', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint('The salon\'s patterns and how many cards follow each', gives: PatternsView::class)]
    public function list(Actor $actor): Response
    {
        return Json::response(new PatternsView($this->rows->all($actor)));
    }

    #[Route('/api/patterns/{id}', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint('One pattern, its zones and who follows it', gives: PatternView::class)]
    public function one(Actor $actor, string $id, EntityManagerInterface $manager): Response
    {
        return Json::response($this->view($actor, $this->scope->get($actor, Pattern::class, $id, $manager, 'pattern')));
    }

    public static function newShape(): Shape
    {
        return Shape::object([
            'name' => Shape::line(2, 60)->required(),
            'note' => Shape::line(0, 300)->default(''),
            'line' => Shape::text(0, Notation::LONGEST)
                ->nullable()
                ->describe('the plan in the shorthand; null: a dog\'s own'),
            'dog' => Shape::text(0, 36)
                ->nullable()
                ->describe(
                    'id of the dog whose plan becomes the pattern, without its exceptions; it follows it from then on',
                ),
        ]);
    }

    #[Route('/api/patterns', methods: ['POST'])]
    #[IsGranted(May::PLAN)]
    #[Endpoint(
        'Save a plan as a pattern of the house',
        gives: PatternView::class,
        takes: [self::class, 'newShape'],
        status: 201,
    ),]
    public function add(Actor $actor, Request $request): Response
    {
        $body = Body::read($request, self::newShape());
        $line = trim($body->textOrNull('line') ?? '');
        $dogId = $body->textOrNull('dog') ?? '';
        if ('' === $line && '' === $dogId) {
            throw InvalidInput::missing('line', 'the plan, or the dog whose plan it is');
        }

        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use ($actor, $body, $line, $dogId): array {
                $dog = '' === $dogId ? null : $this->dogs->get($actor, $dogId);
                $own =
                    null === $dog
                        ? []
                        : PlanLine::ways(
                            array_map(
                                static fn (array $p): ZoneRecipe => $p['recipe'],
                                $this->plans->of($actor, $dog)[1],
                            ),
                        );
                $ways = '' !== $line ? PatternRows::ways($line) : FitRule::style($own);
                if ([] === $ways) {
                    throw InvalidInput::at(
                        'dog',
                        'has nothing in its plan that is style: exceptions and comfort are its own',
                    );
                }
                $salon = $this->scope->salon($actor);
                $pattern = new Pattern(Uuid::v7(), $salon, trim($body->text('name')), Notation::format($ways));
                $pattern->note = trim($body->text('note'));
                $manager->persist($pattern);
                $this->flush($manager);
                if (null !== $dog && null === $manager->getRepository(Follow::class)->findOneBy(['dog' => $dog])) {
                    $follow = new Follow(Uuid::v7(), $dog, $pattern, 1);
                    $follow->own = array_keys(array_diff_key($own, $ways));
                    $manager->persist($follow);
                }
                $this->log->record(
                    $actor,
                    $manager,
                    $dog,
                    'pattern',
                    (string) $pattern->id,
                    "house pattern $pattern->name: ".\count($ways).' zones',
                );

                return ['pattern' => (string) $pattern->id];
            },
            fn (array $done, EntityManagerInterface $manager): PatternView => $this->view(
                $actor,
                $this->scope->get(
                    $actor,
                    Pattern::class,
                    \is_string($done['pattern']) ? $done['pattern'] : '',
                    $manager,
                    'pattern',
                ),
            ),
            201,
        );
    }

    public static function lineShape(): Shape
    {
        return Shape::object(['line' => Shape::text(0, Notation::LONGEST)->required()]);
    }

    #[Route('/api/patterns/{id}/spread/answer', methods: ['POST'])]
    #[IsGranted(May::READ)]
    #[Endpoint(
        'What another line would do to the cards that follow this pattern',
        gives: SpreadView::class,
        takes: [self::class, 'lineShape'],
    ),]
    public function preview(Actor $actor, Request $request, string $id, EntityManagerInterface $manager): Response
    {
        $body = Body::read($request, self::lineShape());
        $pattern = $this->scope->get($actor, Pattern::class, $id, $manager, 'pattern');
        $new = PatternRows::ways($body->text('line'));
        $old = PatternRows::ways($pattern->line);
        $dogs = [];
        foreach ($this->rows->spread($actor, $this->rows->following($manager, $pattern), $old, $new) as $spread) {
            $follow = $spread['follow'];
            $changes = $stays = [];
            foreach ($spread['take'] as $zone => $fit) {
                $changes[] = [
                    'zone' => $zone,
                    'label' => Zone::of($zone)->label,
                    'words' => PlanLine::recipe($fit->way)->words(),
                    'was_mm' => $fit->was?->rounded(),
                    'finished_mm' => $fit->finished?->rounded(),
                ];
            }
            foreach ($spread['out'] as $zone) {
                $changes[] = [
                    'zone' => $zone,
                    'label' => Zone::of($zone)->label,
                    'words' => 'taken out',
                    'was_mm' => null,
                    'finished_mm' => null,
                ];
            }
            foreach ($spread['stay'] as $zone => $why) {
                $stays[] = ['zone' => $zone, 'label' => Zone::of($zone)->label, 'why' => $why];
            }
            $dogs[] = [
                'dog' => (string) $follow->dog->id,
                'name' => $follow->dog->name,
                'changes' => $changes,
                'stays' => $stays,
            ];
        }

        return Json::response(new SpreadView(Notation::format($new), $this->rows->zones($actor, $new), $dogs));
    }

    public static function shape(): Shape
    {
        return Shape::object([
            'name' => Shape::line(2, 60)->required(),
            'note' => Shape::line(0, 300)->default(''),
            'line' => Shape::text(0, Notation::LONGEST)->required(),
            'spread' => Shape::list(Shape::text(1, 36), 0, 500)
                ->default([])
                ->describe('ids of the dogs whose cards follow the change'),
        ]);
    }

    #[Route('/api/patterns/{id}', methods: ['PUT'])]
    #[IsGranted(May::PLAN)]
    #[Endpoint(
        'Change a pattern and spread the change to the cards that are named',
        gives: PatternView::class,
        takes: [self::class, 'shape'],
        versioned: true,
    ),]
    public function put(Actor $actor, Request $request, string $id): Response
    {
        $body = Body::read($request, self::shape());
        $version = Body::version($request);
        $new = PatternRows::ways($body->text('line'));

        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use ($actor, $id, $body, $version, $new): array {
                $pattern = $this->scope->get($actor, Pattern::class, $id, $manager, 'pattern');
                if ($pattern->version !== $version) {
                    throw Problem::stale('Somebody changed this pattern meanwhile.', [
                        'version' => $pattern->version,
                        'theirs_line' => $pattern->line,
                    ]);
                }
                $old = PatternRows::ways($pattern->line);
                $line = Notation::format($new);
                $pattern->name = trim($body->text('name'));
                $pattern->note = trim($body->text('note'));
                if ($line !== $pattern->line) {
                    $pattern->line = $line;
                    ++$pattern->lineVersion;
                }
                $this->flush($manager);
                $count = $this->spread($actor, $manager, $pattern, $old, $new, $body->texts('spread'));
                $this->log->record(
                    $actor,
                    $manager,
                    null,
                    'pattern',
                    (string) $pattern->id,
                    \sprintf(
                        'house pattern %s changed, %d %s',
                        $pattern->name,
                        $count,
                        1 === $count ? 'card follows' : 'cards follow',
                    ),
                );

                return [];
            },
            fn (array $done, EntityManagerInterface $manager): PatternView => $this->view(
                $actor,
                $this->scope->get($actor, Pattern::class, $id, $manager, 'pattern'),
            ),
        );
    }

    #[Route('/api/patterns/{id}', methods: ['DELETE'])]
    #[IsGranted(May::PLAN)]
    #[Endpoint('Drop a pattern that no card follows')]
    public function drop(Actor $actor, Request $request, string $id): Response
    {
        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use ($actor, $id): array {
                $pattern = $this->scope->get($actor, Pattern::class, $id, $manager, 'pattern');
                $followers = \count($this->rows->followers($actor, $pattern));
                if ($followers > 0) {
                    throw Problem::conflict(
                        \sprintf(
                            '%s this pattern: let them go first. Their plans stay as they are.',
                            1 === $followers ? 'One card follows' : "$followers cards follow",
                        ),
                    );
                }
                $this->log->record(
                    $actor,
                    $manager,
                    null,
                    'pattern',
                    (string) $pattern->id,
                    "house pattern $pattern->name dropped",
                    ['line' => $pattern->line],
                );
                $manager->remove($pattern);

                return [];
            },
            static fn (): null => null,
        );
    }

    /**
     * @param array<string, Way> $old
     * @param array<string, Way> $new
     * @param list<string> $dogs
     */
    private function spread(
        Actor $actor,
        EntityManagerInterface $manager,
        Pattern $pattern,
        array $old,
        array $new,
        array $dogs,
    ): int {
        $wanted = array_values(
            array_filter(
                $this->rows->following($manager, $pattern),
                static fn (Follow $f): bool => \in_array((string) $f->dog->id, $dogs, true),
            ),
        );
        foreach ($this->rows->spread($actor, $wanted, $old, $new) as $spread) {
            $follow = $spread['follow'];
            $wishes = [];
            foreach ($spread['take'] as $zone => $fit) {
                $wishes[$zone] = [
                    'version' => $spread['versions'][$zone] ?? 0,
                    'recipe' => PlanLine::recipe($fit->way),
                ];
            }
            foreach ($spread['out'] as $zone) {
                $wishes[$zone] = ['version' => $spread['versions'][$zone] ?? 0, 'recipe' => new ZoneRecipe()];
            }
            ($this->change)($actor, $manager, $follow->dog, $wishes);
            $follow->own = array_values(array_unique([...$follow->own, ...array_keys($spread['stay'])]));
            $follow->taken = $pattern->lineVersion;
        }

        return \count($wanted);
    }

    private function flush(EntityManagerInterface $manager): void
    {
        try {
            $manager->flush();
        } catch (UniqueConstraintViolationException) {
            throw InvalidInput::at('name', 'is the name of another pattern');
        }
    }

    private function view(Actor $actor, Pattern $p): PatternView
    {
        $dogs = $this->rows->followers($actor, $p);

        return new PatternView(
            new PatternRowView(
                (string) $p->id,
                $p->version,
                $p->name,
                $p->note,
                $p->line,
                \count($dogs),
                \count(array_filter($dogs, static fn (array $d): bool => $d['behind'])),
            ),
            $this->rows->zones($actor, PatternRows::ways($p->line)),
            $dogs,
        );
    }
}
