<?php

/**
 * Asks the core what follows from an arrival: mats, ways to go on, handling, who can take it. Holds no rule of its
 * own.
 */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Book\DogView;
use KeenThistle\Book\StandingCautions;
use KeenThistle\Core\Check\CheckRule;
use KeenThistle\Core\Check\HandsOn;
use KeenThistle\Core\Check\HygieneSeen;
use KeenThistle\Core\Handling\SkillCheck;
use KeenThistle\Core\Matting\Decision;
use KeenThistle\Core\Matting\MattingAnswer;
use KeenThistle\Core\Matting\UsualPlaces;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Today\Agreement as Agreed;
use KeenThistle\Core\Today\Row;
use KeenThistle\Core\Today\Today;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Diary\Bookings;
use KeenThistle\Handling\HandlingRecord;
use KeenThistle\Handling\HandlingView;
use KeenThistle\Owner\OwnerLink;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Staff;
use Symfony\Component\Clock\ClockInterface;

final readonly class ArrivalAnswers
{
    public function __construct(
        private ArrivalRows $rows,
        private KnownOfDogReader $bases,
        private TodayReader $today,
        private Seal $seal,
        private Bookings $bookings,
        private ClockInterface $clock,
    ) {
    }

    /** What follows from the comb test alone; asked at every tap. */
    public function comb(Actor $actor, Arrival $arrival): CombView
    {
        $basis = $this->bases->of($actor, $arrival);
        $kg = TodayReader::kg($arrival);
        $way = fn (Agreed $agreed, bool $saves): Today => $this->today->ifAgreed($actor, $arrival, $agreed, $saves);
        $reckoned = $way(new Agreed('patches', signed: true), false);
        $answer = $reckoned->mats;
        $options = (new Options($arrival, $basis, $kg ?? TodayReader::KG_UNKNOWN, $way))->of($reckoned);
        $open = array_map(static fn (OptionView $o): string => $o->choice, $options);
        $skin = [];
        foreach ($arrival->comb['zones'] as $z) {
            if (null !== $z['skin']) {
                $skin[Zone::of($z['zone'])->label] = $z['skin'];
            }
        }
        $unweighed =
            null === $kg
                ? [
                    [
                        'field' => 'kg',
                        'message' => \sprintf(
                            'Nobody has weighed this dog: reckoned as %s kg. What does it weigh?',
                            TodayReader::KG_UNKNOWN,
                        ),
                    ],
                ]
                : [];

        return new CombView(
            $arrival->combVersion,
            $arrival->comb['stops_first'],
            $arrival->comb['stops_second'],
            round($answer->load, 1),
            round($answer->worked, 1),
            round($answer->limit, 1),
            round($answer->tenderLimit, 1),
            $this->zones($answer, $arrival, $basis),
            null === $answer->even ? null : round($answer->even['mm'], 1),
            $answer->evenOnConsent,
            Reason::listToArray($answer->reasons),
            Caution::listToArray($answer->cautions),
            $answer->consent,
            [...$answer->questions, ...$unweighed],
            Caution::listToArray((new CheckRule())->skinUnder($skin)),
            \in_array($arrival->choice, $open, true) ? $arrival->choice : Arrival::CHOICES[0],
            $options,
        );
    }

    public function of(Actor $actor, Arrival $arrival): ArrivalView
    {
        $dog = $arrival->dog;
        $comb = $this->comb($actor, $arrival);
        $records = $this->rows->handling($arrival);
        $findings = (new CheckRule())->findings(
            ArrivalFindings::checked($arrival),
            $dog->kg,
            $dog->dewclaws,
            $dog->salon->asksForVaccination,
        );
        [$last, $trend] = $this->rows->before($actor, $arrival);
        $agreements = $this->rows->agreements($arrival);
        $intact = $this->seal->holds($agreements);
        $known = $this->bases->of($actor, $arrival);
        $prices = $arrival->salon->pricesOn($arrival->day);
        $now = $known->now;
        $expected = [];
        foreach (HandsOn::REFERENCE as $zone) {
            if (isset($now[$zone])) {
                $expected[$zone] = $now[$zone]->rounded();
            }
        }

        return new ArrivalView(
            (string) $arrival->id,
            DogView::of($dog, $actor->may(May::PHONE)),
            $arrival->day->format('Y-m-d'),
            $arrival->kind->value,
            $arrival->extras,
            $prices->extras,
            $prices->terms()->words($arrival->salon->currency),
            $this->bookings->told($actor, $dog, $arrival->day),
            $arrival->state,
            $arrival->staff->name,
            $comb,
            TodayView::of(
                $this->today->of($actor, $arrival),
                static fn (Row $r): ?string => $known->filledBack($r, $arrival),
            ),
            $arrival->checkVersion,
            (object) $arrival->handsOn,
            (object) $expected,
            StandingCautions::of($dog),
            Caution::listToArray($findings->cautions),
            HygieneSeen::rear(ArrivalFindings::checked($arrival)),
            $findings->stop,
            $findings->refer,
            $findings->questions,
            $trend,
            $dog->salon->matLimit,
            array_values(array_diff(UsualPlaces::ORDER, $dog->absentZones())),
            (object) $last,
            array_map(HandlingView::of(...), $records, $this->bases->handling($actor, $arrival, $records)),
            $this->assignments($actor, $arrival, $records),
            array_map(fn (Agreement $a): AgreementView => $this->agreementView($a, $arrival, $intact), $agreements),
            $this->rows->photos($actor, $arrival),
        );
    }

    /** @return list<MatView> */
    private function zones(MattingAnswer $answer, Arrival $arrival, KnownOfDog $basis): array
    {
        $given = array_column($arrival->comb['zones'], null, 'zone');
        $out = [];
        foreach ($answer->zones as $z) {
            $id = $z->mat->zone->id;
            $cut = $z->under?->leaves();
            $out[] = new MatView(
                $id,
                $z->mat->severity,
                $given[$id]['spread'] ?? null,
                $z->mat->clearance,
                $given[$id]['skin'] ?? null,
                $z->mat->overrule?->value,
                $z->mat->why,
                $z->decision->value,
                $z->words(),
                $z->forOwner(),
                $z->under?->blade,
                $cut?->rounded(),
                $z->under->experienced ?? [],
                $z->under?->refer,
                round($z->minutes, 1),
                round($z->workedOut, 1),
                $z->mat->zone->tender,
                Decision::Clip === $z->decision ? $basis->fillBack($id, $cut, $arrival) : null,
                Reason::listToArray($z->reasons()),
            );
        }

        return $out;
    }

    /**
     * @param list<HandlingRecord> $records
     *
     * @return list<AssignmentView>
     */
    private function assignments(Actor $actor, Arrival $arrival, array $records): array
    {
        $tasks = array_map(static fn (HandlingRecord $r): array => [$r->tool, $r->tolerance, null], $records);
        $me = (string) $actor->staff;
        $check = new SkillCheck();
        $offered = array_values(
            array_filter(
                $this->rows->tableStaff(),
                static fn (Staff $s): bool => null === $check->refuses($s->role->value, $arrival->kind, null),
            ),
        );

        return array_map(static function (Staff $s) use ($check, $tasks, $me): AssignmentView {
            $one = $check->one($s->name, $s->confidence, $tasks);

            return new AssignmentView(
                $s->name,
                (string) $s->id === $me,
                $one['fits'],
                $one['second_person'],
                $one['flags'],
            );
        }, $offered);
    }

    private function agreementView(Agreement $a, Arrival $arrival, bool $intact): AgreementView
    {
        $terms = json_decode($a->terms, true);
        $terms = \is_array($terms) ? $terms : [];
        $current =
            ($terms['comb_version'] ?? null) === $arrival->combVersion
            && ($terms['check_version'] ?? null) === $arrival->checkVersion
            && ($terms['kind'] ?? 'full') === $arrival->kind->value
            && ($terms['extras'] ?? []) === array_column($arrival->extras, 'name')
            && ($terms['choice'] ?? null) === $arrival->choice;

        return new AgreementView(
            (string) $a->id,
            $a->number,
            $a->agreed,
            $a->signedBy,
            $a->at->format('Y-m-d\TH:i:s\Z'),
            $a->staff->name,
            \is_string($terms['choice'] ?? null) ? $terms['choice'] : '',
            OwnerLink::isOpen($a->linkUntil, $this->clock->now()) ? "/agreement/$a->token" : null,
            $a->linkUntil?->format('Y-m-d'),
            $intact,
            $current,
        );
    }
}
