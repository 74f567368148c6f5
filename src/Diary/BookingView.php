<?php

/** One booking. A response record. */

declare(strict_types=1);

namespace KeenThistle\Diary;

use KeenThistle\Core\Care\ProofRule;
use KeenThistle\Input\Says;
use KeenThistle\Salon\Row;

final readonly class BookingView
{
    /** What is read of a booking b, its dog d and its person s. */
    public const COLUMNS =
        'b.id, b.day, b.time, b.kind, b.note, b.state, b.version, b.dog_id, d.name dog_name, b.staff_id, '.
        's.name staff, b.cause, b.first_day, b.series, b.asked_at, b.answer, b.told, b.charge, b.let_go, '.
        'b.washed, d.vaccinated_until, (SELECT asks_for_vaccination FROM salon WHERE id = b.salon_id) asks';

    public function __construct(
        public string $id,
        public string $dog,
        public string $dog_name,
        public string $day,
        public string $time,
        public string $kind,
        public ?string $staff,
        public ?string $staff_id,
        public string $note,
        public string $state,
        public int $version,
        #[Says('why it is later than it was first booked for')] public string $cause,
        #[Says('the day it was booked for before it slipped')] public ?string $first_day,
        #[Says('what was booked in one go has one')] public ?string $series,
        #[Says('when its owner was last written to about it')] public ?string $asked,
        #[Says('what the owner said of it: yes, ring (about another day), or nothing yet')] public string $answer,
        #[Says('what has changed at home, in the owner’s words')] public string $told,
        #[Says('what house terms ask for it, cancelled late or not come to')] public int $charge_minor,
        #[Says('why that is let go')] public string $let_go,
        #[Says('what is missing of the proof of vaccination on that day; empty: nothing')] public string $proof,
        #[Says('washed and dried on a day before: this is the rest of it')] public bool $washed,
    ) {
    }

    public static function of(Booking $b): self
    {
        return new self(
            (string) $b->id,
            (string) $b->dog->id,
            $b->dog->name,
            $b->day->format('Y-m-d'),
            $b->time,
            $b->kind,
            $b->staff?->name,
            null === $b->staff ? null : (string) $b->staff->id,
            $b->note,
            $b->state,
            $b->version,
            $b->cause,
            $b->firstDay?->format('Y-m-d'),
            null === $b->series ? null : (string) $b->series,
            null === $b->askedAt ? null : Row::instant($b->askedAt->format('Y-m-d H:i:s')),
            $b->answer,
            $b->told,
            $b->charge,
            $b->letGo,
            $b->proofMissing(),
            $b->washed,
        );
    }

    /** @param array<string, mixed> $row of these columns */
    public static function ofRow(array $row): self
    {
        return new self(
            Row::id($row['id']),
            Row::id($row['dog_id']),
            Row::text($row['dog_name']),
            Row::text($row['day']),
            Row::text($row['time']),
            Row::text($row['kind']),
            \is_string($row['staff']) ? $row['staff'] : null,
            \is_string($row['staff_id']) ? Row::id($row['staff_id']) : null,
            Row::text($row['note']),
            Row::text($row['state']),
            Row::int($row['version']) ?? 1,
            Row::text($row['cause']),
            \is_string($row['first_day']) ? $row['first_day'] : null,
            \is_string($row['series']) ? Row::id($row['series']) : null,
            null === $row['asked_at'] ? null : Row::instant($row['asked_at']),
            Row::text($row['answer']),
            Row::text($row['told']),
            Row::int($row['charge']) ?? 0,
            Row::text($row['let_go']),
            ProofRule::missing(
                1 === Row::int($row['asks']),
                \is_string($row['vaccinated_until']) ? $row['vaccinated_until'] : null,
                Row::text($row['day']),
            ),
            1 === Row::int($row['washed']),
        );
    }
}
