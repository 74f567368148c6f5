<?php

/**
 * Use case: taps come in, some of them made hours ago without a network; each is counted once, in its device's order.
 */

declare(strict_types=1);

namespace KeenThistle\Table;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Round\VanHeatRule;
use KeenThistle\Core\Table\Board;
use KeenThistle\Core\Table\Tap;
use KeenThistle\Core\Table\TimerKind;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Device\VanThermometer;
use KeenThistle\Kit\KitReader;
use KeenThistle\Log\Entry;
use KeenThistle\Recipe\RecipeCodec;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use KeenThistle\Staff\Staff;
use Symfony\Component\Clock\ClockInterface;

/**
 * @phpstan-type Outcome array{id: string, outcome: string, message: string|null, zone: string|null,
 *     theirs: string|null, theirs_who: string|null}
 */
final readonly class TakeTaps
{
    private const JUST_NOW = '-2 minutes';

    public function __construct(
        private GroomRows $rows,
        private KitReader $kit,
        private Scope $scope,
        private ClockInterface $clock,
        private EntityManagerInterface $manager,
        private TapRecords $records,
        private VanThermometer $thermometer,
    ) {
    }

    /**
     * @param list<mixed> $given as decoded, oldest first
     *
     * @return array{Tapped, list<Entry>} what became of them, and what the log is to say
     */
    public function of(Actor $actor, Groom $groom, string $device, string $sentAt, array $given): array
    {
        $now = $this->clock->now();
        $ahead = TapClock::ahead($sentAt, $now);
        $who = $this->scope->person($actor);
        $me = (string) $who->id;
        $before = $this->rows->taps($actor, $groom);
        $board = Board::of($before);
        $all = $before;
        $known = $this->known($this->manager->getConnection(), $groom, $given);
        $held = array_column(array_filter($before, static fn (Tap $t): bool => $t->held), 'id');
        $steps = array_column($groom->steps, 'key');
        $planned = array_map(strval(...), array_keys($groom->plan));
        $out = $entries = [];
        foreach ($given as $i => $one) {
            try {
                $in = TapInput::read($one, "taps[$i]");
                if (!\in_array($in->textOrNull('by') ?? $me, ['', $me], true)) {
                    $out[] = self::outcome(
                        $in->text('id'),
                        'someone_elses',
                        'Somebody else made this tap: it is kept until they sign in on this device.',
                    );
                    continue;
                }
                if (isset($known[$in->text('id')])) {
                    // Whoever did not get the first answer hears of it now.
                    $isLate = null !== $groom->closedAt && \in_array($in->text('id'), $held, true);
                    $out[] = $isLate
                        ? self::outcome($in->text('id'), 'late', self::late($groom))
                        : self::outcome($in->text('id'), 'repeated');
                    continue;
                }
                $data = $this->named($actor, TapInput::data($in, $steps, $planned));
                $at = TapClock::at($in, $ahead, $groom->openedAt, $now);
            } catch (InvalidInput|Refused $e) {
                $faults =
                    $e instanceof InvalidInput ? $e->all() : [['field' => "taps[$i]", 'message' => $e->getMessage()]];
                $id = $one instanceof \stdClass && \is_string($one->id ?? null) ? mb_substr($one->id, 0, 64) : '';
                $out[] = self::outcome(
                    $id,
                    'refused',
                    implode(' ', array_map(static fn (array $f): string => $f['field'].' '.$f['message'], $faults)),
                );
                continue;
            }
            $hot = self::dries($in->text('kind'), $data) ? $this->tooHotToDry($groom, $at, $now) : null;
            if (null !== $hot) {
                $out[] = self::outcome($in->text('id'), 'refused', $hot);
                continue;
            }
            $tap = new Tap($in->text('id'), $groom->seq + 1, $who->name, $device, $at, $in->text('kind'), $data);
            if ('choose' === $tap->kind) {
                $tap = self::chosen($tap, $before, $board);
            }
            // A choice was made between both words, so it replaces either.
            $against =
                null === $tap || isset($tap->data['settles']) ? null : $board->standsAgainst($tap, $in->int('saw'));
            if (null === $tap) {
                $out[] = self::outcome($in->text('id'), 'refused', 'Nothing waits for a choice there any more.');
                continue;
            }
            $late = null !== $groom->closedAt;
            if (null !== $against || $late) {
                $tap = new Tap($tap->id, $tap->seq, $tap->who, $tap->device, $tap->at, $tap->kind, $tap->data, true);
            }
            ++$groom->seq;
            $known[$tap->id] = true;
            $this->manager->persist(new GroomTap($groom, $who, $tap));
            $board->take($tap);
            $all[] = $tap;
            if ($late) {
                $out[] = self::outcome($tap->id, 'late', self::late($groom));
            } elseif (null !== $against) {
                $mark = $board->zones[$against];
                $out[] =
                    ['theirs' => HeldTaps::words($mark), 'theirs_who' => $mark->who, 'zone' => $against] +
                    self::outcome(
                        $tap->id,
                        'conflict',
                        \sprintf(
                            '%s has tapped %s otherwise meanwhile: choose.',
                            $mark->who,
                            Zone::of($against)->label,
                        ),
                    );
            } else {
                array_push($entries, ...$this->records->of($groom, $who, $tap));
                $out[] = self::outcome($tap->id, 'counted', $this->notInKit($actor, $groom, $tap));
            }
        }

        return [new Tapped($groom, $out, $ahead, $all, $board), $entries];
    }

    /**
     * What a batch that was sent once more is told.
     *
     * @param list<mixed> $given
     * @param array<mixed> $other outcome by place in the batch, where it was not counted
     *
     * @return list<Outcome>
     */
    public static function again(array $given, array $other): array
    {
        $out = [];
        foreach ($given as $i => $one) {
            $id = $one instanceof \stdClass && \is_string($one->id ?? null) ? mb_substr($one->id, 0, 64) : '';
            $out[] = self::outcome($id, \is_string($other[$i] ?? null) ? $other[$i] : 'counted');
        }

        return $out;
    }

    /**
     * A choice becomes a tap of its zone: as the held one said, or as it stands.
     *
     * @param list<Tap> $before
     */
    private static function chosen(Tap $tap, array $before, Board $board): ?Tap
    {
        $held =
            array_values(
                array_filter($before, static fn (Tap $t): bool => $t->held && $t->id === $tap->text('held')),
            )[0] ?? null;
        $mark = $board->zones[$tap->text('zone')] ?? null;
        if (null === $held || null === $mark) {
            return null;
        }
        $said = $tap->yes('ok')
            ? array_intersect_key($held->data, ['state' => 1, 'why' => 1, 'actual' => 1, 'carry' => 1])
            : ['state' => $mark->state, 'why' => $mark->why, 'carry' => $mark->carry] +
                (null === $mark->actual ? [] : ['actual' => $mark->actual]);

        return new Tap(
            $tap->id,
            $tap->seq,
            $tap->who,
            $tap->device,
            $tap->at,
            'zone',
            ['zones' => [$tap->text('zone')], 'settles' => $held->id] + $said,
        );
    }

    /**
     * @param list<mixed> $given
     *
     * @return array<string, true> taps that are there already
     */
    private function known(Connection $db, Groom $groom, array $given): array
    {
        $ids = [];
        foreach ($given as $one) {
            if ($one instanceof \stdClass && \is_string($one->id ?? null) && 1 === preg_match(Tap::ID, $one->id)) {
                $ids[] = $one->id;
            }
        }
        $there =
            [] === $ids
                ? []
                : $db->fetchFirstColumn(
                    'SELECT tap FROM groom_tap WHERE salon_id = ? AND groom_id = ? AND tap IN (?)',
                    [$groom->salon->id->toBinary(), $groom->id->toBinary(), $ids],
                    ['binary', 'binary', ArrayParameterType::STRING],
                );

        $known = [];
        foreach ($there as $id) {
            $known[\is_string($id) ? $id : ''] = true;
        }

        return $known;
    }

    /**
     * A hand-over names a colleague: their id becomes their name.
     *
     * @param array<string, mixed> $data
     *
     * @return array<string, mixed>
     */
    private function named(Actor $actor, array $data): array
    {
        if (\is_string($data['to'] ?? null)) {
            $data['to'] = $this->scope->get($actor, Staff::class, $data['to'], $this->manager, 'person')->name;
        }

        return $data;
    }

    /** @param array<string, mixed> $data */
    private static function dries(string $kind, array $data): bool
    {
        return 'timer' === $kind
            && TimerKind::Drying->value === ($data['timer'] ?? '')
            && true === ($data['on'] ?? null);
    }

    /** In a hot van no dryer runs; what ran without a signal has run, and is written down. */
    private function tooHotToDry(Groom $groom, \DateTimeImmutable $at, \DateTimeImmutable $now): ?string
    {
        if ('van' !== $groom->place->kind || $at < $now->modify(self::JUST_NOW)) {
            return null;
        }
        $celsius = $this->thermometer->read(
            (string) $groom->place->id,
            $at->setTimezone(new \DateTimeZone($groom->salon->timeZone)),
        );

        return VanHeatRule::dries($celsius) ? null : VanHeatRule::caution($celsius)?->message;
    }

    /** What was really used may be a tool that has left the kit: kept as said, and named. */
    private function notInKit(Actor $actor, Groom $groom, Tap $tap): ?string
    {
        $actual = $tap->data['actual'] ?? null;
        if (!\is_array($actual)) {
            return null;
        }
        $map = [];
        foreach ($actual as $name => $value) {
            $map[(string) $name] = $value;
        }
        $recipe = RecipeCodec::fromArray($map)->forRules();

        return $this->kit->match($actor, (string) $groom->place->id)->canMake($recipe)
            ? null
            : \sprintf(
                '%s is not in the kit at %s: kept as you said it.',
                ucfirst($recipe->tool->words()),
                $groom->place->name,
            );
    }

    private static function late(Groom $groom): string
    {
        return \sprintf(
            'This visit was closed by %s before this came in: kept in the log, not in the record.',
            $groom->closedBy->name ?? 'somebody',
        );
    }

    /** @return Outcome */
    private static function outcome(string $id, string $outcome, ?string $message = null): array
    {
        return [
            'id' => $id,
            'outcome' => $outcome,
            'message' => $message,
            'zone' => null,
            'theirs' => null,
            'theirs_who' => null,
        ];
    }
}
