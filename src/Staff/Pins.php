<?php

/** Wrong PINs, person by person: after the fifth only the password helps, and the person is told. */

declare(strict_types=1);

namespace KeenThistle\Staff;

use Doctrine\DBAL\Connection;
use KeenThistle\Refusal\Refused;
use Psr\Log\LoggerInterface;
use Symfony\Component\Clock\ClockInterface;

final readonly class Pins
{
    private const MOST = 5;

    public function __construct(
        private Connection $db,
        private LoggerInterface $logger,
        private ClockInterface $clock,
    ) {
    }

    /**
     * Counts a try before the PIN is looked at, so that many at once are no way round.
     *
     * @throws Refused 403 where this person has to type their password
     */
    public function attempt(Staff $whose): void
    {
        $counted = $this->db->executeStatement(
            'UPDATE staff SET pin_refused_at = IF(pin_failures + 1 >= :most, :now, NULL), pin_failures = '.
                'pin_failures + 1 WHERE id = :id AND pin_failures < :most',
            ['most' => self::MOST, 'now' => $this->clock->now()->format('Y-m-d H:i:s'), 'id' => $whose->id->toBinary()],
        );
        if (1 !== (int) $counted) {
            throw Refused::forbidden("A wrong PIN was typed for $whose->name too often: it takes their password once.");
        }
    }

    public function failed(Staff $whose, Staff $by, string $address): void
    {
        $this->logger->warning('wrong PIN for {whose}, typed where {by} was signed in, from {address}', [
            'whose' => $whose->login,
            'by' => $by->login,
            'address' => $address,
        ]);
    }

    /** After a right PIN, or a password. */
    public function forgive(Staff $whose): void
    {
        $this->db->executeStatement(
            'UPDATE staff SET pin_failures = 0, pin_refused_at = NULL WHERE id = ? AND pin_failures > 0',
            [$whose->id->toBinary()],
        );
    }
}
