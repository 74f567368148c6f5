<?php

/** A dog is expected on a day at a time. */

declare(strict_types=1);

namespace KeenThistle\Diary;

use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Book\Dog;
use KeenThistle\Core\Care\ProofRule;
use KeenThistle\Core\Say\Say;
use KeenThistle\Log\Entry;
use KeenThistle\Refusal\Refused;
use KeenThistle\Salon\Owned;
use KeenThistle\Salon\SalonOwned;
use KeenThistle\Salon\Versioned;
use KeenThistle\Staff\Staff;
use Symfony\Component\Uid\Uuid;

#[ORM\Entity]
#[ORM\Index(columns: ['salon_id', 'day', 'time', 'id'])]
#[ORM\Index(columns: ['dog_id', 'day'])]
#[ORM\UniqueConstraint(columns: ['dog_id', 'slot'])]
#[ORM\UniqueConstraint(columns: ['staff_id', 'held'])]
#[ORM\Index(columns: ['series'])]
#[ORM\Index(columns: ['salon_id', 'deposit'])]
class Booking implements SalonOwned
{
    use Owned;
    use Versioned;

    /** Why a visit comes later than it was first booked for; empty: not said, or it does not. */
    public const CAUSES = ['', 'salon', 'owner', 'illness', 'weather', 'closure'];

    /** It suits; or the owner wants to be rung about another day. */
    public const ANSWERS = ['', 'yes', 'ring'];

    public const TIME = '/^([01]\d|2[0-3]):[0-5]\d$/';

    #[ORM\ManyToOne(targetEntity: Dog::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Dog $dog;

    #[ORM\ManyToOne(targetEntity: Staff::class)]
    public ?Staff $staff;

    #[ORM\Column(type: 'date_immutable')]
    public \DateTimeImmutable $day;

    /** "09:30". */
    #[ORM\Column(length: 5)]
    public string $time;

    #[ORM\Column(length: 8)]
    public string $kind;

    #[ORM\Column(length: 300)]
    public string $note = '';

    /** "booked", "cancelled", "missed", or "wished": asked for by somebody who may not book, for the desk. */
    #[ORM\Column(length: 10)]
    public string $state = 'booked';

    /** Day and time while it stands, null once cancelled: a dog is booked once for a moment. */
    #[ORM\Column(length: 16, nullable: true)]
    public ?string $slot;

    /** The same for the person: nobody begins with two homes at once. Null: nobody decided, or a dog of the home. */
    #[ORM\Column(length: 16, nullable: true)]
    public ?string $held = null;

    /** The day it was booked for before it slipped. */
    #[ORM\Column(type: 'date_immutable', nullable: true)]
    public ?\DateTimeImmutable $firstDay = null;

    #[ORM\Column(length: 8, options: ['default' => ''])]
    public string $cause = '';

    /** When its owner was told it is ready, "14:30"; empty: once the minutes that are allowed are over. */
    #[ORM\Column(length: 5, options: ['default' => ''])]
    public string $promised = '';

    /** When its owner was last asked about it, by a link. */
    #[ORM\Column(nullable: true)]
    public ?\DateTimeImmutable $askedAt = null;

    /** The day and time that its owner was reminded of, as slot. Moved in SQL only. */
    #[ORM\Column(length: 16, nullable: true, updatable: false)]
    public ?string $reminded = null;

    /** What the owner said of this date: one of ANSWERS; empty: nothing yet. */
    #[ORM\Column(length: 8, options: ['default' => ''])]
    public string $answer = '';

    #[ORM\Column(nullable: true)]
    public ?\DateTimeImmutable $answeredAt = null;

    /** What has changed at home, in the owner's words. */
    #[ORM\Column(length: 500, options: ['default' => ''])]
    public string $told = '';

    /** How often the owner has moved it by the link. */
    #[ORM\Column(type: 'smallint', options: ['default' => 0])]
    public int $ownerMoves = 0;

    /** What house terms ask for it, cancelled late or not come to; minor units. */
    #[ORM\Column(options: ['default' => 0])]
    public int $charge = 0;

    /** Paid ahead for it, and held until it is used or given back; minor units. */
    #[ORM\Column(options: ['default' => 0])]
    public int $deposit = 0;

    /** Whether that charge was. Moved in SQL only, by the till. */
    #[ORM\Column(updatable: false, options: ['default' => false])]
    public bool $paid = false;

    /** Why it is not charged. */
    #[ORM\Column(length: 200, options: ['default' => ''])]
    public string $letGo = '';

    /** The dog is washed and dried on a day before: this visit is the rest of it. */
    #[ORM\Column(options: ['default' => false])]
    public bool $washed = false;

    /** What was booked in one go has one. */
    #[ORM\Column(type: 'uuid', nullable: true)]
    public ?Uuid $series = null;

    public function __construct(Uuid $id, Dog $dog, ?Staff $staff, \DateTimeImmutable $day, string $time, string $kind)
    {
        $this->id = $id;
        $this->salon = $dog->salon;
        $this->dog = $dog;
        $this->staff = $staff;
        $this->day = $day;
        $this->time = $time;
        $this->kind = $kind;
        $this->slot = self::slotOf($day, $time);
    }

    public static function slotOf(\DateTimeImmutable $day, string $time): string
    {
        return $day->format('Y-m-d').' '.$time;
    }

    /** Asked for only: it holds no time. */
    public function wish(): void
    {
        $this->state = 'wished';
        $this->slot = $this->held = null;
    }

    public function book(): void
    {
        $this->state = 'booked';
        $this->slot = self::slotOf($this->day, $this->time);
    }

    /** Its day gets other hours, and the moments of others beside it are given up first. */
    public function letGo(): void
    {
        $this->slot = $this->held = null;
    }

    /** Another time of the same day; what its owner said of the one before holds no more. */
    public function retime(string $time): void
    {
        $this->time = $time;
        $this->promised = $this->answer = '';
        $this->answeredAt = null;
        $this->book();
    }

    public function cancel(): void
    {
        $this->state = 'cancelled';
        $this->slot = $this->held = null;
    }

    /** Nobody came. */
    public function miss(): void
    {
        $this->state = 'missed';
        $this->slot = $this->held = null;
    }

    /** By the clock on the salon's wall. */
    public function begins(): \DateTimeImmutable
    {
        return new \DateTimeImmutable(
            $this->day->format('Y-m-d').' '.$this->time,
            new \DateTimeZone($this->salon->timeZone),
        );
    }

    /** What is missing of the proof of vaccination on that day, in words; empty: nothing. */
    public function proofMissing(): string
    {
        $until = $this->dog->vaccinatedUntil?->format('Y-m-d');

        return ProofRule::missing($this->salon->asksForVaccination, $until, $this->day->format('Y-m-d'));
    }

    public function answered(string $answer, string $told, \DateTimeImmutable $now): void
    {
        $this->answer = $answer;
        $this->told = '' === $told ? $this->told : $told;
        $this->answeredAt = $now;
    }

    /** Back on the day it was first booked for, or before, it has not slipped. */
    public function move(\DateTimeImmutable $day, string $time, string $kind, ?Staff $staff, string $cause): void
    {
        $first = $this->firstDay ?? $this->day;
        [$this->firstDay, $this->cause] = $day > $first ? [$first, $cause] : [null, ''];
        [$this->day, $this->time, $this->kind, $this->staff] = [$day, $time, $kind, $staff];
        $this->promised = $this->answer = '';
        $this->answeredAt = null;
        $this->book();
    }

    /** @throws Refused with what it is now, where somebody was faster */
    public function mustBe(int $version): void
    {
        if ($this->version !== $version) {
            throw Refused::stale('Somebody changed this booking meanwhile.', [
                'theirs' => BookingView::of($this),
                'version' => $this->version,
            ]);
        }
    }

    /** What the log says of it: "booked: full, 2026-05-04 at 09:30". */
    public function entry(string $what): Entry
    {
        return new Entry(
            $this->dog,
            'booking',
            (string) $this->id,
            \sprintf('%s: %s, %s at %s', $what, $this->kind, Say::day($this->day), $this->time),
        );
    }
}
