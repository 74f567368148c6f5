<?php

/** Ids of rows that are taken in: as they are where they are free here, else all of them new, in the same order. */

declare(strict_types=1);

namespace KeenThistle\TakeIn;

use Doctrine\DBAL\Connection;
use KeenThistle\Staff\Actor;
use Symfony\Component\Uid\Uuid;

final class NewIds
{
    /** @var array<string, string> in binary; empty: they stay as they are */
    private array $new = [];

    public function __construct(
        private readonly Connection $db,
        private readonly SalonFile $file,
        private readonly Actor $actor,
    ) {
        $salon = $file->idsOf('salon')[0] ?? '';
        // The salon itself is here already under this id: then so may be anything of it.
        if (false !== $db->fetchOne('SELECT 1 FROM salon WHERE id = ?', [$salon])) {
            $this->new = self::anew($file->ids());
        }
    }

    /** Another id than one of the file's is left alone. */
    public function of(string $id): string
    {
        $raw = Uuid::fromString($id)->toBinary();
        if (!$this->file->has($raw)) {
            return $id;
        }
        if ($raw === ($this->file->idsOf('salon')[0] ?? '')) {
            return (string) $this->actor->salon;
        }

        return isset($this->new[$raw]) ? (string) Uuid::fromBinary($this->new[$raw]) : $id;
    }

    /**
     * Their time stays, what is random in them is thrown again; those of one moment stay in their order.
     *
     * @param list<string> $ids
     *
     * @return array<string, string>
     */
    private static function anew(array $ids): array
    {
        sort($ids, \SORT_STRING);
        $out = $group = [];
        foreach ([...$ids, ''] as $id) {
            if ([] !== $group && substr($id, 0, 8) !== substr($group[0], 0, 8)) {
                $tails = [];
                while (\count($tails) < \count($group)) {
                    $tail = random_bytes(8);
                    $tail[0] = \chr((\ord($tail[0]) & 0x3F) | 0x80);
                    $tails[$tail] = $tail;
                }
                sort($tails, \SORT_STRING);
                foreach ($group as $n => $old) {
                    $out[$old] = substr($old, 0, 8).$tails[$n];
                }
                $group = [];
            }
            $group[] = $id;
        }

        return $out;
    }

    /** A sign-in name that nobody has: they are one to a person over all salons. */
    public function login(string $login): string
    {
        $name = $login;
        for ($n = 2; false !== $this->db->fetchOne('SELECT 1 FROM staff WHERE login = ?', [$name]); ++$n) {
            $name = "$login-$n";
        }

        return $name;
    }
}
