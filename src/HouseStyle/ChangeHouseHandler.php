<?php

/** Changes house style and settings; every card is old then. */

declare(strict_types=1);

namespace KeenThistle\HouseStyle;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Care\RetentionRule;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Order\SchoolTable;
use KeenThistle\Log\Entry;
use KeenThistle\Refusal\Refused;
use KeenThistle\Salon\Row;
use KeenThistle\Salon\Salon;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

/** @implements Handler<ChangeHouse> */
final readonly class ChangeHouseHandler implements Handler
{
    public function __construct(private Scope $scope, private EntityManagerInterface $manager)
    {
    }

    /** @throws Refused 412 with theirs where somebody else changed it meanwhile */
    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $form = $command->house;
        $schools = Schools::chosen($form->schools);
        $styles = $form->ownStyles();
        Schools::hold($schools);
        $salon = $this->scope->salon($actor);
        $this->manager->refresh($salon);
        if ($salon->houseVersion !== $command->version) {
            throw Refused::stale('Somebody else changed the house style meanwhile.', [
                'version' => $salon->houseVersion,
                'theirs' => HouseStyleView::of($salon),
            ]);
        }
        $before = self::plain($salon);
        $salon->matLimit = $form->mat_limit;
        $salon->asksForVaccination = $form->asks_for_vaccination;
        $salon->liftKg = $form->lift_kg;
        $salon->remindDays = $form->remind_days;
        $salon->hemisphere = $form->hemisphere;
        $salon->language = $form->language ?? $salon->language;
        $salon->units = $form->units ?? $salon->units;
        $salon->keepMessagesMonths = $form->keep_messages_months ?? $salon->keepMessagesMonths;
        $salon->keepGoneYears = self::years($form->keep_gone_years ?? $salon->keepGoneYears);
        $this->setZone($salon, $form, $actor);
        $salon->schools = array_diff_assoc($schools, SchoolTable::defaults());
        $salon->styles = $styles ?? $salon->styles;
        $after = self::plain($salon);
        $changed = array_keys(array_diff_assoc($after, $before));
        if ([] === $changed) {
            return new Outcome();
        }
        $words = implode(', ', array_map(static fn (string $k): string => str_replace('_', ' ', $k), $changed));

        return new Outcome(
            entries: [new Entry(null, 'house', (string) $salon->id, "house style: $words", $before, $after)],
            allCards: true,
        );
    }

    /** @throws InvalidInput for less than the books of the house have to be kept */
    private static function years(int $years): int
    {
        return 1 === $years
            ? throw InvalidInput::at('keep_gone_years', 'must be 0, or '.RetentionRule::LEAST_YEARS.' or more')
            : $years;
    }

    /** @throws InvalidInput where visits are booked, and nobody has said that it is meant */
    private function setZone(Salon $salon, HouseForm $form, Actor $actor): void
    {
        $zone = $form->time_zone ?? $salon->timeZone;
        if ($zone === $salon->timeZone) {
            return;
        }
        $booked = Row::int(
            $this->manager
                ->getConnection()
                ->fetchOne("SELECT COUNT(*) FROM booking WHERE salon_id = ? AND state = 'booked' AND day >= ?", [
                    $salon->id->toBinary(),
                    $this->scope->today($actor)->format('Y-m-d'),
                ]),
        );
        if (0 < $booked && !$form->zone_meant) {
            $visits = 1 === $booked ? 'one visit is booked and keeps its' : "$booked visits are booked and keep their";
            throw InvalidInput::at('time_zone', "is another: $visits hour on the wall. Say that this is meant");
        }
        $salon->timeZone = $zone;
    }

    /** @return array<string, string> */
    private static function plain(Salon $salon): array
    {
        return [
            'mat_limit' => (string) $salon->matLimit,
            'vaccination' => $salon->asksForVaccination ? 'asked' : 'not asked',
            'lifting' => (string) $salon->liftKg,
            'reminder' => (string) $salon->remindDays,
            'hemisphere' => $salon->hemisphere->value,
            'time_zone' => $salon->timeZone,
            'language' => $salon->language,
            'units' => $salon->units,
            'messages_kept' => (string) $salon->keepMessagesMonths,
            'homes_kept' => (string) $salon->keepGoneYears,
            'styles' => implode(', ', array_column($salon->styles, 'name')),
        ] +
            $salon->schools +
            SchoolTable::defaults();
    }
}
