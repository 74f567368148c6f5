<?php

/**
 * Use case: the dog is finished. The visit is recorded, the next ones are booked, the owner is told: all of it, or
 * nothing.
 */

declare(strict_types=1);

namespace KeenThistle\Table;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Core\Coat\Upkeep;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Table\Board;
use KeenThistle\Core\Table\ZoneMark;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Diary\Booking;
use KeenThistle\Http\Problem;
use KeenThistle\Log\ChangeRecorder;
use KeenThistle\Outbox\Message;
use KeenThistle\Owner\OwnerLink;
use KeenThistle\Recipe\RecipeArray;
use KeenThistle\Recipe\RecipeView;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use KeenThistle\Staff\Staff;
use KeenThistle\Visit\Visit;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

final readonly class CloseGroom
{
    private const NOT_BACK_LATER = '+2 years';

    public function __construct(
        private GroomRows $rows,
        private Finish $finish,
        private RecordVisit $record,
        private ToolRuns $runs,
        private Scope $scope,
        private ChangeRecorder $log,
        private ClockInterface $clock,
    ) {
    }

    public static function shape(): Shape
    {
        return Shape::object([
            'kind' => Shape::choice(Visit::KINDS, 'kind of visit')->default('full'),
            'minutes' => Shape::integer(1, 1440)->nullable()->describe('at work; null: as the taps say'),
            'upkeep' => Shape::enum(Upkeep::class, 'upkeep')->nullable()->describe('what was really done at home'),
            'note' => Shape::text(0, 1000)->default('')->describe('for the next person'),
            'next' => Shape::list(
                Shape::object([
                    'kind' => Shape::choice(Visit::KINDS, 'kind of visit')->required(),
                    'on' => Shape::date()->required(),
                    'time' => Shape::text(5, 5)->default('09:00'),
                ]),
                0,
                6,
            )
                ->default([])
                ->describe('visits to book'),
            'message' => Shape::text(0, 600)->nullable()->describe('to the owner; null: none goes out'),
        ]);
    }

    /** @throws Problem 409 where it is closed already */
    public function __invoke(Actor $actor, EntityManagerInterface $manager, Groom $groom, Fields $in): void
    {
        if (null !== $groom->closedAt) {
            throw Problem::conflict(
                \sprintf(
                    'This visit was closed already, by %s at %s UTC: nothing was recorded twice.',
                    $groom->closedBy->name ?? 'somebody',
                    $groom->closedAt->format('H:i'),
                ),
            );
        }
        $who = $this->scope->person($actor);
        $board = Board::of($this->rows->taps($actor, $groom));
        $now = $this->clock->now();
        $next = $this->next($in, $groom);
        $visit = ($this->record)(
            $actor,
            $manager,
            (string) $groom->dog->id,
            VisitInput::shape()->fields($this->visit($groom, $board, $in, $now)),
            GroomReader::plan($groom),
        );
        $manager->flush();
        $this->keepNext($actor, $manager, $groom, $who, $next);
        $this->runs->record($manager, $groom, $board, $who, $now);
        $groom->close($who, $now);
        $groom->visit = $manager->find(Visit::class, Uuid::fromString($visit->id));
        $groom->careToken = bin2hex(random_bytes(16));
        $groom->linkUntil = $now->modify(OwnerLink::VALID);
        $groom->care = [
            'sections' => $this->finish->care(
                $actor,
                $groom,
                $board,
                array_map(
                    static fn (array $n): array => ['kind' => $n['kind'], 'on' => $n['on']->format('Y-m-d')],
                    $next,
                ),
            ),
        ];
        $text = trim($in->textOrNull('message') ?? '');
        if ('' !== $text) {
            $this->tell($actor, $manager, $groom, $who, $text, $now);
        }
    }

    /**
     * Booked by who may book; a wish for the desk else. What is booked for that moment already stays as it is.
     *
     * @param list<array{kind: string, on: \DateTimeImmutable, time: string}> $next
     */
    private function keepNext(
        Actor $actor,
        EntityManagerInterface $manager,
        Groom $groom,
        Staff $who,
        array $next,
    ): void {
        $mayBook = $who->may(May::BOOK);
        foreach ($next as $n) {
            if (
                null !==
                $manager
                    ->getRepository(Booking::class)
                    ->findOneBy(['dog' => $groom->dog, 'slot' => Booking::slotOf($n['on'], $n['time'])])
            ) {
                continue;
            }
            $booking = new Booking(Uuid::v7(), $groom->dog, null, $n['on'], $n['time'], $n['kind']);
            if (!$mayBook) {
                $booking->wish();
                $booking->note = "wished by $who->name at the table";
            }
            $manager->persist($booking);
            $this->log->record(
                $actor,
                $manager,
                $groom->dog,
                'booking',
                (string) $booking->id,
                \sprintf(
                    '%s: %s, %s at %s',
                    $mayBook ? 'booked' : 'wished for the desk',
                    $n['kind'],
                    $n['on']->format('Y-m-d'),
                    $n['time'],
                ),
            );
        }
    }

    /** @return list<array{kind: string, on: \DateTimeImmutable, time: string}> */
    private function next(Fields $in, Groom $groom): array
    {
        $out = [];
        foreach ($in->objects('next') as $n) {
            $on = $n->dateOrNull('on') ?? throw new \LogicException('The shape requires a day.');
            if (
                $on->format('Y-m-d') <= $groom->arrival->day->format('Y-m-d')
                || $on > $groom->arrival->day->modify(self::NOT_BACK_LATER)
            ) {
                throw InvalidInput::at($n->pathOf('on'), 'must be after today and within two years');
            }
            if (1 !== preg_match('/^([01]\d|2[0-3]):[0-5]\d$/', $n->text('time'))) {
                throw InvalidInput::at($n->pathOf('time'), 'must be a time such as 09:30');
            }
            $out[] = ['kind' => $n->text('kind'), 'on' => $on, 'time' => $n->text('time')];
        }

        return $out;
    }

    /** The visit as its form would send it. */
    private function visit(Groom $groom, Board $board, Fields $in, \DateTimeImmutable $now): \stdClass
    {
        $handsOn = $groom->arrival->handsOn;
        $lengths = \is_array($handsOn['lengths'] ?? null) ? $handsOn['lengths'] : [];
        $ownerCut = true === ($handsOn['owner_cut'] ?? false);
        $zones = [];
        foreach (array_unique([...array_keys($groom->plan), ...array_keys($board->zones)]) as $zone) {
            $mark = $board->zones[$zone] ?? null;
            $state = match ($mark->state ?? 'planned') {
                'planned' => 'deferred',
                default => $mark->state ?? 'deferred',
            };
            if (!isset($groom->plan[$zone]) && null === $mark?->actual) {
                continue;
            }
            $zones[] = (object) [
                'zone' => $zone,
                'state' => $state,
                'actual' => null === $mark ? null : self::actual($groom, (string) $zone, $mark),
                'why' => 'deferred' === $state && '' === ($mark->why ?? '') ? 'not reached' : $mark->why ?? '',
                'arrival_mm' => is_numeric($lengths[$zone] ?? null) && $lengths[$zone] > 0
                    ? (float) $lengths[$zone]
                    : null,
                'owner_cut' => $ownerCut,
            ];
        }
        $minutes =
            $in->intOrNull('minutes') ?? max(1, min(1440, (int) round($board->minutesAtWork($groom->openedAt, $now))));
        $notes = array_map(static fn (array $n): string => $n['text'], $board->notes);
        $tender = 0;
        foreach ($groom->arrival->comb['zones'] as $z) {
            $tender = Zone::of($z['zone'])->tender ? max($tender, $z['severity']) : $tender;
        }
        $upkeep =
            $in->enumOrNull('upkeep', Upkeep::class)->value ??
            (\is_string($handsOn['upkeep'] ?? null) ? $handsOn['upkeep'] : $groom->dog->upkeep->value);

        return (object) [
            'day' => $groom->arrival->day->format('Y-m-d'),
            'kind' => $in->text('kind'),
            'place' => (string) $groom->place->id,
            'minutes' => $minutes,
            'arrival_load' => 0 === $groom->arrival->combVersion - 1 ? null : $groom->arrival->load,
            'tender_severity' => $tender,
            'upkeep' => $upkeep,
            'kg' => \is_int($handsOn['kg'] ?? null) || \is_float($handsOn['kg'] ?? null) ? $handsOn['kg'] : null,
            'note' => mb_substr(
                trim(
                    implode(
                        ' · ',
                        array_filter([$in->text('note'), ...$notes], static fn (string $n): bool => '' !== trim($n)),
                    ),
                ),
                0,
                1000,
            ),
            'zones' => $zones,
        ];
    }

    /** What was really used, with the carry that was tapped; null: as planned. */
    private static function actual(Groom $groom, string $zone, ZoneMark $mark): ?\stdClass
    {
        $recipe =
            null !== $mark->actual
                ? RecipeArray::recipe($mark->actual)
                : ('' !== $mark->carry && isset($groom->plan[$zone])
                    ? RecipeArray::recipe($groom->plan[$zone])
                    : null);
        $view = null === $recipe ? null : RecipeView::of($recipe);
        if (null === $view) {
            return null;
        }
        $out = get_object_vars($view);
        unset($out['words']);
        $out['lay'] ??= 'with';
        $out['carry'] = '' === $mark->carry ? $view->carry : $mark->carry;
        $out['tool'] = null === $view->tool ? null : (object) $view->tool;

        return (object) $out;
    }

    private function tell(
        Actor $actor,
        EntityManagerInterface $manager,
        Groom $groom,
        Staff $who,
        string $text,
        \DateTimeImmutable $now,
    ): void {
        $client = Finish::client($groom);
        $to = null === $client ? '' : ('' !== $client->phone ? $client->phone : $client->email);
        $manager->persist(new Message($groom->dog, $client, $who, $now, 'ready', $to, $text));
        $this->log->record($actor, $manager, $groom->dog, 'message', (string) $groom->id, 'ready message');
    }
}
