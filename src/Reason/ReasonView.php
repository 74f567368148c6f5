<?php

/** One term of a figure: answers "why?". A response record. */

declare(strict_types=1);

namespace KeenThistle\Reason;

use OpenApi\Attributes as OA;

#[OA\Schema(
    required: ['term', 'value', 'unit', 'source'],
    properties: [
        new OA\Property('term', type: 'string'),
        new OA\Property('value', oneOf: [new OA\Schema(type: 'number'), new OA\Schema(type: 'string')]),
        new OA\Property('unit', type: 'string'),
        new OA\Property('source', type: 'string'),
        new OA\Property('visit', type: 'string'),
    ],
)]
final class ReasonView
{
}
