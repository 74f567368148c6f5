<?php

/** Opens and uses up one-time links. Who reads the database cannot open one: the server's secret is in it. */

declare(strict_types=1);

namespace KeenThistle\People;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Owner\Secret;
use KeenThistle\Refusal\Refused;
use Symfony\Component\Clock\ClockInterface;

final readonly class OneTimeLinks
{
    private const GONE = 'This link has been used, has run out, or was taken back. Ask for a new one.';

    public function __construct(
        private EntityManagerInterface $manager,
        private ClockInterface $clock,
        private Secret $secret,
    ) {
    }

    /** The path of the page it opens. */
    public function path(OneTimeLink $link): string
    {
        return '/enter/'.$this->secret->token('enter', $link->id);
    }

    /** @throws Refused 404 for one that nobody made, that is used, late or taken back */
    public function open(string $token): OneTimeLink
    {
        $id = Secret::id($token);
        $isOurs = hash_equals($this->secret->token('enter', $id), $token);
        $link = $isOurs ? $this->manager->find(OneTimeLink::class, $id) : null;
        if (null !== $link) {
            $this->manager->refresh($link);
        }
        if (null === $link || null !== $link->usedAt || $link->untilAt <= $this->clock->now()) {
            throw Refused::gone(self::GONE);
        }

        return $link;
    }

    /**
     * In a transaction, before what it is for: of two at once the second waits, and is refused.
     *
     * @throws Refused 404 where somebody was faster
     */
    public function use(OneTimeLink $link): void
    {
        $now = $this->clock->now()->format('Y-m-d H:i:s');
        $mine = $this->manager
            ->getConnection()
            ->executeStatement(
                'UPDATE one_time_link SET used_at = :now WHERE id = :id AND used_at IS NULL AND until_at > :now',
                ['now' => $now, 'id' => $link->id->toBinary()],
            );
        if (1 !== (int) $mine) {
            throw Refused::gone(self::GONE);
        }
    }
}
