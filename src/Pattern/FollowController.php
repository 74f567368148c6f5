<?php

/** A pattern on a dog: how it would land, taking it over, going one's own way again. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dogs;
use KeenThistle\Command\Commands;
use KeenThistle\Command\Http\Answer;
use KeenThistle\Command\Key;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\FromBody;
use KeenThistle\Http\FromIfMatch;
use KeenThistle\Http\Json;
use KeenThistle\Plan\PlanLine;
use KeenThistle\Plan\Plans;
use KeenThistle\Salon\Place;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class FollowController
{
    public function __construct(
        private PatternRows $rows,
        private Dogs $dogs,
        private Plans $plans,
        private Scope $scope,
        private Commands $commands,
        private EntityManagerInterface $manager,
    ) {
    }

    #[Route('/api/dogs/{id}/pattern/answer', methods: ['POST'])]
    #[IsGranted(May::READ)]
    #[Endpoint('How a pattern would land on a dog: what fits, what does not and why', gives: FitView::class)]
    public function fit(Actor $actor, string $id, #[FromBody] FitForm $form): Response
    {
        $dog = $this->dogs->get($actor, $id);
        $pattern = $this->scope->get($actor, Pattern::class, $form->pattern, $this->manager, 'pattern');
        $place = $form->place ?? '';
        $place =
            '' === $place
                ? $actor->place
                : $this->scope->get($actor, Place::class, $place, $this->manager, 'place')->id;
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
    public function read(Actor $actor, string $id): Response
    {
        return Json::response($this->view($actor, $id));
    }

    #[Route('/api/dogs/{id}/pattern', methods: ['PUT'])]
    #[IsGranted(May::PLAN)]
    #[Endpoint(
        'Take a pattern over into a dog\'s plan; the card follows it from then on',
        gives: FollowView::class,
    )]
    public function take(
        Actor $actor,
        string $id,
        #[FromBody] TakeForm $take,
        #[FromIfMatch] int $version,
        Key $key,
    ): Response {
        $done = $this->commands->run(new TakePattern($id, $version, $take), $actor, $key);

        return Answer::to($done, $this->view($actor, $id));
    }

    #[Route('/api/dogs/{id}/pattern', methods: ['DELETE'])]
    #[IsGranted(May::PLAN)]
    #[Endpoint('The card follows no pattern any more; its plan stays', gives: FollowView::class)]
    public function leave(Actor $actor, string $id, Key $key): Response
    {
        $done = $this->commands->run(new LeavePattern($id), $actor, $key);

        return Answer::to($done, $this->view($actor, $id));
    }

    private function view(Actor $actor, string $id): FollowView
    {
        $dog = $this->dogs->get($actor, $id);
        [$revision] = $this->plans->of($actor, $dog);
        $f = $this->manager->getRepository(Follow::class)->findOneBy(['dog' => $dog]);

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
