<?php

/**
 * What a coat usually carries on a zone nobody has planned. Exists for the drawing, so that an unplanned dog is not
 * bald.
 */

declare(strict_types=1);

namespace KeenThistle\Core\Coat;

use KeenThistle\Core\Zone\Zone;

final class NaturalLength
{
    private function __construct()
    {
    }

    /** mm; a picture, not a measurement. */
    public static function mm(CoatType $coat, Zone $zone): float
    {
        $body = match ($coat) {
            CoatType::Hairless => 0.0,
            CoatType::Smooth => 12.0,
            CoatType::ShortDouble => 32.0,
            CoatType::LongDouble => 60.0,
            CoatType::Wire => 40.0,
            CoatType::Feathered => 35.0,
            CoatType::SlowFineLong => 55.0,
            CoatType::Corded => 90.0,
            CoatType::Curly, CoatType::WavySingle, CoatType::SilkyDrop => 55.0,
        };
        $furnished = $coat->growsOverTheFace();
        $share = match (true) {
            \in_array(
                $zone->id,
                [
                    'muzzle',
                    'lips',
                    'stop',
                    'brow',
                    'fringe',
                    'skull',
                    'beard',
                    'cheek_left',
                    'cheek_right',
                    'inner_eye_left',
                    'inner_eye_right',
                ],
                true,
            ) => $furnished ? 0.6 : 0.12,
            str_starts_with($zone->id, 'ear_') => $furnished || CoatType::Feathered === $coat ? 0.9 : 0.2,
            \in_array($zone->group, ['feet'], true) => $furnished ? 0.5 : 0.2,
            \in_array(
                $zone->id,
                ['foreleg_left', 'foreleg_right', 'hock_left', 'hock_right', 'elbow_left', 'elbow_right'],
                true,
            ) => $furnished ? 0.9 : 0.3,
            \in_array(
                $zone->id,
                [
                    'chest',
                    'breeches_left',
                    'breeches_right',
                    'tail_flag',
                    'tail_root',
                    'front_feather_left',
                    'front_feather_right',
                    'throat',
                ],
                true,
            ) => $coat->isDouble() || CoatType::Feathered === $coat ? 1.3 : 1.0,
            'sanitary' === $zone->group => 0.5,
            default => 1.0,
        };

        return round($body * $share, 1);
    }
}
