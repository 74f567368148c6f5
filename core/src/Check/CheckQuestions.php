<?php

/** What is asked again in a hands-on check, since it can hardly be so. */

declare(strict_types=1);

namespace KeenThistle\Core\Check;

use KeenThistle\Core\Input\Fields;
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
                'message' => \sprintf(
                    '%s kg now, %s kg last time. Is that so? If it is, the owner and a vet should know.',
                    $kg,
                    $kgBefore,
                ),
            ];
        }
        $claws = $in->objectOrNull('claws');
        $extra = 0;
        foreach (ZoneTable::FEET as $foot) {
            $n = \count($claws?->texts($foot) ?? []);
            if ($n > 0 && $n < 4) {
                $out[] = [
                    'field' => "claws.$foot",
                    'message' => \sprintf(
                        '%d claws on the %s foot. Missing ones are noted as missing.',
                        $n,
                        str_replace('_', ' ', $foot),
                    ),
                ];
            }
            $extra += max(0, $n - 4);
        }
        if ($extra > $dewclaws) {
            $out[] = [
                'field' => 'claws',
                'message' => \sprintf('%d dewclaws here, %d on the card. Which is right?', $extra, $dewclaws),
            ];
        }
        $skin = $in->texts('skin');
        if (\in_array('clear', $skin, true) && \count($skin) > 1) {
            $out[] = ['field' => 'skin', 'message' => 'Skin is clear and is not. Which?'];
        }
        $ears = $in->objectOrNull('ears');
        foreach (['left', 'right'] as $side) {
            $found = $ears?->texts($side) ?? [];
            if (\in_array('clean', $found, true) && \count($found) > 1) {
                $out[] = ['field' => "ears.$side", 'message' => ucfirst($side).' ear is clean and is not. Which?'];
            }
        }
        if (!$in->bool('owner_cut') && '' !== $in->text('owner_cut_where')) {
            $out[] = ['field' => 'owner_cut', 'message' => 'A place is named where the owner cut. Did the owner cut?'];
        }

        return $out;
    }
}
