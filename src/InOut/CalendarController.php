<?php

/** Calendars to subscribe to: their links, and the feeds these open without a sign-in. */

declare(strict_types=1);

namespace KeenThistle\InOut;

use KeenThistle\Command\Commands;
use KeenThistle\Command\Http\Answer;
use KeenThistle\Command\Key;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\Json;
use KeenThistle\Owner\Http\OwnerPages;
use KeenThistle\Owner\Secret;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class CalendarController
{
    public function __construct(
        private Calendars $calendars,
        private Feed $feed,
        private OwnerPages $pages,
        private Commands $commands,
    ) {
    }

    #[Route('/api/calendars', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint('Calendars to subscribe to: one’s own; all for who leads the salon', gives: CalendarsView::class)]
    public function list(Actor $actor): Response
    {
        return Json::response($this->calendars->view($actor));
    }

    #[Route('/api/me/calendar', methods: ['PUT'])]
    #[IsGranted(May::READ)]
    #[Endpoint('Give one’s own calendar a new link: the one before closes', gives: CalendarsView::class)]
    public function shareOwn(Actor $actor, Key $key): Response
    {
        return $this->changed($actor, (string) $actor->staff, true, $key);
    }

    #[Route('/api/me/calendar', methods: ['DELETE'])]
    #[IsGranted(May::READ)]
    #[Endpoint('Take the link of one’s own calendar back', gives: CalendarsView::class)]
    public function takeOwnBack(Actor $actor, Key $key): Response
    {
        return $this->changed($actor, (string) $actor->staff, false, $key);
    }

    #[Route('/api/calendars/{id}', methods: ['PUT'])]
    #[IsGranted(May::PEOPLE)]
    #[Endpoint('Give the calendar of a person or a place a new link', gives: CalendarsView::class)]
    public function share(Actor $actor, string $id, Key $key): Response
    {
        return $this->changed($actor, $id, true, $key);
    }

    #[Route('/api/calendars/{id}', methods: ['DELETE'])]
    #[IsGranted(May::PEOPLE)]
    #[Endpoint('Take the link of a calendar back', gives: CalendarsView::class)]
    public function takeBack(Actor $actor, string $id, Key $key): Response
    {
        return $this->changed($actor, $id, false, $key);
    }

    private function changed(Actor $actor, string $id, bool $open, Key $key): Response
    {
        $done = $this->commands->run(new ShareCalendar($id, $open), $actor, $key);

        return Answer::to($done, $this->calendars->view($actor));
    }

    #[Route('/calendar/{token}.ics', requirements: ['token' => Secret::PATTERN], methods: ['GET'])]
    public function feed(Request $request, string $token): Response
    {
        $link = $this->calendars->openedBy($token);
        if (null === $link) {
            return $this->pages->missing();
        }

        $text = $this->feed->of($link);
        $response = new Response($text, 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Cache-Control' => 'private, max-age=300',
            'X-Robots-Tag' => 'noindex',
        ]);
        $response->setEtag(hash('sha256', $text));
        $response->isNotModified($request);

        return $response;
    }
}
