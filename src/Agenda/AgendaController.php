<?php

/** The diary: a day laid out, and how full a week is. */

declare(strict_types=1);

namespace KeenThistle\Agenda;

use KeenThistle\Book\Dogs;
use KeenThistle\Core\Day\DayRule;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\Json;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Contracts\Cache\CacheInterface;
use Symfony\Contracts\Cache\ItemInterface;

final readonly class AgendaController
{
    private const KEPT_S = 3600;

    public function __construct(
        private AgendaReader $agenda,
        private DiaryMark $mark,
        private Scope $scope,
        private CacheInterface $cache,
    ) {
    }

    #[Route('/api/agenda', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint(
        'A day laid out: who does what to which dog where and when; what has no place',
        gives: AgendaView::class,
        query: ['on' => 'the day, today by default'],
    ),]
    public function day(Actor $actor, Request $request): Response
    {
        $on = $this->asked($actor, $request, 'on');
        // Where something has no place, the days after it say where it has one.
        $mark = $this->mark->of($actor, $on, $on->modify('+'.DayRule::AHEAD.' days'));

        return $this->kept($request, "day.$mark", fn (): AgendaView => $this->agenda->day($actor, $on));
    }

    #[Route('/api/agenda/week', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint(
        'How full seven days are: minutes that are booked against minutes of those who are there',
        gives: AgendaWeekView::class,
        query: ['from' => 'the first day, today by default'],
    ),]
    public function week(Actor $actor, Request $request): Response
    {
        $from = $this->asked($actor, $request, 'from');
        $mark = $this->mark->of($actor, $from, $from->modify('+'.(AgendaReader::WEEK - 1).' days'));

        return $this->kept($request, "week.$mark", fn (): AgendaWeekView => $this->agenda->week($actor, $from));
    }

    #[Route('/api/dogs/{id}/proposals', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint(
        'Dates to offer for a dog: those that keep its clock first',
        gives: ProposalsView::class,
        query: [
            'kind' => 'of the visit, a full groom by default',
            'due' => 'the last day that keeps the clock, as the dog’s clocks say by default',
            'moving' => 'a booking that would be given up for it',
        ],
    ),]
    public function proposals(Actor $actor, string $id, Request $request, Dogs $dogs, Proposals $proposals): Response
    {
        $kind = Shape::enum(Service::class, 'kind')->read($request->query->getString('kind', 'full'), 'kind');
        \assert(\is_string($kind));

        return Json::response(
            $proposals->of(
                $actor,
                $dogs->get($actor, $id),
                Service::from($kind),
                '' === $request->query->getString('due') ? null : $this->asked($actor, $request, 'due'),
                $request->query->getString('moving'),
            ),
        );
    }

    /**
     * Whoever asks again for what has not changed is told the same.
     *
     * @param \Closure(): object $made
     */
    private function kept(Request $request, string $mark, \Closure $made): Response
    {
        if (Json::matches($request, $mark)) {
            return Json::notModified($mark);
        }
        $body = $this->cache->get("agenda.$mark", static function (ItemInterface $item) use ($made): string {
            $item->expiresAfter(self::KEPT_S);

            return Json::text($made());
        });

        return Json::withEtag(Json::ofText($body), $mark);
    }

    private function asked(Actor $actor, Request $request, string $name): \DateTimeImmutable
    {
        $day = $request->query->getString($name);
        if ('' === $day) {
            return $this->scope->today($actor);
        }
        $day = Shape::date()->read($day, $name);
        \assert($day instanceof \DateTimeImmutable);

        return $day;
    }
}
