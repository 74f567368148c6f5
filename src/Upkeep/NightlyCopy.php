<?php

/** Writes a copy of everything once a night, and takes away what is older than need be. */

declare(strict_types=1);

namespace KeenThistle\Upkeep;

use Doctrine\DBAL\Connection;
use Psr\Log\LoggerInterface;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Process\Process;

final readonly class NightlyCopy
{
    private const LONGEST_S = 3600;

    public function __construct(
        private Connection $db,
        private ClockInterface $clock,
        private LoggerInterface $logger,
        #[Autowire('%kernel.project_dir%')] private string $project,
        #[Autowire('%env(BACKUP_DIR)%')] private string $folder,
        #[Autowire('%env(PHOTO_DIR)%')] private string $photos,
        #[Autowire('%env(SEAL_KEY_FILE)%')] private string $keys,
        #[Autowire('%env(LAST_COPY_FILE)%')] private string $lastCopy,
        #[Autowire('%env(bool:NIGHTLY_COPIES)%')] private bool $wanted,
    ) {
    }

    /** @return bool whether one was written */
    public function write(): bool
    {
        $at = $this->db->getParams();
        $socket = $at['unix_socket'] ?? '';
        if (!$this->wanted || '' === $socket) {
            return false;
        }
        $today = $this->clock->now()->setTimezone(new \DateTimeZone('UTC'));
        $copy = new Process(
            ['bash', 'ops/write-copy.sh', "$this->folder/night-{$today->format('Y-m-d')}.tar.gz"],
            $this->project,
            [
                'DB_NAME' => $at['dbname'] ?? '',
                'DB_SOCKET' => $socket,
                'DB_USER' => $at['user'] ?? '',
                'MYSQL_PWD' => $at['password'] ?? '',
                'COPY_WORK' => $this->folder,
                'PHOTO_DIR' => $this->photos,
                'SEAL_KEY_FILE' => $this->keys,
                'LAST_COPY_FILE' => $this->lastCopy,
            ],
            timeout: self::LONGEST_S,
        );
        $copy->run();
        if (!$copy->isSuccessful()) {
            // The manager is told that the last copy grows old.
            $this->logger->error('no copy this night: {why}', ['why' => trim($copy->getErrorOutput())]);

            return false;
        }
        $this->takeAway($today);

        return true;
    }

    private function takeAway(\DateTimeImmutable $today): void
    {
        $days = [];
        $there = glob("$this->folder/night-*.tar.gz");
        foreach (false === $there ? [] : $there as $file) {
            if (1 === preg_match('/night-(\d{4}-\d\d-\d\d)\.tar\.gz$/D', $file, $m)) {
                $days[] = $m[1];
            }
        }
        foreach (KeepRule::out($days, $today) as $day) {
            unlink("$this->folder/night-$day.tar.gz");
        }
    }
}
