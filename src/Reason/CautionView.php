<?php

/** A warning. A response record. */

declare(strict_types=1);

namespace KeenThistle\Reason;

use OpenApi\Attributes as OA;

#[OA\Schema(
    required: ['code', 'message', 'level'],
    properties: [
        new OA\Property('code', type: 'string'),
        new OA\Property('message', type: 'string'),
        new OA\Property('level', type: 'string', enum: ['note', 'caution', 'danger']),
    ],
)]
final class CautionView
{
}
