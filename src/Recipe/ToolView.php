<?php

/** A blade or guard. A response record. */

declare(strict_types=1);

namespace KeenThistle\Recipe;

use OpenApi\Attributes as OA;

#[OA\Schema(
    required: ['kind'],
    properties: [
        new OA\Property('kind', type: 'string'),
        new OA\Property('label', type: 'string'),
        new OA\Property('mm', type: 'number'),
        new OA\Property('base', type: 'string'),
    ],
)]
final class ToolView
{
}
