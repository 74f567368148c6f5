<?php

/** A house pattern on one dog: laid on, taken over zone by zone, let go. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dogs;
use KeenThistle\Command\Http\Writes;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Pattern\Fit;
use KeenThistle\Core\Pattern\Verdict;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Http\Body;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\Json;
use KeenThistle\Http\Problem;
use KeenThistle\Log\ChangeRecorder;
use KeenThistle\Plan\ChangePlan;
use KeenThistle\Plan\PlanLine;
use KeenThistle\Plan\Plans;
use KeenThistle\Plan\ZoneStore;
use KeenThistle\Salon\Place;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\Uuid;

final readonly class FollowController
{
    public function __construct(
        private PatternRows $rows,
        private Dogs $dogs,
        private Plans $plans,
        private ChangePlan $change,
        private ZoneStore $store,
        private Scope $scope,
        private Writes $writes,
        private ChangeRecorder $log,
    ) {
    }

    public static function fitShape(): Shape
    {
        return Shape::object([
            'pattern' => Shape::text(1, 36)->required(),
            'place' => Shape::text(0, 36)->nullable()->describe('whose kit answers; null: the person\'s own place'),
        ]);
    }

    #[Route('/api/dogs/{id}/pattern/answer', methods: ['POST'])]
    #[IsGranted(May::READ)]
    #[Endpoint(
        'How a pattern would land on a dog: what fits, what does not and why',
        gives: FitView::class,
        takes: [self::class, 'fitShape'],
    ),]
    public function fit(Actor $actor, Request $request, string $id, EntityManagerInterface $manager): Response
    {
        $body = Body::read($request, self::fitShape());
        $dog = $this->dogs->get($actor, $id);
        $pattern = $this->scope->get($actor, Pattern::class, $body->text('pattern'), $manager, 'pattern');
        $place = $body->textOrNull('place') ?? '';
        $place =
            '' === $place
                ? $this->scope->person($actor)->place?->id
                : $this->scope->get($actor, Place::class, $place, $manager, 'place')->id;
        [$revision, $fits] = $this->rows->fits(
            $actor,
            $dog,
            PatternRows::ways($pattern->line),
            null === $place ? null : (string) $place,
        );
        $zones = $counts = [];
        foreach ($fits as $zone => $fit) {
            $zones[] =
                [
                    'zone' => $zone,
                    'label' => Zone::of($zone)->label,
                    'words' => PlanLine::recipe($fit->way)->words(),
                    'taken' => $fit->verdict->isTaken(),
                ] + $fit->toArray();
            $counts[$fit->verdict->value] = ($counts[$fit->verdict->value] ?? 0) + 1;
        }

        return Json::response(new FitView($revision, $zones, $counts));
    }

    #[Route('/api/dogs/{id}/pattern', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint('Which pattern a dog follows', gives: FollowView::class)]
    public function read(Actor $actor, string $id, EntityManagerInterface $manager): Response
    {
        return Json::response($this->view($actor, $manager, $id));
    }

    public static function takeShape(): Shape
    {
        return Shape::object([
            'pattern' => Shape::text(1, 36)->required(),
            'zones' => Shape::list(Zone::shape(), 0, 90)
                ->required()
                ->describe('zones that are taken over; in the others the dog goes its own way'),
            'agreed' => Shape::boolean()
                ->default(false)
                ->describe('the owner has agreed to what the coat may not get by default'),
        ]);
    }

    #[Route('/api/dogs/{id}/pattern', methods: ['PUT'])]
    #[IsGranted(May::PLAN)]
    #[Endpoint(
        'Take a pattern over into a dog\'s plan; the card follows it from then on',
        gives: FollowView::class,
        takes: [self::class, 'takeShape'],
        versioned: true,
    ),]
    public function take(Actor $actor, Request $request, string $id): Response
    {
        $body = Body::read($request, self::takeShape());
        $version = Body::version($request);

        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use ($actor, $id, $body, $version): array {
                $dog = $this->dogs->get($actor, $id);
                $pattern = $this->scope->get($actor, Pattern::class, $body->text('pattern'), $manager, 'pattern');
                $ways = PatternRows::ways($pattern->line);
                [$revision, $fits] = $this->rows->fits($actor, $dog, $ways, null);
                if ($revision !== $version) {
                    throw Problem::stale('Somebody changed this plan meanwhile.', ['version' => $revision]);
                }
                $wanted = array_values(array_unique($body->texts('zones')));
                foreach ($wanted as $zone) {
                    if (!isset($fits[$zone])) {
                        throw InvalidInput::at('zones', \sprintf('%s is not in this pattern', Zone::of($zone)->label));
                    }
                    if ($fits[$zone]->verdict->needsConsent() && !$body->bool('agreed')) {
                        throw InvalidInput::at(
                            'agreed',
                            \sprintf('is needed for %s: %s', Zone::of($zone)->label, $fits[$zone]->why),
                        );
                    }
                }
                [, $rows] = $this->plans->of($actor, $dog);
                $wishes = [];
                foreach ($wanted as $zone) {
                    $wishes[$zone] = [
                        'version' => $rows[$zone]['version'] ?? 0,
                        'recipe' => PlanLine::recipe($fits[$zone]->way),
                    ];
                }
                if (($this->change)($actor, $manager, $dog, $wishes, $revision)['revision'] === $revision) {
                    // No zone changed, but what the card follows does: who comes second is told here too.
                    $this->store->raise($actor, $dog->id, $revision);
                }
                $follow = $manager->getRepository(Follow::class)->findOneBy(['dog' => $dog]);
                if (null === $follow) {
                    $manager->persist($follow = new Follow(Uuid::v7(), $dog, $pattern, $pattern->lineVersion));
                }
                $same = array_keys(array_filter($fits, static fn (Fit $f): bool => Verdict::Same === $f->verdict));
                $follow->pattern = $pattern;
                $follow->taken = $pattern->lineVersion;
                $follow->own = array_values(array_diff(array_keys($ways), $wanted, $same));
                $this->log->record(
                    $actor,
                    $manager,
                    $dog,
                    'pattern',
                    (string) $pattern->id,
                    \sprintf(
                        'follows %s, %d of %d zones',
                        $pattern->name,
                        \count($ways) - \count($follow->own),
                        \count($ways),
                    ),
                );

                return [];
            },
            fn (array $done, EntityManagerInterface $manager): FollowView => $this->view($actor, $manager, $id),
        );
    }

    #[Route('/api/dogs/{id}/pattern', methods: ['DELETE'])]
    #[IsGranted(May::PLAN)]
    #[Endpoint('The card follows no pattern any more; its plan stays', gives: FollowView::class)]
    public function leave(Actor $actor, Request $request, string $id): Response
    {
        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use ($actor, $id): array {
                $dog = $this->dogs->get($actor, $id);
                $follow = $manager->getRepository(Follow::class)->findOneBy(['dog' => $dog]);
                if (null !== $follow) {
                    $this->log->record(
                        $actor,
                        $manager,
                        $dog,
                        'pattern',
                        (string) $follow->pattern->id,
                        "no longer follows {$follow->pattern->name}",
                    );
                    $manager->remove($follow);
                }

                return [];
            },
            fn (array $done, EntityManagerInterface $manager): FollowView => $this->view($actor, $manager, $id),
        );
    }

    private function view(Actor $actor, EntityManagerInterface $manager, string $id): FollowView
    {
        $dog = $this->dogs->get($actor, $id);
        [$revision] = $this->plans->of($actor, $dog);
        $f = $manager->getRepository(Follow::class)->findOneBy(['dog' => $dog]);

        return new FollowView(
            null === $f ? null : (string) $f->pattern->id,
            $f?->pattern->name,
            $f?->taken,
            null !== $f && $f->taken < $f->pattern->lineVersion,
            $f->own ?? [],
            $revision,
        );
    }
}
