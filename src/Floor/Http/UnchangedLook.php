<?php

/** An unchanged look at the floor, asked for every few seconds by every device, is answered before all else is made. */

declare(strict_types=1);

namespace KeenThistle\Floor\Http;

use KeenThistle\Floor\Today;
use KeenThistle\Http\Json;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Security\SignedInSession;
use Psr\Cache\CacheItemPoolInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\RequestEvent;

/**
 * Who asked last time is known by their cookie, and the mark of what they saw holds whether they are signed in still:
 * one query says both. Anything else goes the usual way.
 */
#[AsEventListener(priority: 200)]
final readonly class UnchangedLook
{
    private const PATH = '/api/floor';
    private const KEPT_S = 120;

    public function __construct(
        private Today $today,
        private SignedInSession $session,
        private CacheItemPoolInterface $cache,
        private ClockInterface $clock,
    ) {
    }

    public function __invoke(RequestEvent $event): void
    {
        $request = $event->getRequest();
        if (self::PATH !== $request->getPathInfo() || !$request->isMethod('GET') || [] === $request->getETags()) {
            return;
        }
        $kept = $this->cache->getItem(self::key($request))->get();
        if (!\is_array($kept) || !($kept[0] ?? null) instanceof Actor || !\is_string($kept[1] ?? null)) {
            return;
        }
        $mark = $this->today->mark($kept[0], $kept[1], $this->clock->now());
        if (Json::matches($request, $mark)) {
            $event->setResponse(Json::notModified($mark));
        }
    }

    /** @return string the mark of what is seen now; whoever asks again with it is answered at once */
    public function mark(Request $request, Actor $actor): string
    {
        $signIn = $this->session->id($request->getSession());
        $kept = $this->cache->getItem(self::key($request));
        $this->cache->save($kept->set([$actor, $signIn])->expiresAfter(self::KEPT_S));

        return $this->today->mark($actor, $signIn, $this->clock->now());
    }

    private static function key(Request $request): string
    {
        return 'floor.'.hash('sha256', http_build_query($request->cookies->all()));
    }
}
