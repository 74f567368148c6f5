<?php

/** The tables that a comb test is looked up in without a signal: each place, each finding, by itself. */

declare(strict_types=1);

namespace KeenThistle\Away;

use KeenThistle\Arrival\Arrival;
use KeenThistle\Arrival\KnownOfDogReader;
use KeenThistle\Arrival\TodayReader;
use KeenThistle\Arrival\TodayRowView;
use KeenThistle\Core\Matting\Decision;
use KeenThistle\Core\Matting\Mat;
use KeenThistle\Core\Matting\Severity;
use KeenThistle\Core\Timing\MinutesRule;
use KeenThistle\Core\Today\Agreement;
use KeenThistle\Core\Today\Row;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Core\Zone\ZoneTable;
use KeenThistle\Recipe\RecipeView;
use KeenThistle\Staff\Actor;
use KeenThistle\Table\GroomToday;

final readonly class FoundTable
{
    /** Minutes on mats up to which price and length of the visit are shipped. */
    private const MINUTES = 120;

    public function __construct(private TodayReader $today, private KnownOfDogReader $known)
    {
    }

    /** @return array{list<FoundView>, list<ClippedView>, list<string>} findings, clipped zones, texts */
    public function of(Actor $actor, Arrival $arrival): array
    {
        $found = $clipped = $rows = $texts = [];
        $number = static function (string $text) use (&$texts): int {
            return $texts[$text] ??= \count($texts);
        };
        $known = $this->known->of($actor, $arrival);
        foreach ($this->today->alone($actor, $arrival, self::mats($arrival)) as [$decision, $row]) {
            $mat = $decision->mat;
            $cut = $decision->under?->leaves();
            $clips = Decision::Clip === $decision->decision && null !== $row && 'mat' === $row->from;
            $key = "{$mat->zone->id} {$decision->under?->blade} $row?->why";
            if ($clips && !isset($clipped[$key])) {
                $clipped[$key] = \count($rows);
                $rows[] = self::clipped($row, $known->filledBack($row, $arrival));
            }
            $found[] = new FoundView(
                $mat->zone->id,
                $mat->severity,
                $mat->hasClearance(),
                $mat->spread,
                $mat->isAsTaken(),
                $decision->decision->value,
                $number($decision->words()),
                $number($decision->forOwner()),
                $decision->under?->blade,
                $cut?->rounded(),
                round($decision->minutes, 1),
                round($decision->workedOut, 1),
                round($mat->load(), 2),
                $clips ? $known->fillBack($mat->zone->id, $cut, $arrival) : null,
                $clips ? $clipped[$key] : null,
            );
        }

        return [$found, $rows, array_map(strval(...), array_keys($texts))];
    }

    /** @return list<AtMinutesView> */
    public function minutes(Actor $actor, Arrival $arrival): array
    {
        $today = $this->today->ifAgreed($actor, $arrival, new Agreement('patches', signed: true), false);
        $work = $this->known
            ->of($actor, $arrival)
            ->work($arrival, TodayReader::kg($arrival) ?? TodayReader::KG_UNKNOWN, $today);
        $rule = new MinutesRule();
        $out = [];
        for ($m = 0; $m <= self::MINUTES; ++$m) {
            $minutes = $rule->estimate($work->withMatting($m));
            $out[] = new AtMinutesView($m, round($minutes->likely, 1), $minutes->slot, $minutes->price);
        }

        return $out;
    }

    /** @return iterable<Mat> every finding at every place */
    private static function mats(Arrival $arrival): iterable
    {
        foreach (array_diff(ZoneTable::ids(), $arrival->dog->absentZones()) as $id) {
            $zone = Zone::of($id);
            foreach (Severity::all() as $severity) {
                foreach (null === $severity->spread ? [0.0] : Severity::SPREADS as $spread) {
                    foreach ($severity->asksClearance ? [true, false] : [$severity->passes] as $clearance) {
                        yield new Mat($zone, $severity->id, $spread, $clearance);
                    }
                }
            }
        }
    }

    private static function clipped(Row $row, ?string $fillBack): ClippedView
    {
        $recipe = null === $row->tool ? null : GroomToday::recipe($row, null, null);

        return new ClippedView(
            TodayRowView::of($row, $row->exception ? $fillBack : null),
            null === $recipe ? null : RecipeView::of($recipe),
            $row->finished?->rounded(),
        );
    }
}
