<?php

/** What is really done today, zone by zone: what was found and agreed outranks the card, and says why. */

declare(strict_types=1);

namespace KeenThistle\Core\Today;

use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Length\BladeTable;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Length\LengthRule;
use KeenThistle\Core\Length\Recipe;
use KeenThistle\Core\Length\Tool;
use KeenThistle\Core\Matting\Decision;
use KeenThistle\Core\Matting\Mat;
use KeenThistle\Core\Matting\MattingRule;
use KeenThistle\Core\Matting\ZoneDecision;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Say\Say;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Core\Zone\ZoneTable;

final readonly class TodayRule
{
    /** Up to this share of the body a groomer goes on without a signature. */
    private const ASKS_FROM = 0.05;
    private const EPSILON = 1e-9;

    public function __construct(private LengthRule $lengths = new LengthRule())
    {
    }

    public function of(Facts $facts): Today
    {
        $comb = $this->comb($facts);
        $rule = self::matting($facts);
        $mats = $rule->reckon($comb);
        $decisions = [];
        foreach ($mats->zones as $z) {
            $decisions[$z->mat->zone->id] = $z;
        }
        $rows = [];
        foreach (ZoneTable::all() as $id => $zone) {
            $row = $this->row($facts, $zone, $decisions[$id] ?? null);
            if (null !== $row) {
                $rows[$id] = $row->beside($facts->plan[$id] ?? null);
            }
        }
        // Where one even length goes over them, mats are clipped and not worked out.
        $evened = array_keys(
            array_filter($rows, static fn (Row $r): bool => 'agreement' === $r->from && null !== $r->tool),
        );
        $mats = [] === $evened ? $mats : $rule->reckon($comb, $evened);
        [$rows, $asks] = self::waiting($facts, $rows);
        if (!$facts->clipReady) {
            $rows = array_map(
                static fn (Row $r): Row => Row::PLANNED === $r->state && true === $r->tool?->isGuard()
                    ? $r->inState(Row::WAITS_FOR_DRY, Say::it('today.guards_wait_for_bone_dry'))
                    : $r,
                $rows,
            );
        }
        $differs = \count(array_filter($rows, static fn (Row $r): bool => $r->differs()));

        return new Today(
            $rows,
            $mats,
            $facts->stop(),
            $differs,
            $asks,
            self::notes($facts),
            self::dry($facts),
            max($mats->visits(), $facts->clipReady ? 1 : 2, [] === ($facts->agreement->later ?? []) ? 1 : 2),
        );
    }

    /**
     * What one finding comes to by itself: what a screen looks up while no salon can be asked. Limits over several
     * places are not in it, so that together never less is clipped than alone.
     *
     * @return array{ZoneDecision, Row|null} what is decided there, and how the zone then stands on today's list
     */
    public function alone(Facts $facts, Mat $mat): array
    {
        $mat = $this->asPlanned($facts, $mat);
        $decision = self::matting($facts)->reckon([$mat])->zones[0];
        $row = $this->row($facts, $mat->zone, $decision)?->beside($facts->plan[$mat->zone->id] ?? null);

        return [$decision, $row];
    }

    private static function matting(Facts $facts): MattingRule
    {
        return new MattingRule(
            $facts->kg,
            $facts->handling,
            $facts->coat,
            $facts->handStripped,
            $facts->matRate,
            $facts->clipsEarly,
            $facts->experienced,
        );
    }

    /**
     * What the comb found, without what waits for a later visit: felt and what no comb passes is not put off.
     *
     * @return list<Mat>
     */
    private function comb(Facts $facts): array
    {
        $later = $facts->agreement->later ?? [];
        $today = [];
        foreach ($facts->comb as $mat) {
            if (!isset($later[$mat->zone->id]) || 4 === $mat->severity || self::isTight($mat)) {
                $today[] = $this->asPlanned($facts, $mat);
            }
        }

        return $today;
    }

    private function asPlanned(Facts $facts, Mat $mat): Mat
    {
        $wanted = $facts->wanted($mat->zone->id);

        return $mat->plannedAs(
            null === $wanted ? null : $this->lengths->actual($wanted->recipe, $mat->zone)->finished,
            $wanted?->recipe->tool->kind,
        );
    }

    private static function isTight(Mat $mat): bool
    {
        return 3 === $mat->severity && !$mat->hasClearance();
    }

    /** The first that applies; null where nothing is planned, found or clipped. */
    private function row(Facts $facts, Zone $zone, ?ZoneDecision $mat): ?Row
    {
        $wanted = $facts->wanted($zone->id);
        $stops = self::stopsAt($facts, $zone);
        $clips = Decision::Clip === $mat?->decision;
        $done = $facts->done[$zone->id] ?? null;
        if (null !== $done) {
            return $this->asWanted($facts, $zone, $done, 'hand', Row::DONE);
        }
        if (null === $wanted && !$clips && (null === $stops || !$stops->kind->stopsHere())) {
            return null;
        }
        $whole = $facts->stop();
        if (null !== $whole || null !== $stops) {
            $kind = ($whole ?? $stops)->kind;

            return self::nothing($zone, 'finding', Row::NOT_TOUCHED, $kind->value, $kind->words(), $kind->words());
        }
        $row = match (true) {
            $clips && null !== $mat && !self::isEvenedShorter($facts, $mat) => $this->clipped($zone, $mat),
            default => $this->agreed($facts, $zone, $wanted),
        };

        return $this->borne($facts, $zone, $mat, $row) ?? $row;
    }

    /** Whether an agreed even length takes a zone shorter than the blade under its mat: one length, no patches. */
    private static function isEvenedShorter(Facts $facts, ZoneDecision $mat): bool
    {
        $blade = 'even' === $facts->agreement?->choice ? $facts->agreement->blade : null;
        $under = $mat->under?->leaves();
        $zone = $mat->mat->zone->id;

        return null !== $blade
            && null !== $under
            && null !== $facts->wanted($zone)
            && \in_array($zone, $facts->agreement->zones, true)
            && BladeTable::residual($blade)->shorterThan($under);
    }

    /** A finding at this zone that leaves it alone. */
    private static function stopsAt(Facts $facts, Zone $zone): ?Finding
    {
        foreach ($facts->findings as $f) {
            $here = null !== $f->zone && $f->zone->id === $zone->id;
            if ($here && $f->kind->stopsHere()) {
                return $f;
            }
            foreach ($f->kind->spares() as $start) {
                $side = null === $f->zone || '' === $f->zone->side || $f->zone->side === $zone->side;
                if (str_starts_with($zone->id, $start) && $side) {
                    return $f;
                }
            }
        }

        return null;
    }

    /** Handling in that place: put off, or done with something else where no mat is clipped. */
    private function borne(Facts $facts, Zone $zone, ?ZoneDecision $mat, Row $row): ?Row
    {
        if (null === $row->tool) {
            return null;
        }
        foreach ($facts->refusals as $r) {
            if ($r->zone->id !== $zone->id || !$r->isAbout($row->tool)) {
                continue;
            }
            if ($r->defers) {
                $felt = 4 === $mat?->mat->severity;

                return self::nothing(
                    $zone,
                    'handling',
                    Row::DEFERRED,
                    'handling',
                    Say::it('today.does_not_bear_it_put_off', $r->tool->label()),
                    $felt ? Say::it('today.a_vet_within_days_under_sedation') : null,
                );
            }
            if ('mat' !== $row->from) {
                $instead = $r->substitute();

                return new Row(
                    $zone,
                    $instead,
                    $instead->hasLength() ? Lay::With : null,
                    'handling',
                    Row::PLANNED,
                    false,
                    'do_not_repeat',
                    'handling',
                    Say::it('today.does_not_bear_it_instead', $r->tool->label(), $instead->words()),
                    $r->leaves ?? $this->lengths->actual(new Recipe($instead), $zone)->finished,
                );
            }
        }

        return null;
    }

    private function clipped(Zone $zone, ZoneDecision $mat): Row
    {
        $tool = $mat->under?->tool();
        if (null === $tool) {
            return self::nothing($zone, 'mat', Row::DEFERRED, 'forced_by_mat', $mat->why(), $mat->under?->refer);
        }

        return new Row(
            $zone,
            $tool,
            Lay::With,
            'mat',
            Row::PLANNED,
            true,
            'do_not_repeat',
            'forced_by_mat',
            $mat->why(),
            $mat->under?->leaves(),
            share: $mat->mat->matted(),
        );
    }

    /** An agreed even length where the plan is longer, a later visit, or as it is wanted. */
    private function agreed(Facts $facts, Zone $zone, ?Wanted $wanted): Row
    {
        $agreement = $facts->agreement;
        if (null === $wanted) {
            throw new \LogicException('A zone without a clip or a plan has no row.');
        }
        $planned = $this->lengths->actual($wanted->recipe, $zone)->finished;
        if (
            null !== $agreement
            && 'even' === $agreement->choice
            && null !== $agreement->blade
            && \in_array($zone->id, $agreement->zones, true)
        ) {
            $even = BladeTable::residual($agreement->blade);
            if (null === $planned || $even->shorterThan($planned)) {
                return new Row(
                    $zone,
                    Tool::blade($agreement->blade),
                    Lay::With,
                    'agreement',
                    Row::PLANNED,
                    true,
                    $agreement->carry,
                    'owner_wish',
                    Say::it('today.one_even_length_agreed', $even->rounded()),
                    $even,
                    share: $zone->share(),
                );
            }
        }
        $date = $agreement->later[$zone->id] ?? null;
        if (null !== $date) {
            return self::nothing(
                $zone,
                'agreement',
                Row::DEFERRED,
                'agreement',
                Say::it('today.agreed_for_a_later_visit', Say::day(new \DateTimeImmutable($date))),
                null,
                $date,
            );
        }

        return $this->asWanted($facts, $zone, $wanted, $facts->source($zone->id), Row::PLANNED);
    }

    private function asWanted(Facts $facts, Zone $zone, Wanted $wanted, string $from, string $state): Row
    {
        $tool = $wanted->recipe->tool;
        $card = $facts->plan[$zone->id] ?? null;

        return new Row(
            $zone,
            $tool,
            $tool->hasLength() ? $wanted->recipe->lay : null,
            $from,
            $state,
            $wanted->exception,
            $wanted->carry,
            $wanted->reason,
            match (true) {
                Row::DONE === $state => Say::it('today.done_already'),
                'hand' === $from => Say::it('today.changed_by_hand'),
                'last' === $from => Say::it('today.kept_as_last_time'),
                null !== $card && !$wanted->isAs($card) => Say::it('today.changed_by_hand'),
                default => Say::it('today.as_on_the_card'),
            },
            $this->lengths->actual($wanted->recipe, $zone)->finished,
        );
    }

    private static function nothing(
        Zone $zone,
        string $from,
        string $state,
        string $reason,
        string $why,
        ?string $refer = null,
        ?string $date = null,
    ): Row {
        return new Row($zone, null, null, $from, $state, false, 'repeat', $reason, $why, null, $refer, $date);
    }

    /**
     * What no signature covers waits, once it comes to more than a little, or shortens a coat that may not come back;
     * small patches in tender places go on whatever the rest comes to.
     *
     * @param array<string, Row> $rows
     *
     * @return array{array<string, Row>, float} and the share of the body that waits
     */
    private static function waiting(Facts $facts, array $rows): array
    {
        $open = array_filter(
            $rows,
            static fn (Row $r): bool => Row::PLANNED === $r->state
                && \in_array($r->from, ['mat', 'agreement'], true)
                && true !== $facts->agreement?->covers($r->zone->id, $r->finished),
        );
        $precious = $facts->coat->isDouble() || CoatType::SlowFineLong === $facts->coat;
        $shortens = $precious && [] !== array_filter($open, static fn (Row $r): bool => !$r->zone->tender);
        if (!$shortens && self::share($open) <= self::ASKS_FROM + self::EPSILON) {
            return [$rows, 0.0];
        }
        $tender = array_filter($open, static fn (Row $r): bool => 'mat' === $r->from && $r->zone->tender);
        $waits = self::share($tender) <= self::ASKS_FROM + self::EPSILON ? array_diff_key($open, $tender) : $open;
        foreach ($waits as $id => $row) {
            $rows[$id] = $row->inState(Row::WAITS, Say::it('today.waits_for_the_owners_word', $row->why));
        }

        return [$rows, self::share($waits)];
    }

    /** @param array<string, Row> $rows */
    private static function share(array $rows): float
    {
        return array_sum(array_map(static fn (Row $r): float => $r->share, $rows));
    }

    /** @return list<Caution> */
    private static function notes(Facts $facts): array
    {
        $out = [];
        foreach ($facts->findings as $f) {
            $where = null === $f->zone ? '' : $f->zone->label.': ';
            $out[$f->kind->value.$where] = new Caution(
                $f->kind->value,
                $where.
                    $f->kind->words().
                    (null === $f->clearedBy ? '' : ' '.Say::it('today.cleared_by', $f->clearedBy)),
                match (true) {
                    $f->kind->stopsHere(), $f->kind->stopsTheVisit() => Caution::DANGER,
                    $f->kind->refers() => Caution::CAUTION,
                    default => Caution::NOTE,
                },
            );
        }
        if (!$facts->clipReady) {
            $out[] = new Caution('not_clip_ready', Say::it('today.two_visits_are_offered'));
        }

        return array_values($out);
    }

    /** @return list<string> zones that water and dryer stay away from */
    private static function dry(Facts $facts): array
    {
        $out = [];
        foreach ($facts->findings as $f) {
            if ($f->kind->staysDry() && null !== $f->zone && null === $f->clearedBy) {
                $out[$f->zone->id] = true;
            }
        }
        $later = $facts->agreement->later ?? [];
        foreach ($facts->comb as $mat) {
            if ($mat->severity >= 2 && isset($later[$mat->zone->id]) && 4 !== $mat->severity && !self::isTight($mat)) {
                $out[$mat->zone->id] = true;
            }
        }

        return array_keys($out);
    }
}
