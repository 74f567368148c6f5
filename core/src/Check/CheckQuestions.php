<?php

/** What is asked again in a hands-on check, since it can hardly be so. */

declare(strict_types=1);

namespace KeenThistle\Core\Check;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Say\Say;
use KeenThistle\Core\Zone\ZoneTable;

final class CheckQuestions
{
    private function __construct()
    {
    }

    /** @return list<array{field: string, message: string}> */
    public static function of(Fields $in, ?float $kgBefore, int $dewclaws): array
    {
        $out = [];
        $kg = $in->floatOrNull('kg');
        if (null !== $kg && null !== $kgBefore && ($kg >= 1.5 * $kgBefore || $kg <= $kgBefore / 1.5)) {
            $out[] = [
                'field' => 'kg',
                'message' => Say::it('check.kg_now_kg_last_time_is', $kg, $kgBefore),
            ];
        }
        $claws = $in->objectOrNull('claws');
        $extra = 0;
        foreach (ZoneTable::FEET as $foot) {
            $n = \count($claws?->texts($foot) ?? []);
            if ($n > 0 && $n < 4) {
                $out[] = [
                    'field' => "claws.$foot",
                    'message' => Say::it('check.claws_on_the_foot_missing_ones', $n, str_replace('_', ' ', $foot)),
                ];
            }
            $extra += max(0, $n - 4);
        }
        if ($extra > $dewclaws) {
            $out[] = [
                'field' => 'claws',
                'message' => Say::it('check.dewclaws_here_on_the_card_which', $extra, $dewclaws),
            ];
        }
        $skin = $in->texts('skin');
        if (\in_array('clear', $skin, true) && \count($skin) > 1) {
            $out[] = ['field' => 'skin', 'message' => Say::it('check.skin_is_clear_and_is_not')];
        }
        $ears = $in->objectOrNull('ears');
        foreach (['left', 'right'] as $side) {
            $found = $ears?->texts($side) ?? [];
            if (\in_array('clean', $found, true) && \count($found) > 1) {
                $out[] = [
                    'field' => "ears.$side",
                    'message' => Say::it('check.ear_is_clean_and_is_not', ucfirst($side)),
                ];
            }
        }
        if (!$in->bool('owner_cut') && '' !== $in->text('owner_cut_where')) {
            $out[] = ['field' => 'owner_cut', 'message' => Say::it('check.a_place_is_named_where_the')];
        }

        return $out;
    }
}
