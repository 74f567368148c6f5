<?php

/** What the hands-on check and the comb test found, as today's list takes it. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Core\Check\CheckFindings;
use KeenThistle\Core\Check\HandsOn;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Today\Finding;

final class ArrivalFindings
{
    private function __construct()
    {
    }

    /** @return list<Finding> */
    public static function of(Arrival $arrival): array
    {
        $skin = [];
        foreach ($arrival->comb['zones'] as $z) {
            if (null !== $z['skin']) {
                $skin[$z['zone']] = $z['skin'];
            }
        }

        return CheckFindings::of(self::checked($arrival), $skin);
    }

    /** The check as its shape reads it. */
    public static function checked(Arrival $arrival): Fields
    {
        return HandsOn::shape()->fields(
            (object) json_decode(json_encode($arrival->handsOn, \JSON_THROW_ON_ERROR), false, 32, \JSON_THROW_ON_ERROR),
        );
    }
}
