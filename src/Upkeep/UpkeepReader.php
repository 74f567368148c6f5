<?php

/** Reads how the house is: the worker's last sign, the last copy, the room on the disk, what is new. */

declare(strict_types=1);

namespace KeenThistle\Upkeep;

use Doctrine\DBAL\Connection;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

final readonly class UpkeepReader
{
    private const AS_JSON = 'Y-m-d\TH:i:s\Z';

    public function __construct(
        private Connection $db,
        private Scope $scope,
        private ClockInterface $clock,
        #[Autowire('%kernel.project_dir%')] private string $project,
        #[Autowire('%env(PHOTO_DIR)%')] private string $photos,
        #[Autowire('%env(LAST_COPY_FILE)%')] private string $lastCopy,
        #[Autowire('%env(LAN_ADDRESS)%')] private string $lanAddress,
        #[Autowire('%env(LAN_PRINT)%')] private string $rootPrint,
    ) {
    }

    public function view(Actor $actor): UpkeepView
    {
        $utc = new \DateTimeZone('UTC');
        $now = $this->clock->now()->setTimezone($utc);
        $seen = $this->db->fetchOne("SELECT at FROM beat WHERE name = 'worker'");
        $worker = \is_string($seen) ? new \DateTimeImmutable($seen, $utc) : null;
        [$copied, $size] = $this->copy();
        $folder = is_dir($this->photos) ? $this->photos : $this->project;
        [$free, $of] = [(float) disk_free_space($folder), (float) disk_total_space($folder)];
        $news = $this->news();

        return new UpkeepView(
            $now->format(self::AS_JSON),
            UpkeepRule::warnings($now, $worker, $copied, $free, $of, $this->scope->salon($actor)->demo),
            $worker?->format(self::AS_JSON),
            $copied?->format(self::AS_JSON),
            $size,
            (int) $free,
            (int) $of,
            $news,
            substr(hash('sha256', implode("\n", $news)), 0, 12),
            $this->lanAddress,
            $this->rootPrint,
        );
    }

    /** @return array{\DateTimeImmutable|null, int|null} when it was written, and its bytes */
    private function copy(): array
    {
        $said = is_readable($this->lastCopy) ? (string) file_get_contents($this->lastCopy) : '';
        if (1 !== preg_match('/^(\d+) (\d+)$/', trim($said), $m)) {
            return [null, null];
        }

        return [(new \DateTimeImmutable("@$m[1]"))->setTimezone(new \DateTimeZone('UTC')), (int) $m[2]];
    }

    /** @return list<string> the newest section of the list of changes */
    private function news(): array
    {
        $text = (string) @file_get_contents($this->project.'/CHANGELOG.md');
        $section = preg_split('/^## .*$/m', $text, 3)[1] ?? '';
        $items = preg_split('/^- /m', trim($section));

        return array_values(
            array_filter(
                array_map(
                    static fn (string $i): string => trim((string) preg_replace(['/\s+/', '/[*`]/'], [' ', ''], $i)),
                    false === $items ? [] : $items,
                ),
                static fn (string $i): bool => '' !== $i,
            ),
        );
    }
}
