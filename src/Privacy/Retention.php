<?php

/** Each night: what a salon keeps for a time only goes, by its own rule and by the same way as when it is asked for. */

declare(strict_types=1);

namespace KeenThistle\Privacy;

use Doctrine\DBAL\Connection;
use KeenThistle\Command\Commands;
use KeenThistle\Command\Key;
use KeenThistle\Core\Care\RetentionRule;
use KeenThistle\Refusal\Refused;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actors;
use KeenThistle\Work\Sweeps;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

final readonly class Retention implements Sweeps
{
    /** Of each salon in one night; the rest goes in the nights after. */
    private const MESSAGES = 20_000;
    private const HOMES = 100;

    public function __construct(
        private Connection $db,
        private Commands $commands,
        private Actors $actors,
        private ClockInterface $clock,
    ) {
    }

    public function swept(): string
    {
        return 'what salons keep for a time';
    }

    public function sweep(): int
    {
        $gone = 0;
        foreach ($this->db->fetchAllAssociative('SELECT id, keep_messages_months, keep_gone_years FROM salon') as $s) {
            $rule = new RetentionRule(
                (int) Row::int($s['keep_messages_months']),
                (int) Row::int($s['keep_gone_years']),
            );
            $salon = Row::text($s['id']);
            $gone += $this->messages($salon, $rule) + $this->homes($salon, $rule);
        }

        return $gone;
    }

    private function messages(string $salon, RetentionRule $rule): int
    {
        $before = $rule->messagesBefore($this->clock->now());

        return null === $before
            ? 0
            : (int) $this->db->executeStatement(
                "UPDATE message SET text = '', sent_to = '', receipt = '',
                    state = IF(state = 'failed', 'stopped', state) WHERE salon_id = ? AND id < ? AND text <> ''
                    AND state NOT IN ('waiting', 'sending') ORDER BY id LIMIT ".self::MESSAGES,
                [$salon, Row::lowestId(1000 * $before->getTimestamp())],
            );
    }

    /** Homes of which no dog comes any more, whose last visit and last change are older than that. */
    private function homes(string $salon, RetentionRule $rule): int
    {
        $before = $rule->homesBefore($this->clock->now());
        if (null === $before) {
            return 0;
        }
        $homes = $this->db->fetchFirstColumn(
            "SELECT h.id FROM household h WHERE h.salon_id = :salon AND h.id < :made AND h.name <> :erased
                AND EXISTS (SELECT 1 FROM dog d WHERE d.household_id = h.id)
                AND NOT EXISTS (SELECT 1 FROM dog d WHERE d.household_id = h.id AND d.state IN ('active', 'paused'))
                AND NOT EXISTS (SELECT 1 FROM visit v JOIN dog d ON d.id = v.dog_id
                    WHERE d.household_id = h.id AND v.day >= :day)
                AND NOT EXISTS (SELECT 1 FROM change_log c JOIN dog d ON d.id = c.dog_id
                    WHERE d.household_id = h.id AND c.id >= :made)
            ORDER BY h.id LIMIT ".self::HOMES,
            [
                'salon' => $salon,
                'made' => Row::lowestId(1000 * $before->getTimestamp()),
                'day' => $before->format('Y-m-d'),
                'erased' => Erasure::ERASED,
            ],
        );
        if ([] === $homes) {
            return 0;
        }
        $actor = $this->actors->inNameOf(Uuid::fromBinary($salon));
        $gone = 0;
        foreach ($homes as $raw) {
            $id = Row::id($raw);
            try {
                $years = max(RetentionRule::LEAST_YEARS, $rule->homeYears);
                $asked = "by the rule of the house: nobody came for $years years";
                $this->commands->run(new EraseHome($id, $asked), $actor, new Key("retention-$id"));
                ++$gone;
            } catch (Refused) {
                // Something of it is open after all: it is looked at again tomorrow.
            }
        }

        return $gone;
    }
}
